<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { said } from '@/api/said'
import { aloud } from '@/edit/aloud'
import WrittenInput from '@/edit/WrittenInput.vue'
import { vDrag, vOnto } from '@/look/dragging'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { grouped, moved } from './groups'

/** The groups of patterns: what they are called, and the order in which they are offered. */
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const order = computed(() => site.catalog?.patternGroups ?? [])
const groups = computed(() => grouped(site.catalog?.patterns ?? [], order.value))
const trouble = ref('')
const list = ref<HTMLElement | null>(null)

async function rename(group: string, name: string) {
  trouble.value = ''
  if (!name.trim() || name === group) return
  const answer = await site.give({ verb: 'name-group', group, name })
  if (!answer.ok) trouble.value = said(answer.problem)
}
async function arrange(groups: string[]) {
  trouble.value = ''
  const answer = await site.give({ verb: 'order-groups', groups })
  if (!answer.ok) trouble.value = said(answer.problem)
  return answer.ok
}
/** What was moved last, and by what: focus is given back to it once the list shows it where it is. */
let last = { group: '', act: '' }
async function move(group: string, by: 1 | -1, act: string) {
  last = { group, act }
  if (await arrange(moved(order.value, group, by))) aloud(`${group} moved ${by < 0 ? 'up' : 'down'}.`)
}
/** On what moved it, or on its name where it can move no further. */
function attend() {
  const row = list.value?.querySelector(`[data-group="${CSS.escape(last.group)}"]`)
  const again = row?.querySelector<HTMLButtonElement>(`[data-act="${last.act}"]:not(:disabled)`)
  if (last.group) (again ?? row?.querySelector<HTMLElement>('input'))?.focus()
  last = { group: '', act: '' }
}
watch(order, attend, { flush: 'post' })
function key(event: KeyboardEvent, group: string) {
  const by = event.altKey ? { ArrowUp: -1 as const, ArrowDown: 1 as const }[event.key] : undefined
  if (!by) return
  event.preventDefault()
  void move(group, by, 'name')
}

const dragged = ref<string | null>(null)
const over = ref<string | null>(null)
const drag = (group: string) => ({
  begin: () => void (dragged.value = group),
  end: () => void (dragged.value = over.value = null),
})
const onto = (group: string) => ({
  over: () => dragged.value && (over.value = group),
  drop: () => {
    const mine = dragged.value
    if (!mine || mine === group) return
    const rest = order.value.filter((g) => g !== mine)
    const down = order.value.indexOf(mine) < order.value.indexOf(group)
    rest.splice(rest.indexOf(group) + (down ? 1 : 0), 0, mine)
    void arrange(rest)
  },
})
</script>

<template>
  <SheetDialog title="Groups of patterns" @close="emit('close')">
    <p class="quiet gap">
      In this order they are offered. A group is there as long as a pattern is in it; a new one begins where a
      pattern is sorted into it. Two groups of one name become one.
    </p>
    <ol ref="list" aria-label="Groups">
      <li
        v-for="(g, i) in groups"
        :key="g.name"
        v-drag="drag(g.name)"
        v-onto="onto(g.name)"
        :data-group="g.name"
        :class="{ over: over === g.name && dragged !== g.name }"
        @keydown="key($event, g.name)"
      >
        <span class="grip" title="Drag to move; Alt ↑ ↓ by keys" aria-hidden="true">=</span>
        <WrittenInput
          class="name grow"
          dir="auto"
          maxlength="60"
          :value="g.name"
          :aria-label="`Name of the group ${g.name}`"
          @written="(name) => rename(g.name, name)"
        />
        <span class="label">{{ counted(g.patterns.length, 'pattern') }}</span>
        <button
          type="button"
          class="textlink"
          data-act="up"
          :disabled="i === 0"
          :aria-label="`${g.name} up`"
          @click="move(g.name, -1, 'up')"
        >
          up
        </button>
        <button
          type="button"
          class="textlink"
          data-act="down"
          :disabled="i === groups.length - 1"
          :aria-label="`${g.name} down`"
          @click="move(g.name, 1, 'down')"
        >
          down
        </button>
      </li>
    </ol>
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <v-btn class="gap" @click="emit('close')">Done<span class="kbd">Esc</span></v-btn>
  </SheetDialog>
</template>

<style scoped>
ol {
  list-style: none;
  max-height: 56vh;
  overflow-y: auto;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 4px 2px;
  border-top: 1px solid var(--line2);
}
li.over {
  background: var(--juniper-wash);
}
.grip {
  cursor: grab;
  color: var(--quiet);
  font-weight: 700;
}
.name {
  border: 1px solid transparent;
  border-radius: 3px;
  background: none;
  color: inherit;
  font: 600 14px/24px var(--text);
  padding: 0 4px;
}
.name:is(:hover, :focus) {
  border-color: var(--line);
}
.label {
  min-width: 76px;
  text-align: right;
}
</style>
