<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ThemeDetail } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { differing } from './differing'

/** Parts of another look to take into the one that is worn: only its type, only its palette. */
const props = defineProps<{ theme: ThemeDetail; look: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const chosen = ref<string[]>([])
const look = computed(() => props.theme.looks.find((l) => l.id === props.look))
const parts = computed(() => differing(props.theme.groups, props.theme.settings, look.value?.settings ?? {}))

async function take() {
  if (!chosen.value.length) return
  const answer = await site.give(
    { verb: 'take-parts', look: props.theme.id, from: props.look, parts: chosen.value },
    props.theme.id,
  )
  if (answer.ok) emit('close')
}
</script>

<template>
  <SheetDialog
    :title="`Take parts of ${look?.name}`"
    size="narrow"
    form
    @submit="take"
    @close="emit('close')"
  >
    <p class="gap">{{ theme.name }} takes them over; the rest of it stays.</p>
    <label v-for="p in parts" :key="p.key" class="row-flex part-of">
      <input v-model="chosen" type="checkbox" :value="p.key" />{{ p.label
      }}<span class="quiet">{{ counted(p.settings, 'setting') }}</span>
    </label>
    <p v-if="!parts.length" class="quiet">The two don’t differ.</p>
    <div class="row-flex foot">
      <v-btn class="yes" type="submit" :disabled="!chosen.length"
        >Take {{ counted(chosen.length, 'part') }}</v-btn
      >
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.part-of {
  padding: 3px 0;
}
</style>
