<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Property, SectionElement, Value } from '@/api/types'
import { useSite } from '@/site/useSite'
import { useSession } from '@/session/useSession'
import BindMenu from './BindMenu.vue'
import PropertyInput from '@/property/PropertyInput.vue'
import SiteFactsInput from './SiteFactsInput.vue'
import { summed } from './summed'
import LackedFields from './LackedFields.vue'
import { useGalley } from './useGalley'
import { useGathered } from './useGathered'
import LayoutsSheet from '@/listing/LayoutsSheet.vue'
import GroupedInputs from '@/property/GroupedInputs.vue'
import { allHeld, matters } from '@/property/values'

const props = defineProps<{
  section: string
  element: SectionElement
  column: string
  index: number
  count: number
  /** The width of its column, in twelfths. */
  span: number
}>()
const site = useSite()
const galley = useGalley()
const session = useSession()
const more = ref(false)

const info = computed(() => site.catalog?.elements.find((e) => e.key === props.element.kind))
const isFront = (p: Property) => info.value?.inPlace.includes(p.key) || (p.key === 'caption' && more.value)
const front = computed(() => (info.value?.properties ?? []).filter(isFront))
const values = computed(() => allHeld(info.value?.properties ?? [], props.element.props))
const behind = computed(() =>
  (info.value?.properties ?? []).filter((p) => !isFront(p) && matters(p, values.value)),
)
/** What has much to be set is set under headings. */
const isGrouped = computed(() => rest.value.some((p) => p.group))
const trying = ref(false)
const gathered = useGathered(() => props.element.props, values)
const offered = computed(() => gathered.offered(behind.value, info.value?.offeredWith ?? {}))
const rest = computed(() => offered.value.offered)
/** Where it is written, and the page on which it is looked at. */
const home = computed(() => galley.home(props.section))
const on = computed(() => galley.page.value?.id)
/** Visitors don't see what nothing is written or chosen in. */
const leftOut = computed(() => galley.placed(props.section)?.leftOut.includes(props.element.id))
const change = (key: string, value: Value | undefined) =>
  void galley.set(props.section, props.element.id, key, value)
/** On a template, what an element shows can come from the page, the site or an option. */
const BINDABLE = ['WORDS', 'LINES', 'RICH', 'PICTURE']
const bindable = computed(() =>
  session.manager && galley.sheet.value?.sort !== 'page'
    ? front.value.find((p) => BINDABLE.includes(p.type))
    : undefined,
)
const sum = computed(() => summed(info.value, props.element.props, (id) => site.kinds.get(id)?.name))
/** What is neither written here nor summed up says what it does. */
const silent = computed(() => !sum.value && !front.value.length && !info.value?.siteFacts.length)

const WHOLE = 12
const room = computed(() => ((site.catalog?.type.pageWidth ?? 0) * props.span) / WHOLE)
/** The proportion that a neighbouring choice gives the picture. */
function shapeOf(property: Property): string {
  const key = property.slot?.shapeFrom
  const choice = info.value?.properties.find((p) => p.key === key)
  const value = props.element.props[key ?? ''] ?? choice?.fallback
  if (!key || value === choice?.fallback) return ''
  return choice?.choices.find((c) => c.value === value)?.label.toLowerCase() ?? ''
}

function move(by: number) {
  void galley.write(props.section, (at) => ({
    verb: 'move-element',
    ...at,
    element: props.element.id,
    column: props.column,
    index: props.index + by,
  }))
}
function remove() {
  void galley.write(props.section, (at) => ({
    verb: 'remove-element',
    ...at,
    element: props.element.id,
  }))
}
</script>

<template>
  <div class="element" :class="element.kind" :data-element="element.id">
    <div class="head">
      <span class="label grow cut">{{ info?.name ?? element.kind }}</span>
      <BindMenu
        v-if="bindable"
        :property="bindable"
        :value="element.props[bindable.key]"
        @change="(v) => galley.set(section, element.id, bindable!.key, v)"
      />
      <span class="acts">
        <button
          type="button"
          :disabled="index === 0"
          title="Move up"
          :aria-label="`Move ${info?.name} up`"
          @click="move(-1)"
        >
          ↑
        </button>
        <button
          type="button"
          :disabled="index === count - 1"
          title="Move down"
          :aria-label="`Move ${info?.name} down`"
          @click="move(1)"
        >
          ↓
        </button>
        <button
          v-if="rest.length"
          type="button"
          :aria-expanded="more"
          :aria-label="`More of ${info?.name}`"
          title="More"
          @click="more = !more"
        >
          ⋯
        </button>
        <button type="button" title="Remove" :aria-label="`Remove ${info?.name}`" @click="remove">×</button>
      </span>
    </div>
    <button
      v-if="sum && rest.length"
      type="button"
      class="says"
      :aria-expanded="more"
      :title="`Change what the ${info?.name.toLowerCase()} shows`"
      @click="more = !more"
    >
      {{ sum }}
    </button>
    <p v-else-if="sum" class="says">{{ sum }}</p>
    <p v-if="silent" class="quiet">{{ info?.note }}</p>
    <p v-if="leftOut" class="unseen-by-visitors">
      Visitors don’t see this {{ info?.name.toLowerCase() }}: it is empty.
    </p>
    <SiteFactsInput v-if="info?.siteFacts.length" :keys="info.siteFacts" />
    <PropertyInput
      v-for="p in front"
      :key="p.key"
      plain
      :class="{ lead: element.props.size === 'lead' }"
      :data-element="element.kind"
      :property="p"
      :value="element.props[p.key]"
      :room="room"
      :shape="shapeOf(p)"
      @change="(v) => galley.set(section, element.id, p.key, v)"
      @leave="galley.leave()"
    />
    <button v-if="info?.tried" type="button" class="textlink try" @click="trying = true">Try layouts…</button>
    <GroupedInputs
      v-if="more && isGrouped"
      class="rest"
      :properties="rest"
      :declared="info!.properties"
      :values="element.props"
      :unfolded="['What']"
      @change="change"
      @leave="galley.leave()"
    />
    <LackedFields v-if="more && isGrouped" :kind="gathered.kind.value" :lacks="offered.lacks" />
    <div v-if="more && !isGrouped" class="rest plain">
      <PropertyInput
        v-for="p in rest"
        :key="p.key"
        :property="p"
        :value="element.props[p.key]"
        @change="(v) => galley.set(section, element.id, p.key, v)"
        @leave="galley.leave()"
      />
    </div>
    <LayoutsSheet
      v-if="trying"
      :at="home"
      :on="on"
      :name="galley.placed(section)?.section.name || info!.name.toLowerCase()"
      :element="element"
      :properties="info!.properties"
      @set="change"
      @leave="galley.leave()"
      @close="trying = false"
    />
  </div>
</template>

<style scoped>
.unseen-by-visitors {
  font-size: 12px;
  color: var(--ochre);
}
.element {
  border-left: 2px solid var(--line2);
  padding-left: 12px;
  min-width: 0;
}
.try {
  min-height: 24px;
}
.head {
  position: relative;
  display: flex;
  align-items: center;
  min-height: 24px;
}
/* Its tools stand over the line while it is pointed at, focused or opened; where nothing can point, beside its name, always. */
.acts {
  position: absolute;
  right: 0;
  background: var(--sheet);
  white-space: nowrap;
  opacity: 0;
}
/* What says what it shows stands at the end of the line, and is not covered. */
.head:has(> .bind) .acts {
  position: static;
}
.element:is(:hover, :focus-within) > .head .acts,
.acts:has([aria-expanded='true']) {
  opacity: 1;
}
@media (hover: none) {
  .acts {
    position: static;
    opacity: 1;
  }
}
.says {
  display: block;
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  color: inherit;
  text-align: left;
}
button.says {
  min-height: 24px;
  text-decoration: underline dotted var(--quiet);
  text-underline-offset: 4px;
}
button.says:hover {
  color: var(--juniper);
}
.acts button {
  border: 0;
  background: none;
  color: var(--quiet);
  width: 24px;
  height: 24px;
}
.acts button:hover {
  color: var(--ink);
}
[data-element='heading'] {
  font: 600 21px/28px var(--site-heading);
}
[data-element='text'],
[data-element='quote'],
[data-element='questions'] {
  font: 16px/24px var(--site-body);
}
[data-element='text'].lead {
  font-size: 18px;
  line-height: 26px;
}
.rest {
  background: var(--juniper-wash);
  margin-top: 8px;
}
.rest.plain {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: 10px;
  padding: 10px;
}
</style>
