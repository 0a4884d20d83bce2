<script setup lang="ts">
import { nodeOf } from '@/look/targets'
import { computed, nextTick, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import { cutAt, type Filed } from './entry'
import { useIndex } from './useIndex'

/** The index: typing in the running head opens it beneath, as wide as the window; arrows walk it, down a column and across. */
const emit = defineEmits<{ keys: []; help: [page: string]; leave: [] }>()
const router = useRouter()
const words = ref('')
const open = ref(false)
const input = ref<HTMLInputElement | null>(null)
const root = ref<HTMLElement | null>(null)
const { columns, count, ask } = useIndex(words, {
  keys: () => emit('keys'),
  help: (page) => emit('help', page),
  leave: () => emit('leave'),
})
/** The entries of each column, from top to bottom. */
const walked = computed(() => columns.value.filter((c) => c.length).map((c) => c.flatMap((s) => s.entries)))
const at = ref({ column: 0, row: 0 })
const here = computed(() => walked.value[at.value.column]?.[at.value.row])
watch(words, () => {
  at.value = best()
  if (words.value) open.value = true
})
/** The column whose first entry fits best is where one begins. */
function best() {
  const column = walked.value.findIndex((c) => cutAt(c[0]?.name ?? '', words.value)[0] === '' && words.value)
  return { column: Math.max(0, column), row: 0 }
}

let before: Element | null = null
async function begin() {
  if (open.value) return
  before = document.activeElement
  open.value = true
  words.value = ''
  at.value = { column: 0, row: 0 }
  void ask()
  await nextTick()
  input.value?.focus()
}
function close(back = true) {
  open.value = false
  words.value = ''
  if (back && before instanceof HTMLElement && before !== input.value) before.focus({ preventScroll: true })
  else input.value?.blur()
}
async function go(entry?: Filed) {
  if (!entry) return
  close(!entry.to)
  if (entry.to) await router.push(entry.to)
  else await entry.act?.()
}
const STEPS: Record<string, [number, number]> = {
  ArrowDown: [0, 1],
  ArrowUp: [0, -1],
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
}
function walk(event: KeyboardEvent) {
  const step = STEPS[event.key]
  const caret = input.value?.selectionStart ?? 0
  const inWords =
    event.key === 'ArrowLeft'
      ? caret > 0 && at.value.column === 0
      : event.key === 'ArrowRight' && caret < words.value.length
  if (!step || inWords) return
  event.preventDefault()
  const column = Math.min(Math.max(0, at.value.column + step[0]), Math.max(0, walked.value.length - 1))
  const last = (walked.value[column]?.length ?? 1) - 1
  at.value = { column, row: Math.min(Math.max(0, at.value.row + step[1]), Math.max(0, last)) }
  void nextTick(() =>
    root.value?.querySelector('[aria-selected="true"]')?.scrollIntoView({ block: 'nearest' }),
  )
}
function left(event: FocusEvent) {
  const to = nodeOf(event.relatedTarget)
  if (open.value && !root.value?.contains(to)) close(false)
}
function point(entry: Filed) {
  walked.value.forEach((c, column) => {
    const row = c.indexOf(entry)
    if (row >= 0) at.value = { column, row }
  })
}
defineExpose({ begin })
</script>

<template>
  <search ref="root" class="find" :class="{ open }" @focusout="left">
    <input
      ref="input"
      v-model="words"
      type="text"
      role="combobox"
      aria-label="Find"
      aria-controls="index"
      aria-autocomplete="list"
      :aria-expanded="open"
      :aria-activedescendant="open && here ? `index-${here.id}` : undefined"
      placeholder="Find"
      autocomplete="off"
      spellcheck="false"
      @focus="begin"
      @keydown="walk"
      @keydown.enter.prevent="go(here)"
      @keydown.esc.prevent.stop="close()"
    />
    <span class="told" aria-hidden="true">{{ open && words ? `${count} · Esc` : 'Ctrl K' }}</span>
    <div v-if="open" id="index" class="index" role="listbox" aria-label="Index" @mousedown.prevent>
      <p v-if="!count" class="quiet">
        Nothing is called so. Try another word for it, or a part of its address.
      </p>
      <div v-for="(column, i) in columns" v-show="column.length" :key="i" class="column" role="presentation">
        <div v-for="s in column" :key="s.group" role="group" :aria-label="s.group">
          <h3 aria-hidden="true">{{ s.group }}</h3>
          <div
            v-for="entry in s.entries"
            :id="`index-${entry.id}`"
            :key="entry.id"
            class="entry"
            role="option"
            :aria-selected="entry === here"
            @mousemove="point(entry)"
            @click="go(entry)"
          >
            <TemplateGlyph v-if="entry.template" :template="entry.template" :wide="22" />
            <span class="name two-lines" dir="auto"
              ><template v-for="(part, k) in cutAt(entry.name, words)" :key="k"
                ><u v-if="k === 1">{{ part }}</u
                ><template v-else>{{ part }}</template></template
              ></span
            >
            <bdi class="locator cut">{{ entry.locator }}</bdi>
          </div>
          <p v-if="s.more" class="label">and {{ s.more.toLocaleString('en-GB') }} more</p>
        </div>
      </div>
    </div>
    <p class="unseen" role="status">{{ open && words ? `${count} found` : '' }}</p>
  </search>
</template>

<style scoped>
.find {
  flex: 1;
  min-width: 90px;
  max-width: 340px;
  display: flex;
  align-items: center;
  align-self: center;
  border-bottom: 1px solid var(--quiet);
}
.find.open {
  border-bottom: 2px solid var(--ink);
}
input {
  flex: 1;
  min-width: 0;
  border: 0;
  outline: 0;
  background: none;
  color: var(--ink);
  font: 15px/28px var(--text);
  padding: 0 4px;
}
input::placeholder {
  color: var(--quiet);
  opacity: 1;
}
.told {
  font-size: 12.5px;
  color: var(--quiet);
  white-space: nowrap;
}
.index {
  position: absolute;
  left: 0;
  right: 0;
  top: 100%;
  z-index: 2400;
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  max-height: calc(100dvh - 140px);
  overflow-y: auto;
  border-block: 1px solid var(--ink);
  background: var(--paper);
  padding: 20px 12px 22px;
}
.index > p {
  grid-column: 1 / -1;
  padding: 0 12px;
}
.column {
  padding: 0 12px;
  min-width: 0;
}
.column + .column {
  border-left: 1px solid var(--line);
}
.column > * + * {
  margin-top: 14px;
}
h3 {
  font: 600 13px/22px var(--text);
  color: var(--quiet);
}
.entry {
  display: flex;
  align-items: baseline;
  gap: 8px;
  padding: 1px 6px;
  margin: 0 -6px;
  cursor: pointer;
}
.entry :deep(svg) {
  flex: none;
  align-self: center;
}
.name {
  flex: 1 1 auto;
  min-width: 40%;
}
u {
  text-decoration: underline 2px var(--ember);
  text-underline-offset: 2px;
}
.locator {
  font: 12px/18px var(--code);
  color: var(--quiet);
  flex: 0 1 auto;
  min-width: 0;
  max-width: 58%;
  text-align: right;
}
.entry[aria-selected='true'] {
  background: var(--juniper-wash);
  box-shadow: inset 3px 0 var(--juniper);
}
@media (forced-colors: active) {
  .entry[aria-selected='true'] {
    outline: 2px solid Highlight;
  }
}
@media (max-width: 1000px) {
  .index {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 14px 0;
  }
}
@media (max-width: 820px) {
  .find {
    flex: 1 1 60px;
    min-width: 60px;
  }
  .told {
    display: none;
  }
  .index {
    grid-template-columns: 1fr;
    max-height: calc(100dvh - 60px);
  }
  .column + .column {
    border-left: 0;
  }
}
</style>
