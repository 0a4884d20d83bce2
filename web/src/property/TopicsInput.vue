<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import { freshId, get } from '@/api/client'
import type { TopicUse } from '@/api/types'
import { useMeant } from '@/edit/useMeant'
import { useSite } from '@/site/useSite'
import { fold } from '@/words/fold'
import type { Asked, Told } from './asked'
import { groupsOf, textOf } from './values'

/** Topics: chosen by typing their first letters, and made where there is none of that name yet. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const site = useSite()
const list = useId()
const typed = ref('')
const busy = ref(false)
const at = ref(0)
const topics = ref<TopicUse[]>([])
const key = computed(() => props.property.entries[0]?.key ?? 'one')
const { now, set } = useMeant(
  () => props.value,
  (next) => emit('change', next),
)
const chosen = computed(() => groupsOf(now.value).map((g) => textOf(g[key.value])))
const kind = computed(() => site.catalog?.kinds.find((k) => k.topics && !k.retired))
const nameOf = (id: string) =>
  site.rows.get(id)?.title ?? topics.value.find((t) => t.id === id)?.title ?? 'a topic that is gone'
const words = computed(() => typed.value.trim().replace(/\s+/g, ' '))
const found = computed(() =>
  words.value
    ? topics.value
        .filter((t) => !chosen.value.includes(t.id) && fold(t.title).includes(fold(words.value)))
        .slice(0, 8)
    : [],
)
const isNew = computed(() => !!words.value && !topics.value.some((t) => fold(t.title) === fold(words.value)))
const count = computed(() => found.value.length + (isNew.value ? 1 : 0))

async function look() {
  const answer = await get('/api/sites/{site}/topics', { path: { site: site.id } })
  if (answer.ok) topics.value = answer.value
}
function give(ids: string[]) {
  typed.value = ''
  at.value = 0
  set(ids.length ? ids.map((id) => ({ [key.value]: id })) : undefined)
}
async function make() {
  if (!kind.value)
    return emit('trouble', 'No kind here is one of topics. On a kind’s screen, say that its pages are.')
  if (busy.value) return
  busy.value = true
  const id = freshId()
  // Leaving the line empties it: what is made is what was written.
  const title = words.value
  const places = await get('/api/sites/{site}/kinds/{kind}/places', {
    path: { site: site.id, kind: kind.value.id },
  })
  const place = places.ok ? places.value.find((p) => p.may && !p.whyNot) : undefined
  const answer = await site.give({
    verb: 'make-pages',
    where: { parent: place?.parent ?? undefined },
    as: { kind: kind.value.id },
    pages: [{ id, title }],
    menus: [],
    settings: {},
  })
  busy.value = false
  if (!answer.ok) return
  await Promise.all([site.refresh(), look()])
  give([...chosen.value, id])
}
function take(index: number) {
  const one = found.value[index]
  if (one) give([...chosen.value, one.id])
  else if (isNew.value) void make()
}
const STEPS: Record<string, number> = { ArrowDown: 1, ArrowUp: -1 }
function keys(event: KeyboardEvent) {
  const step = STEPS[event.key]
  if (step && count.value) at.value = (at.value + step + count.value) % count.value
  else if ((event.key === 'Enter' || event.key === ',') && words.value) take(at.value)
  else if (event.key === 'Backspace' && !typed.value && chosen.value.length) give(chosen.value.slice(0, -1))
  else if (event.key === 'Escape' && typed.value) typed.value = ''
  else return
  event.preventDefault()
  event.stopPropagation()
}
</script>

<template>
  <div class="topics boxed" role="group" :aria-label="name ?? property.label">
    <span v-for="id in chosen" :key="id" class="one">
      {{ nameOf(id) }}
      <button
        type="button"
        :aria-label="`Take ${nameOf(id)} out`"
        @click="give(chosen.filter((c) => c !== id))"
      >
        ×
      </button>
    </span>
    <input
      v-model="typed"
      role="combobox"
      :aria-expanded="count > 0"
      :aria-controls="list"
      :aria-activedescendant="count ? `${list}-${at}` : undefined"
      :aria-label="`Add to ${property.label.toLowerCase()}`"
      :placeholder="chosen.length ? '' : 'Type a topic'"
      :aria-busy="busy"
      maxlength="100"
      dir="auto"
      @focus="look"
      @input="at = 0"
      @keydown="keys"
      @blur="typed = ''"
    />
    <ul v-if="count" :id="list" role="listbox" :aria-label="property.label">
      <li
        v-for="(t, i) in found"
        :id="`${list}-${i}`"
        :key="t.id"
        role="option"
        :aria-selected="i === at"
        @mousedown.prevent="take(i)"
      >
        {{ t.title }} <span class="quiet">{{ t.named }}</span>
      </li>
      <li
        v-if="isNew"
        :id="`${list}-${found.length}`"
        role="option"
        :aria-selected="at === found.length"
        @mousedown.prevent="take(found.length)"
      >
        Make the topic “{{ words }}”
      </li>
    </ul>
  </div>
</template>

<style scoped>
.topics {
  position: relative;
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  height: auto;
  padding: 4px 6px;
}
.one {
  background: var(--juniper-wash);
  padding: 0 2px 0 8px;
  line-height: 24px;
  font-size: 13.5px;
}
.one button {
  border: 0;
  background: none;
  color: var(--quiet);
  width: 24px;
  height: 24px;
}
input {
  flex: 1;
  min-width: 90px;
  border: 0;
  outline: 0;
  background: none;
  color: inherit;
  font: 13.5px/24px var(--text);
}
ul {
  position: absolute;
  inset: 100% -1px auto;
  z-index: 5;
  list-style: none;
  margin: 0;
  padding: 4px 0;
  background: var(--sheet);
  border: 1px solid var(--ink);
}
li {
  padding: 2px 9px;
  border-left: 3px solid transparent;
  cursor: pointer;
  overflow-wrap: anywhere;
}
li[aria-selected='true'] {
  background: var(--juniper-wash);
  border-color: var(--juniper);
}
</style>
