<script setup lang="ts" generic="T extends string | number | boolean">
import { nodeOf } from '@/look/targets'
import { onClickOutside } from '@vueuse/core'
import { computed, nextTick, ref } from 'vue'
import { fold } from '@/words/fold'
import { isPressed } from './pressed'

/** One of several: a few stand side by side as words with a rule under the chosen one, more of them unroll in place. */
defineOptions({ inheritAttrs: false })
const props = defineProps<{
  label: string
  items: readonly { value: T; title: string; group?: string }[]
  /** What stands where nothing is chosen. */
  none?: string
  /** Each is drawn, by the slot, and named by its title alone: all of them are in sight. */
  drawn?: boolean
  /** Short words that stand side by side however many they are. */
  inLine?: boolean
}>()
const chosen = defineModel<T>()
const FEW = 5
const LETTERS = 56
const few = computed(
  () =>
    props.drawn ||
    props.inLine ||
    (props.items.length <= FEW && props.items.reduce((sum, i) => sum + i.title.length, 0) <= LETTERS),
)
const open = ref(false)
const root = ref<HTMLElement | null>(null)
const shown = computed(() => props.items.find((i) => i.value === chosen.value)?.title ?? props.none ?? '')
/** The one that Tab leads to. */
const first = computed(() =>
  Math.max(
    0,
    props.items.findIndex((i) => i.value === chosen.value),
  ),
)

const radios = () => [...(root.value?.querySelectorAll<HTMLElement>('[role="radio"]') ?? [])]
async function unroll(to: boolean) {
  open.value = to
  await nextTick()
  const at = to ? radios()[first.value] : root.value?.querySelector<HTMLElement>('.chosen')
  at?.focus()
  at?.scrollIntoView({ block: 'nearest' })
}
function choose(value: T) {
  if (value !== chosen.value) chosen.value = value
  if (!few.value) void unroll(false)
}
const STEPS: Record<string, number> = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }
function walk(event: KeyboardEvent) {
  const all = radios()
  const at = all.findIndex((choice) => choice === event.target)
  const to = destination(event, at, all.length)
  if (to === undefined) return
  event.preventDefault()
  event.stopPropagation()
  all[to]?.focus()
  const item = props.items[to]
  if (few.value && item) choose(item.value)
}
function destination(event: KeyboardEvent, at: number, count: number): number | undefined {
  const step = STEPS[event.key]
  if (step) return (at + step + count) % count
  if (event.key === 'Home') return 0
  if (event.key === 'End') return count - 1
  if (event.key.length !== 1 || event.key === ' ' || event.ctrlKey || event.metaKey) return undefined
  const begins = (i: number) => fold(props.items[i % count]?.title ?? '').startsWith(fold(event.key))
  return Array.from({ length: count }, (_, i) => (at + 1 + i) % count).find(begins)
}
function rollUp(event: KeyboardEvent) {
  if (few.value || !open.value) return
  event.stopPropagation()
  void unroll(false)
}
/** What is pressed elsewhere is pressed first; whoever only changes windows finds it as it was. */
function left(event: FocusEvent) {
  const to = nodeOf(event.relatedTarget)
  if (to && !root.value?.contains(to) && !isPressed()) open.value = false
}
onClickOutside(root, () => (open.value = false))
</script>

<template>
  <div
    ref="root"
    class="choice"
    :class="{ few, drawn }"
    v-bind="$attrs"
    @keydown.esc="rollUp"
    @focusout="left"
  >
    <button v-if="!few" type="button" class="chosen boxed" :aria-expanded="open" @click="unroll(!open)">
      <span class="unseen">{{ label }}: </span>
      <span class="grow cut" :class="{ quiet: chosen === undefined }">{{ shown || 'choose' }}</span>
      <span class="more">{{ open ? 'fold' : `of ${items.length}` }}</span>
    </button>
    <div v-if="few || open" role="radiogroup" :aria-label="label" @keydown="walk">
      <template v-for="(item, i) in items" :key="String(item.value)">
        <span v-if="item.group && item.group !== items[i - 1]?.group" class="label">{{ item.group }}</span>
        <button
          type="button"
          role="radio"
          :aria-checked="item.value === chosen"
          :aria-label="drawn ? item.title : undefined"
          :title="drawn ? item.title : undefined"
          :tabindex="i === first ? 0 : -1"
          @click="choose(item.value)"
        >
          <slot :item="item">{{ item.title }}</slot>
        </button>
      </template>
    </div>
  </div>
</template>

<style scoped>
.choice {
  min-width: 0;
}
.chosen {
  position: relative;
  display: flex;
  gap: 10px;
  text-align: left;
  cursor: pointer;
}
.more {
  color: var(--quiet);
  font-size: 12px;
  white-space: nowrap;
}
[role='radio'] {
  border: 0;
  background: none;
  color: var(--quiet);
  font: 13.5px/24px var(--text);
  text-align: left;
}
.few > [role='radiogroup'] {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  padding: 3px 0;
}
.few [role='radio'] {
  padding: 0;
  border-bottom: 2px solid transparent;
}
.few [role='radio']:hover {
  color: var(--ink);
  border-color: var(--line);
}
[role='radio'][aria-checked='true'] {
  color: var(--ink);
  font-weight: 600;
}
.few [role='radio'][aria-checked='true'] {
  border-color: var(--juniper);
}
.choice:not(.few) > [role='radiogroup'] {
  display: flex;
  flex-direction: column;
  max-height: 252px;
  overflow-y: auto;
  background: var(--sheet);
  border: 1px solid var(--ink);
  border-top: 0;
  border-radius: 0 0 3px 3px;
  padding: 4px 0;
}
.choice:not(.few) [role='radio'] {
  padding: 2px 9px;
  border-left: 3px solid transparent;
  color: var(--ink);
}
.choice:not(.few) [role='radio']:is(:hover, :focus-visible) {
  background: var(--juniper-wash);
  outline-offset: -2px;
}
.choice:not(.few) [role='radio'][aria-checked='true'] {
  border-color: var(--juniper);
}
.drawn > [role='radiogroup'] {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 6px;
}
.drawn [role='radio'] {
  border: 1px solid var(--line);
  background: var(--sheet);
  line-height: 0;
}
.drawn [role='radio'][aria-checked='true'] {
  box-shadow: inset 0 0 0 1px var(--juniper);
}
.choice .label {
  padding: 6px 9px 2px;
}
@media (forced-colors: active) {
  .few [role='radio'] {
    border-color: Canvas;
  }
  .few [role='radio'][aria-checked='true'] {
    border-color: Highlight;
  }
}
</style>
