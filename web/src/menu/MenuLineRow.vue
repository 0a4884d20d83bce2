<script setup lang="ts">
import { computed, ref } from 'vue'
import WrittenInput from '@/edit/WrittenInput.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'
import LineShownTo from './LineShownTo.vue'
import { LEVELS, inward, moved, outward, type Line, type Placed } from './lines'

/** One line of a menu: what it says, where it leads, what follows it by itself, and what moves it. */
const props = defineProps<{ placed: Placed; words: string }>()
const emit = defineEmits<{
  act: [name: string, next: (lines: Line[], id: string) => Line[], says: string]
  label: [label: string | undefined]
  lead: []
  follow: [levels: number]
  shown: [settings: Line['settings']]
  write: []
  out: []
}>()
const line = computed(() => props.placed.line)
const up = (lines: Line[], id: string) => moved(lines, id, -1)
const down = (lines: Line[], id: string) => moved(lines, id, 1)
const ACTS = computed(() => {
  const { first, last, level, stuck } = props.placed
  return [
    { key: 'up', name: '↑', full: 'Up', off: first, why: '', next: up, says: 'moved up' },
    { key: 'down', name: '↓', full: 'Down', off: last, why: '', next: down, says: 'moved down' },
    {
      key: 'out',
      name: '←',
      full: 'Out, beside the line above it',
      off: level === 1,
      why: '',
      next: outward,
      says: `is on level ${level - 1}`,
    },
    {
      key: 'in',
      name: '→',
      full: 'Beneath the line before it',
      off: !!stuck,
      why: stuck,
      next: inward,
      says: 'stands beneath the line before it',
    },
  ]
})
const site = useSite()
const showing = ref(false)
const saysWhom = computed(() => showing.value || !!line.value.settings.shownTo)
const hasBranch = computed(
  () => !!line.value.link && [...site.rows.values()].some((r) => `page:${r.parent}` === line.value.link),
)
/** How many levels of its branch could follow it here. */
const most = computed(() =>
  line.value.link?.startsWith('page:') && !props.placed.by && (hasBranch.value || line.value.follows)
    ? LEVELS - props.placed.level
    : 0,
)
const choices = computed(() =>
  ['By hand', 'Its pages', 'Its pages, two levels']
    .slice(0, most.value + 1)
    .map((title, value) => ({ value, title })),
)
</script>

<template>
  <template v-if="placed.by">
    <span class="grip" aria-hidden="true" />
    <span class="name by cut">{{ words }}</span>
    <span class="where">
      <span class="mono cut quiet">{{ line.leads }}</span>
      <span v-if="line.unseen" class="should unseen-why">◇ {{ line.unseen }}</span>
    </span>
    <span class="acts room" aria-hidden="true" />
  </template>
  <template v-else>
    <span class="grip" title="Drag to move; Alt ↑ ↓ ← → by keys" aria-hidden="true">=</span>
    <WrittenInput
      class="name"
      :value="line.label ?? ''"
      :placeholder="line.takes"
      :aria-label="`What the line ${words} says`"
      maxlength="80"
      @written="(w) => emit('label', w.trim() || undefined)"
    />
    <span class="where">
      <button
        type="button"
        class="textlink mono cut"
        :class="{ must: line.link && !line.leads }"
        :title="`Lead it elsewhere`"
        :aria-label="
          line.link
            ? `${words} leads to ${line.leads ?? 'a page that is gone'}. Lead it elsewhere`
            : `${words} is a heading. Lead it somewhere`
        "
        @click="emit('lead')"
      >
        {{ line.link ? (line.leads ?? 'a page that is gone') : 'a heading' }}
      </button>
      <span v-if="line.unseen && line.leads" class="should unseen-why">◇ {{ line.unseen }}</span>
    </span>
    <span class="acts" role="group" :aria-label="`Acts on ${words}`">
      <button
        v-for="a in ACTS"
        :key="a.key"
        type="button"
        :data-act="a.key"
        :disabled="a.off"
        :title="a.why || a.full"
        :aria-label="`${a.full}: ${words}`"
        @click="emit('act', a.key, a.next, `${words} ${a.says}.`)"
      >
        {{ a.name }}
      </button>
      <button
        type="button"
        :aria-expanded="saysWhom"
        :aria-label="`To whom ${words} is shown`"
        title="To whom it is shown, of those who may open what it leads to"
        @click="showing = !showing"
      >
        who
      </button>
      <button
        v-if="most && !line.follows"
        type="button"
        class="textlink"
        :aria-label="`Let the pages beneath ${words} follow`"
        title="Let the pages beneath it stand beneath this line by themselves, in the plan’s order"
        @click="emit('follow', 1)"
      >
        + its pages
      </button>
      <button type="button" class="textlink" :aria-label="`Take out ${words}`" @click="emit('out')">
        Take out
      </button>
    </span>
    <span v-if="most && line.follows" class="follow">
      <span class="quiet">Beneath it</span>
      <ChoiceOf
        :model-value="line.follows"
        :items="choices"
        :label="`What stands beneath ${words}`"
        @update:model-value="(v?: number) => emit('follow', v ?? 0)"
      />
      <button type="button" class="textlink" @click="emit('write')">Write them out</button>
    </span>
    <LineShownTo
      v-if="saysWhom"
      class="follow"
      :settings="line.settings"
      :words="words"
      @set="(settings) => emit('shown', settings)"
    />
  </template>
</template>

<style scoped>
.grip {
  width: 12px;
  cursor: grab;
  color: var(--quiet);
}
.name {
  flex: 1 1 140px;
  min-width: 0;
  min-height: 28px;
  border: 0;
  border-bottom: 1px solid transparent;
  background: none;
  font: 600 14px/20px var(--text);
  color: inherit;
}
.name:hover,
.name:focus {
  border-bottom-color: var(--quiet);
}
.name::placeholder {
  color: var(--ink);
  opacity: 1;
}
.name.by {
  font-weight: 400;
  line-height: 24px;
  min-height: 24px;
  color: var(--quiet);
}
.where {
  flex: 0 1 210px;
  min-width: 0;
}
.where .textlink {
  max-width: 100%;
  min-height: 24px;
}
.unseen-why {
  display: block;
  font-size: 12px;
  line-height: 16px;
}
.acts {
  display: flex;
  gap: 4px;
  align-items: center;
}
.acts.room {
  width: 306px;
}
.acts:not(.room) {
  min-width: 306px;
  justify-content: flex-end;
}
.acts button {
  min-width: 28px;
  min-height: 28px;
}
.follow {
  display: flex;
  align-items: center;
  gap: 4px 12px;
  flex-basis: 100%;
  padding-left: 22px;
  font-size: 12.5px;
}
.acts button:not(.textlink) {
  border: 1px solid var(--line);
  border-radius: 3px;
  background: none;
  color: inherit;
}
.acts button:disabled {
  opacity: 0.35;
}
.acts .textlink {
  font-size: 12px;
  padding: 0 4px;
}
</style>
