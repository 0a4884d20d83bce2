<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import WordOf from '@/help/WordOf.vue'
import { get } from '@/api/client'
import type { Trial } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import GalleyPane from '@/galley/GalleyPane.vue'
import NarrowViews, { type View } from '@/galley/NarrowViews.vue'
import PatternTray from '@/galley/PatternTray.vue'
import ProofPane from '@/galley/ProofPane.vue'
import { templateSheet } from '@/galley/Sheet'
import { provideGalley } from '@/galley/useGalley'
import { useSiteType } from '@/site/useSiteType'
import { useGalleyKeys } from '@/galley/useGalleyKeys'
import TemplateStrip from './TemplateStrip.vue'
import type { Copies } from '@/api/types'
import { useCopies } from '@/site/useCopies'
import { useTemplate } from './useTemplate'

const site = useSite()
const route = useRoute()
const router = useRouter()
const id = computed(() => String(route.params.template))
const copies = useCopies<Copies>(computed(() => `templates/${id.value}`))
/** The page on whose content it is looked at. */
const on = ref('')
const { template, html, problem } = useTemplate(id, on)
const galley = provideGalley(
  computed(() => templateSheet(template.value, on.value)),
  ref(null),
)
const view = ref<View>('galley')
const marks = useLocalStorage('venue-marks', true)
const type = useSiteType()
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
    const answer = of ? await get<Trial[]>(`/sites/${site.id}/kinds/${of}/extremes`) : null
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
const pane = ref<InstanceType<typeof GalleyPane> | null>(null)
useGalleyKeys(
  galley,
  computed(() => pane.value?.root ?? null),
  marks,
  () => void router.push({ name: 'templates' }),
)
</script>

<template>
  <div v-if="problem?.status === 404" class="gone">
    <h1>This template is not there any more</h1>
    <p class="quiet">
      It was removed, or the address is mistyped. What was removed can be put back by whoever removed it.
    </p>
    <router-link :to="{ name: 'templates' }">Back to the templates</router-link>
  </div>
  <div v-else-if="template" class="screen" :class="`at-${view}`" :style="type">
    <TemplateStrip :template="template" :waiting="copies?.waiting ?? 0" />
    <NarrowViews v-model="view" />
    <div class="reaching">
      <p class="grow" role="status">
        <WordOf word="fixed section"><b>Fixed</b></WordOf> sections and the
        <WordOf word="frame">frame</WordOf> change on {{ counted(template.pages, 'page') }} at once.
        <WordOf word="starter section"><b>Starter</b></WordOf> sections are copied into new pages<template
          v-if="copies"
          >: {{ standing(copies) }}</template
        >.
      </p>
      <div class="looked">
        <span>Looked at with</span>
        <ChoiceOf v-model="on" :items="contents" label="Looked at with" />
      </div>
    </div>
    <div class="split halves">
      <GalleyPane ref="pane" />
      <ProofPane v-model:marks="marks" :html="html" />
    </div>
    <PatternTray v-if="galley.spot.value" />
  </div>
</template>

<style scoped>
.split {
  grid-template-columns: minmax(420px, 47%) minmax(0, 1fr);
}
.gone {
  padding: 80px;
}
</style>
