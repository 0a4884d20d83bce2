<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Coming, LineMove } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import ForeseenWords from '@/together/ForeseenWords.vue'

/**
 * What comes of a move, before it is made: addresses, what will lead on, lines of menus that can go along, and the rule that it breaks.
 *
 * @param why the rule of placement that doesn't allow it; empty where none does
 */
const props = defineProps<{
  title: string
  to: string
  why: string
  coming: Coming | null
  lines: LineMove[]
}>()
const emit = defineEmits<{ answer: [menus: string[] | null] }>()
const ASKED = 10
const along = ref(props.lines.map((l) => l.menu))
const sure = ref(false)
const asks = computed(() => (props.coming?.moves ?? 0) > ASKED)
const place = (above: string | null | undefined) => (above ? `beneath ${above}` : 'on the first level')
function turn(menu: string, goes: boolean | null) {
  along.value = goes ? [...along.value, menu] : along.value.filter((m) => m !== menu)
}
</script>

<template>
  <SheetDialog
    :title="`Move “${title}” ${to}`"
    form
    @submit="(!asks || sure) && emit('answer', along)"
    @close="emit('answer', null)"
  >
    <p v-if="why" class="should gap">
      ◇ Against the rules of placement: {{ why }}. Moved even so, the survey will say so of the page.
    </p>
    <ForeseenWords v-if="coming" :coming="coming" />
    <template v-for="l in lines" :key="l.menu">
      <v-checkbox
        :model-value="along.includes(l.menu)"
        :label="`In ${l.name}, its line goes along, ${place(l.to)}`"
        @update:model-value="(v) => turn(l.menu, v)"
      />
      <p class="quiet from">It stands {{ place(l.from) }} now.</p>
    </template>
    <v-checkbox v-if="asks" v-model="sure" :label="`All ${coming?.moves} pages are meant`" />
    <div class="row-flex foot">
      <v-btn v-focus type="submit" class="yes" :disabled="asks && !sure">{{
        why ? 'Move it even so' : 'Move it'
      }}</v-btn>
      <v-btn @click="emit('answer', null)">Move nothing<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.from {
  padding-left: 26px;
}
</style>
