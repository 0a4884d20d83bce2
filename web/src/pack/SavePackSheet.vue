<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { get, type Problem } from '@/api/client'
import { said } from '@/api/said'
import type { PackHeld } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { SORTS } from '@/words/sorts'
import { packHref } from './packHref'
import { sizeWords } from './sizeWords'

/** Pages saved as a pack: those that are chosen, and those beneath them where that is wanted; what comes along is told first. */
const props = defineProps<{ pages: string[] }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const held = ref<PackHeld | null>(null)
const problem = ref<Problem | null>(null)

const beneath = computed(() => {
  const chosen = new Set(props.pages)
  // Each stands before those beneath it.
  for (const id of site.order) {
    const parent = site.rows.get(id)?.parent
    if (parent && chosen.has(parent)) chosen.add(id)
  }
  return [...chosen].filter((id) => !props.pages.includes(id))
})
const withBeneath = ref(props.pages.length === 1)
/** A branch is named by the page that it hangs from. */
const asked = computed(() =>
  props.pages.length === 1 && withBeneath.value
    ? { item: props.pages[0] }
    : { page: withBeneath.value ? [...props.pages, ...beneath.value] : props.pages },
)
const title = computed(() => {
  const first = site.rows.get(props.pages[0] ?? '')?.title ?? ''
  return props.pages.length > 1
    ? `Save ${counted(props.pages.length, 'page')} as a pack`
    : `Save “${first}” as a pack`
})
const needs = computed(() =>
  (held.value?.items ?? [])
    .filter((i) => i.sort !== 'MEDIA')
    .map((i) => counted(i.items, SORTS[i.sort].one, SORTS[i.sort].many))
    .join(', '),
)

watch(
  asked,
  async (now) => {
    const answer = await get('/api/sites/{site}/pack/held', { path: { site: site.id }, query: now })
    if (now !== asked.value) return
    held.value = answer.ok ? answer.value : null
    problem.value = answer.ok ? null : answer.problem
  },
  { immediate: true },
)
</script>

<template>
  <SheetDialog :title="title" @close="emit('close')">
    <p class="quiet">
      A pack is one file that holds the pages with all that they need: templates, patterns, kinds, pictures.
      It is brought in on another site, or kept.
    </p>
    <v-checkbox
      v-if="beneath.length"
      v-model="withBeneath"
      :label="`With ${counted(beneath.length, 'page')} beneath ${pages.length > 1 ? 'them' : 'it'}`"
    />
    <p v-if="held" class="gap">
      {{ needs
      }}<span class="quiet">
        · {{ held.files ? `${counted(held.files, 'file')}, ${sizeWords(held.bytes)}` : 'no files' }}</span
      >
    </p>
    <p v-if="problem" class="must gap" role="alert">{{ said(problem) }}</p>
    <div class="row-flex foot">
      <v-btn
        v-focus
        class="yes"
        :disabled="!held"
        :href="packHref(site.id, asked)"
        download
        @click="emit('close')"
        >Save the pack</v-btn
      >
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>
