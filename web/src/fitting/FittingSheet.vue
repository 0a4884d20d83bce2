<script setup lang="ts">
import type { Markup } from '@/proof/markup'
import { question } from '@/api/client'
import WordOf from '@/help/WordOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, onMounted, ref, toRef } from 'vue'
import { get } from '@/api/client'
import type { Fit, Trial, Value } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSession } from '@/session/useSession'
import { pagesOf } from '@/site/pagesOf'
import { counted } from '@/words/counted'
import { frameOf, framesOf, type Frame } from './frames'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import FormFields from '@/property/FormFields.vue'
import { usePage } from '@/site/usePage'
import ProofFrame from '@/proof/ProofFrame.vue'
import { optionAnswers, optionKey } from '@/property/optionKey'
import { useSite } from '@/site/useSite'
import { useSideBySide } from './useSideBySide'

const props = defineProps<{ page: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const session = useSession()
const fits = ref<Fit[]>([])
/** The templates that are compared, in the order in which they were laid side by side. */
const compared = ref<string[]>([])
const frame = ref<Frame | 'all'>('all')
const { page: detail } = usePage(toRef(props, 'page'))
const optionValues = computed(() => optionAnswers(detail.value?.settings ?? {}))
function setOption(key: string, value: Value | undefined) {
  void site.give({ verb: 'set-value', item: props.page, key: optionKey(key), value }, props.page)
}
const SIDE = 3
/** The page on whose content the templates are shown: this one, or one of its kind that tries them harder. */
const on = ref(props.page)
const trials = ref<Trial[]>([])
const contents = computed(() => [
  { value: props.page, title: 'this page' },
  ...trials.value
    .filter((t, i, all) => all.findIndex((other) => other.page === t.page) === i)
    .map((t) => ({ value: t.page, title: t.what })),
])
const kind = site.rows.get(props.page)?.kind
const shown = computed(() => compared.value.map((id) => fits.value.find((f) => f.template === id)!))
const sides = useSideBySide(compared)
const { differ, fromTop } = sides
const FROM = [
  { value: 'differ', title: 'where they differ' },
  { value: 'top', title: 'from the top' },
]
const from = computed({
  get: () => (fromTop.value ? 'top' : 'differ'),
  set: (where) => (fromTop.value = where === 'top'),
})
const frames = computed(() => framesOf(fits.value.flatMap((f) => site.templates.get(f.template) ?? [])))
const atHand = computed(() =>
  fits.value.filter((f) => {
    const template = site.templates.get(f.template)
    return template && (frame.value === 'all' || frameOf(template) === frame.value)
  }),
)
/** One more is laid beside the others; there is room for three, so the first that isn't worn makes way. */
function lay(template: string) {
  if (compared.value.includes(template))
    return (compared.value = compared.value.filter((id) => id !== template))
  const over = compared.value.length >= SIDE
  const away = over
    ? compared.value.find((id) => !fits.value.find((f) => f.template === id)?.worn)
    : undefined
  return (compared.value = [...compared.value.filter((id) => id !== away), template])
}
/** How many templates there are beside those that the kind may wear. */
const withheld = computed(
  () =>
    (site.catalog?.templates ?? []).filter((t) => !t.retired && !fits.value.some((f) => f.template === t.id))
      .length,
)

onMounted(async () => {
  const answer = await get('/api/sites/{site}/pages/{id}/fitting', {
    path: { site: site.id, id: props.page },
  })
  if (!answer.ok) return
  fits.value = answer.value
  const worn = fits.value.filter((f) => f.worn)
  compared.value = [...worn, ...fits.value.filter((f) => !f.worn)].slice(0, SIDE).map((f) => f.template)
  if (!kind) return
  const tried = await get('/api/sites/{site}/kinds/{kind}/extremes', { path: { site: site.id, kind } })
  if (tried.ok) trials.value = tried.value.filter((t) => t.page !== props.page)
})
const say = (label: string, words: string[]) => (words.length ? [`${label} ${words.join(', ')}.`] : [])
const losses = (fit: Fit) => [...say('To the shelf:', fit.shelved), ...say('Loses', fit.loses)]
const effects = (fit: Fit) => [...say('Back from the shelf:', fit.returning), ...say('Gains', fit.gains)]

async function take(fit: Fit) {
  emit('close')
  await site.give({
    verb: 'choose-template',
    pages: [props.page],
    template: fit.kindsOwn ? undefined : fit.template,
  })
}
const markup: Markup = (of) =>
  question('/api/sites/{site}/pages/{id}/markup', {
    path: { site: of, id: on.value },
    query: { visitor: true },
  })
</script>

<template>
  <SheetDialog :title="`Fitting: ${site.rows.get(page)?.title}`" size="large" @close="emit('close')">
    <template #beside>
      <WordOf word="fitting"><span class="quiet">what fitting is</span></WordOf>
      <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
    </template>
    <p class="quiet">
      The templates its kind may wear, on this page’s own content{{
        differ && !fromTop ? ', where they begin to differ' : ''
      }}. Nothing changes until one is taken.
      <template v-if="withheld">
        {{ counted(withheld, 'more template is', 'more templates are') }} not for
        {{ pagesOf(site.kinds.get(kind ?? '')?.name)
        }}<template v-if="session.manager"
          >:
          <router-link :to="{ name: 'kind', params: { kind } }">say which may be worn</router-link></template
        >.
      </template>
    </p>
    <div class="hand">
      <ChoiceOf v-if="frames.length > 2" v-model="frame" :items="frames" label="Frames" class="frames" />
      <div class="all" role="group" aria-label="Templates at hand: three are compared">
        <button
          v-for="fit in atHand"
          :key="fit.template"
          type="button"
          :aria-pressed="compared.includes(fit.template)"
          :title="losses(fit).join(' ') || 'Every section keeps a place'"
          @click="lay(fit.template)"
        >
          <TemplateGlyph :template="fit.template" :wide="34" />
          <span class="cut">{{ site.templates.get(fit.template)?.name }}</span>
          <span v-if="losses(fit).length" class="should" aria-label="with losses">◇</span>
        </button>
      </div>
    </div>
    <div v-if="trials.length || differ" class="row-flex on">
      <template v-if="trials.length">
        <span class="label" aria-hidden="true">Shown with</span>
        <ChoiceOf v-model="on" :items="contents" label="Shown with" />
      </template>
      <span class="grow" />
      <ChoiceOf v-if="differ" v-model="from" :items="FROM" label="Shown from" />
    </div>
    <div class="fits">
      <section v-for="fit in shown" :key="fit.template" :class="{ worn: fit.worn }">
        <ProofFrame
          :key="on"
          :ref="sides.hold(fit.template)"
          class="proof"
          walkable
          :path="`page/${on}`"
          :query="`in=${fit.template}`"
          :width="1280"
          :still="!fit.worn"
          :markup="fit.worn ? markup : undefined"
          :label="`In ${site.templates.get(fit.template)?.name}`"
          @size="sides.loaded(fit.template)"
          @blocks="(blocks) => sides.told(fit.template, blocks)"
          @scrolled="(top) => sides.scrolled(fit.template, top)"
        />
        <div class="row-flex">
          <TemplateGlyph :template="fit.template" />
          <b class="grow">{{ site.templates.get(fit.template)?.name }}</b>
          <span v-if="fit.worn" class="quiet">worn now</span>
          <v-btn v-else class="ink" @click="take(fit)">Take this</v-btn>
        </div>
        <div v-if="fit.worn && detail" class="options">
          <FormFields
            v-if="detail.options.length"
            :fields="detail.options"
            :values="optionValues"
            one="The template"
            @change="setOption"
          />
          <p v-else class="label">This template has no options.</p>
        </div>
        <ul class="label">
          <li v-if="fit.kindsOwn">As its kind says.</li>
          <li v-for="words in losses(fit)" :key="words" class="loss should">◇ {{ words }}</li>
          <li v-for="words in effects(fit)" :key="words">{{ words }}</li>
          <li v-if="!fit.shelved.length">Every section keeps a place.</li>
        </ul>
      </section>
    </div>
  </SheetDialog>
</template>

<style scoped>
.hand {
  margin-top: 10px;
}
.all {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 6px;
  max-height: 96px;
  overflow-y: auto;
}
.all button {
  display: flex;
  align-items: center;
  gap: 7px;
  max-width: 220px;
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  color: var(--quiet);
  font: 13px/24px var(--text);
  padding: 2px 6px 2px 2px;
}
.all button[aria-pressed='true'] {
  color: var(--ink);
  font-weight: 600;
  border-color: var(--juniper);
}
.loss {
  font-weight: 600;
}
.fits {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 16px;
  margin-top: 14px;
}
ul {
  list-style: none;
  margin-top: 4px;
}
.options {
  border-left: 3px solid var(--juniper);
  padding: 4px 0 4px 12px;
  margin: 8px 0;
}
.on {
  margin-top: 10px;
  gap: 6px;
}
.proof {
  height: 320px;
  border: 1px solid var(--line);
  margin-bottom: 10px;
}
.worn .proof {
  outline: 2px solid var(--juniper);
}
</style>
