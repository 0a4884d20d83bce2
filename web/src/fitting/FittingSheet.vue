<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, onMounted, ref, toRef } from 'vue'
import { get } from '@/api/client'
import type { Fit, Trial, Value } from '@/api/types'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import FormFields from '@/property/FormFields.vue'
import { usePage } from '@/site/usePage'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSite } from '@/site/useSite'

const props = defineProps<{ page: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const fits = ref<Fit[]>([])
const from = ref(0)
const { page: detail } = usePage(toRef(props, 'page'))
const OPTION = 'option.'
const optionValues = computed(() =>
  Object.fromEntries(
    Object.entries(detail.value?.settings ?? {})
      .filter(([key]) => key.startsWith(OPTION))
      .map(([key, value]) => [key.slice(OPTION.length), value]),
  ),
)
function setOption(key: string, value: Value | undefined) {
  void site.give(
    { verb: 'set-value', item: props.page, key: OPTION + key, value: value as never },
    props.page,
  )
}
const SIDE = 3
/** The page on whose content the templates are shown: this one, or one of its kind that tries them harder. */
const on = ref(props.page)
const trials = ref<Trial[]>([])
const kind = site.rows.get(props.page)?.kind
const shown = computed(() => fits.value.slice(from.value, from.value + SIDE))

onMounted(async () => {
  const answer = await get<Fit[]>(`/sites/${site.id}/pages/${props.page}/fitting`)
  if (!answer.ok) return
  fits.value = answer.value
  const worn = fits.value.findIndex((f) => f.worn)
  from.value = Math.max(0, Math.min(worn, fits.value.length - SIDE))
  const tried = await get<Trial[]>(`/sites/${site.id}/kinds/${kind}/extremes`)
  if (tried.ok) trials.value = tried.value.filter((t) => t.page !== props.page)
})
function effects(fit: Fit): string[] {
  const say = (label: string, words: string[]) => (words.length ? [`${label} ${words.join(', ')}.`] : [])
  return [
    ...say('To the shelf:', fit.shelved),
    ...say('Back from the shelf:', fit.returning),
    ...say('Gains', fit.gains),
    ...say('Loses', fit.loses),
  ]
}

async function take(fit: Fit) {
  emit('close')
  await site.give({
    verb: 'choose-template',
    pages: [props.page],
    template: fit.kindsOwn ? undefined : fit.template,
  })
}
</script>

<template>
  <SheetDialog :title="`Fitting: ${site.rows.get(page)?.title}`" size="large" @close="emit('close')">
    <template #beside>
      <v-btn v-if="fits.length > SIDE" :disabled="from === 0" @click="from--">◂ Before</v-btn>
      <v-btn v-if="fits.length > SIDE" :disabled="from + SIDE >= fits.length" @click="from++">Next ▸</v-btn>
      <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
    </template>
    <p class="quiet">
      The templates its kind may wear, on this page’s own content. Nothing changes until one is taken.
    </p>
    <div v-if="trials.length" class="row-flex on" role="group" aria-label="Shown with">
      <span class="label">Shown with</span>
      <button type="button" :aria-pressed="on === page" @click="on = page">this page</button>
      <button
        v-for="t in trials"
        :key="t.what"
        type="button"
        :aria-pressed="on === t.page"
        :title="t.title"
        @click="on = t.page"
      >
        {{ t.what }}
      </button>
    </div>
    <div class="fits">
      <section v-for="fit in shown" :key="fit.template" :class="{ worn: fit.worn }">
        <ProofFrame
          :key="on"
          class="proof"
          :path="`page/${on}`"
          :query="`in=${fit.template}`"
          :width="1280"
          :still="!fit.worn"
          :markup="fit.worn ? `pages/${on}/markup` : undefined"
          :label="`In ${site.templates.get(fit.template)?.name}`"
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
          <li v-for="words in effects(fit)" :key="words">{{ words }}</li>
          <li v-if="!fit.shelved.length">Every section keeps a place.</li>
        </ul>
      </section>
    </div>
  </SheetDialog>
</template>

<style scoped>
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
.on button {
  border: 1px solid var(--line);
  border-radius: 3px;
  background: none;
  color: inherit;
  font: 13px/20px var(--text);
  padding: 1px 9px;
}
.on button[aria-pressed='true'] {
  background: var(--juniper);
  border-color: var(--juniper);
  color: var(--sheet);
}
.proof {
  height: 360px;
  border: 1px solid var(--line);
  margin-bottom: 10px;
}
.worn .proof {
  outline: 2px solid var(--juniper);
}
</style>
