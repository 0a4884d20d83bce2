<script setup lang="ts">
import { computed, ref } from 'vue'
import type { AskedRelease, ReleaseEntry, WaitingChange } from '@/api/types'
import { useSession } from '@/session/useSession'
import { counted } from '@/words/counted'
import { fold } from '@/words/fold'
import AskedWord from './AskedWord.vue'
import ChangeTags from './ChangeTags.vue'
import { FATES } from './releaseWords'
import type { useChosen } from './useChosen'

/** What waits, as what people did, one line each: taken or left out, whole or in part, and looked at. */
const props = defineProps<{
  chosen: ReturnType<typeof useChosen>
  asked: ReadonlyMap<string, AskedRelease>
  /** The items that must come along with what is chosen. */
  along: string[]
  since: string
}>()
const emit = defineEmits<{ giveBack: [asked: AskedRelease] }>()
/** The key of the one that is looked at. */
const looking = defineModel<string>({ required: true })
const session = useSession()
const open = ref(new Set<string>())
const filter = ref('')
/** So many are looked through by words, and so many items of one are named at first. */
const MANY = 12
const FEW = 40

const shown = computed(() => {
  const words = fold(filter.value.trim())
  return props.chosen.changes.value.filter((c) => fold(`${c.name} ${c.says.join(' ')}`).includes(words))
})
const ask = (c: WaitingChange) => c.entries.map((e) => props.asked.get(e.item)).find(Boolean)
const one = (c: WaitingChange) => (c.entries.length === 1 ? c.entries[0] : undefined)
const fate = (c: WaitingChange) => {
  const only = one(c)
  return only && only.fate !== 'CHANGED' ? FATES[only.fate] : undefined
}
const share = (c: WaitingChange) => props.chosen.share(c)
const comes = (c: WaitingChange) => share(c) === 'none' && c.entries.some((e) => props.along.includes(e.item))
const others = (c: WaitingChange) => c.by.filter((name) => name !== session.person?.name)
const tickAll = (c: WaitingChange) => props.chosen.take(c, c.entries, share(c) !== 'all')
const tick = (c: WaitingChange, e: ReleaseEntry, on: boolean) => props.chosen.take(c, [e], on)
function unroll(key: string) {
  const next = new Set(open.value)
  if (!next.delete(key)) next.add(key)
  open.value = next
}
</script>

<template>
  <section class="list" aria-labelledby="waits">
    <header>
      <h2 id="waits" class="grow">{{ since }}</h2>
      <button type="button" class="textlink" @click="chosen.only(() => true)">all</button>
      <button type="button" class="textlink" @click="chosen.only(() => false)">none</button>
      <button type="button" class="textlink" @click="chosen.only((c) => c.mine)">what I did</button>
      <button v-if="asked.size" type="button" class="textlink" @click="chosen.only((c) => !!ask(c))">
        asked for
      </button>
    </header>
    <input
      v-if="chosen.changes.value.length > MANY"
      v-model="filter"
      type="search"
      class="boxed search"
      placeholder="Look through the changes"
      aria-label="Look through the changes"
    />
    <p v-if="!shown.length" class="quiet none">No change is called so.</p>
    <ul>
      <li
        v-for="c in shown"
        :key="c.key"
        :class="{ on: looking === c.key, out: share(c) === 'none' && !comes(c) }"
      >
        <div class="line" @click="looking = c.key">
          <v-checkbox
            :model-value="share(c) === 'all'"
            :indeterminate="share(c) === 'some'"
            :aria-label="`Release ${c.name}`"
            @click.stop
            @update:model-value="tickAll(c)"
          />
          <div class="grow words">
            <button type="button" class="name" dir="auto" :aria-pressed="looking === c.key">
              {{ c.name }}
            </button>
            <div class="quiet">
              <b v-if="fate(c)" class="state" :class="fate(c)!.tone">{{ fate(c)!.word }} ·</b>
              {{ c.says.join('; ')
              }}<template v-if="others(c).length"> · by {{ others(c).join(', ') }}</template>
            </div>
            <div v-if="comes(c)" class="should">◇ comes along: another change needs it</div>
            <button
              v-if="!one(c)"
              type="button"
              class="textlink"
              :aria-expanded="open.has(c.key)"
              @click.stop="unroll(c.key)"
            >
              {{ open.has(c.key) ? 'fold' : `choose among the ${counted(c.entries.length, 'item')}` }}
            </button>
            <AskedWord v-if="ask(c)" :asked="ask(c)!" @give-back="emit('giveBack', ask(c)!)" />
          </div>
          <ChangeTags :change="c" />
        </div>
        <ul v-if="open.has(c.key)" class="items">
          <li v-for="e in c.entries.slice(0, FEW)" :key="e.item" class="line">
            <v-checkbox
              :model-value="chosen.isOn(c, e.item)"
              :aria-label="`Release ${e.name}`"
              @update:model-value="(v: unknown) => tick(c, e, v === true)"
            />
            <span class="grow words"
              ><span dir="auto">{{ e.name }}</span> <span class="quiet">{{ e.says.join('; ') }}</span></span
            >
          </li>
          <li v-if="c.entries.length > FEW" class="quiet more">
            and {{ c.entries.length - FEW }} more, which go or stay with the change
          </li>
        </ul>
      </li>
    </ul>
  </section>
</template>

<style scoped>
header {
  display: flex;
  align-items: baseline;
  gap: 10px;
  padding: 9px 16px 7px 20px;
  border-bottom: 1px solid var(--ink);
  position: sticky;
  top: 0;
  background: var(--paper);
  z-index: 2;
}
h2 {
  font: 600 13.5px/20px var(--text);
}
ul {
  list-style: none;
}
.list > ul > li {
  border-bottom: 1px solid var(--line);
  border-left: 4px solid transparent;
}
.list > ul > li.on {
  background: var(--sheet);
  border-left-color: var(--juniper);
}
.line {
  display: flex;
  gap: 8px;
  align-items: flex-start;
  padding: 9px 16px 9px 14px;
}
.list > ul > li > .line {
  cursor: pointer;
}
.line .v-checkbox {
  flex: none;
  margin-top: -6px;
}
.words {
  min-width: 0;
  overflow-wrap: anywhere;
}
.name {
  border: 0;
  background: none;
  color: inherit;
  font: 600 14.5px/21px var(--text);
  padding: 0;
  text-align: start;
}
.out .name,
.out .quiet {
  opacity: 0.75;
}
.items {
  padding: 0 0 8px 28px;
}
.items .line {
  padding: 2px 16px 2px 0;
}
.more,
.none {
  padding: 6px 20px;
}
.search {
  margin: 8px 16px 0 20px;
  width: calc(100% - 36px);
}
</style>
