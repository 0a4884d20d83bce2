<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { get } from '@/api/client'
import type { Layouts, Property, SectionElement, Value } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import ProofFrame from '@/proof/ProofFrame.vue'
import GroupedInputs from '@/property/GroupedInputs.vue'
import { held, matters } from '@/property/values'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { inputOf } from '@/look/targets'
import { commonWord } from './commonWord'

/** All layouts of a listing side by side on what it lists, or on that made harder, with all that can be said of it beside them. */
const props = defineProps<{
  /** Where it is written, and the page on which it is looked at. */
  at: { item: string; section: string }
  on?: string
  name: string
  element: SectionElement
  properties: Property[]
}>()
const emit = defineEmits<{ close: []; set: [key: string, value: Value | undefined]; leave: [] }>()
const site = useSite()
const found = ref<Layouts | null>(null)
/** What visitors looked for: it is tried on what is really found. */
const isFound = computed(() => props.element.kind === 'search')
const words = ref(commonWord([...site.rows.values()].map((r) => r.title)))
const HARD = [
  { value: 'as_it_is', title: 'as it is' },
  { value: 'none', title: 'none' },
  { value: 'one', title: 'one' },
  { value: 'few', title: 'few' },
  { value: 'many', title: 'many' },
  { value: 'longest', title: 'longest words' },
  { value: 'bare', title: 'no pictures' },
]
const WIDTHS = { wide: 760, narrow: 390 }
const hard = ref('as_it_is')
const width = ref<keyof typeof WIDTHS>('wide')
const shape = computed(() => props.properties.find((p) => p.key === 'shape') as Property)
const taken = computed(() => String(held(shape.value, props.element.props)))
const asked = computed(() => props.properties.filter((p) => p.key !== 'shape' && p.group))
/** What says nothing in the layout that is taken, but would in another. */
const silent = computed(() =>
  asked.value
    .filter((p) => /^shape/.test(p.onlyWhen) && !matters(p, { shape: taken.value }))
    .map((p) => p.label.toLowerCase())
    .join(', '),
)
/** Drawings are fetched anew when what they are drawn from is another. */
const drawn = computed(
  () =>
    `section=${props.at.section}&element=${props.element.id}&hard=${hard.value}${isFound.value ? `&q=${encodeURIComponent(words.value)}` : ''}${props.on ? `&on=${props.on}` : ''}&step=${site.step}`,
)
async function look() {
  const answer = await get('/api/sites/{site}/listings/{item}/{section}/{element}', {
    path: { site: site.id, ...props.at, element: props.element.id },
    query: { on: props.on, q: isFound.value ? words.value : undefined },
  })
  if (answer.ok) found.value = answer.value
}
const said = computed(() => {
  const many = found.value?.matching ?? 0
  return isFound.value
    ? counted(many, 'live page says it', 'live pages say it')
    : counted(many, 'entry matches', 'entries match')
})
onMounted(look)
watch(() => [site.step, words.value], look)
const take = (key: string) => emit('set', 'shape', key === shape.value.fallback ? undefined : key)
</script>

<template>
  <SheetDialog :title="`Layouts of ${name}`" size="large" @close="emit('close')">
    <template #beside>
      <v-text-field
        v-if="isFound"
        :model-value="words"
        class="looked-for"
        label="Looked for"
        maxlength="200"
        hide-details
        @change="(e: Event) => (words = inputOf(e).value)"
      />
      <ChoiceOf v-else v-model="hard" :items="HARD" label="Tried on" in-line />
      <ChoiceOf
        v-model="width"
        class="width"
        :items="[
          { value: 'wide', title: 'wide' },
          { value: 'narrow', title: 'narrow' },
        ]"
        label="Width"
      />
      <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
    </template>
    <p class="quiet">
      <template v-if="found">
        {{ said }}<template v-if="found.past"> · {{ found.past }} are past</template>.
      </template>
      Visitors see nothing of this before a release.
    </p>
    <div class="trying">
      <div class="options">
        <GroupedInputs
          :properties="asked"
          :declared="properties"
          :values="element.props"
          :unfolded="['What', 'What is found']"
          @change="(key, value) => emit('set', key, value)"
          @leave="emit('leave')"
        />
        <p v-if="silent" class="label silent">
          In this layout these say nothing, and are kept: {{ silent }}.
        </p>
      </div>
      <div v-if="found" class="layouts" role="radiogroup" aria-label="Layout">
        <label v-for="l in found.layouts" :key="l.key" :class="{ on: taken === l.key, pale: l.whyNot }">
          <input
            type="radio"
            name="layout"
            class="unseen"
            :value="l.key"
            :checked="taken === l.key"
            @change="take(l.key)"
          />
          <ProofFrame
            class="drawing"
            :path="`listing/${at.item}`"
            :query="`${drawn}&layout=${l.key}`"
            :width="WIDTHS[width]"
            still
            :label="`${l.name}, drawn with what is listed`"
          />
          <span class="row-flex">
            <b>{{ l.name }}</b>
            <span class="quiet grow cut">{{ taken === l.key ? 'taken now' : l.whyNot || l.note }}</span>
          </span>
        </label>
      </div>
    </div>
  </SheetDialog>
</template>

<style scoped>
.trying {
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr);
  gap: 24px;
  margin-top: 10px;
}
.looked-for {
  flex: 0 1 220px;
}
.width {
  margin: 0 12px 0 28px;
}
.options {
  background: var(--juniper-wash);
  align-self: start;
}
.silent {
  padding: 8px 13px;
}
.layouts {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 16px;
  align-content: start;
}
.layouts label {
  min-width: 0;
  cursor: pointer;
}
.drawing {
  height: 230px;
  border: 1px solid var(--line);
}
.on .drawing {
  border-color: var(--juniper);
  box-shadow: 0 0 0 2px var(--juniper);
}
.pale .drawing {
  opacity: 0.5;
  border-style: dashed;
}
label:focus-within {
  outline: 2px solid var(--juniper);
  outline-offset: 4px;
}
.row-flex {
  margin-top: 6px;
}
@media (max-width: 820px) {
  .trying {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
