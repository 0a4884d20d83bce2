<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import WordOf from '@/help/WordOf.vue'
import { get, question } from '@/api/client'
import type { Trial } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { templateSheet } from '@/galley/Sheet'
import WrittenScreen from '@/galley/WrittenScreen.vue'
import TemplateStrip from './TemplateStrip.vue'
import type { Copies } from '@/api/types'
import { useCopies } from '@/site/useCopies'
import { useTemplate } from './useTemplate'

const site = useSite()
const route = useRoute()
const id = computed(() => String(route.params.template ?? ''))
const copies = useCopies(
  computed(() =>
    question('/api/sites/{site}/templates/{id}/copies', { path: { site: site.id, id: id.value } }),
  ),
)
/** The page on whose content it is looked at. */
const on = ref('')
const { template, html, problem } = useTemplate(id, on)
const sheet = computed(() => templateSheet(template.value, on.value))
watch(id, () => (on.value = ''))
/** The kind for which it is the usual one, else one that may wear it: its pages try it hardest. */
const kind = computed(() => {
  const kinds = template.value?.kinds ?? []
  return kinds.find((k) => k.usual) ?? kinds.find((k) => k.allowed)
})
const trials = ref<Trial[]>([])
watch(
  () => kind.value?.id,
  async (of) => {
    const answer = of
      ? await get('/api/sites/{site}/kinds/{kind}/extremes', { path: { site: site.id, kind: of } })
      : null
    trials.value = answer?.ok ? answer.value : []
  },
  { immediate: true },
)
/** What it may be looked at with: made-up content, its kind's hard pages, and each page that wears it. */
const contents = computed(() => [
  { value: '', title: 'made-up content' },
  ...trials.value.map((t) => ({
    value: t.page,
    title: `${t.what}: ${t.title}`,
    group: `Hard ones of ${kind.value?.name}`,
  })),
  ...(template.value?.wearing ?? [])
    .filter((p) => !trials.value.some((t) => t.page === p.id))
    .map((p) => ({ value: p.id, title: p.title, group: 'Pages that wear it' })),
])
/** How the copies there are stand to their starter sections, and the pages' own sections beside them. */
function standing({ inStep, behind, adapted, own, lacking, without }: Copies): string {
  const copied = inStep + behind + adapted
  const copies = copied ? `${inStep} copies in step, ${behind} behind, ${adapted} adapted` : 'no copies yet'
  const lack = lacking ? `; ${counted(lacking, 'page lacks', 'pages lack')} what is new here` : ''
  const gone = without ? `; ${counted(without, 'page goes', 'pages go')} without one of them` : ''
  return `${copies}${lack}${gone}; beside them stand ${counted(own, 'section')} of the pages’ own`
}
</script>

<template>
  <WrittenScreen :id="id" noun="template" :sheet="sheet" :html="html" :problem="problem">
    <template #strip>
      <TemplateStrip v-if="template" :template="template" :waiting="copies?.waiting ?? 0" />
    </template>
    <template #reach>
      <WordOf word="fixed section"><b>Fixed</b></WordOf> sections and the
      <WordOf word="frame">frame</WordOf> change on {{ counted(template?.pages ?? 0, 'page') }} at once.
      <WordOf word="starter section"><b>Starter</b></WordOf> sections are copied into new pages<template
        v-if="copies"
        >: {{ standing(copies) }}</template
      >.
    </template>
    <template #looked>
      <span>Looked at with</span>
      <ChoiceOf v-model="on" :items="contents" label="Looked at with" />
    </template>
  </WrittenScreen>
</template>
