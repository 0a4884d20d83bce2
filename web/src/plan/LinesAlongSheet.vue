<script setup lang="ts">
import type { LineMove } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'

/** Asks whether a page that is moved takes its lines in menus along. */
defineProps<{ title: string; lines: LineMove[] }>()
const emit = defineEmits<{ answer: [menus: string[] | null] }>()
const place = (above: string | null | undefined) => (above ? `beneath ${above}` : 'on the first level')
</script>

<template>
  <SheetDialog title="Its line in the menu too?" size="narrow" @close="emit('answer', null)">
    <p v-for="l in lines" :key="l.menu" class="gap">
      In {{ l.name }}, “{{ title }}” stands {{ place(l.from) }}. It can go along, {{ place(l.to) }}.
    </p>
    <div class="row-flex gap ways">
      <v-btn
        v-focus
        class="ink"
        @click="
          emit(
            'answer',
            lines.map((l) => l.menu),
          )
        "
        >Move the line along</v-btn
      >
      <v-btn @click="emit('answer', [])">Leave the line where it is</v-btn>
      <v-btn @click="emit('answer', null)">Move nothing<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.ways {
  flex-wrap: wrap;
}
</style>
