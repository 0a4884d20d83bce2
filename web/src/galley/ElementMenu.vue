<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ElementInfo, Section } from '@/api/types'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { useGalley } from './useGalley'
import { whyNotIn } from './whyNotIn'

/** Adds an element at the foot of a column: all kinds in one list, narrowed by typing. */
const props = defineProps<{ section: Section; column: string; index: number }>()
const site = useSite()
const galley = useGalley()
const session = useSession()
const open = ref(false)
const words = ref('')
const search = ref<HTMLInputElement | null>(null)
const DRAWN_MS = 60
/** The menu takes the focus itself as it opens; its input gets it right after. */
watch(open, (is) => is && setTimeout(() => search.value?.focus({ preventScroll: true }), DRAWN_MS))
const zone = computed(() => galley.zoneOf(props.section.id))
const all = computed(() => (site.catalog?.elements ?? []).filter((e) => session.manager || !e.managersOnly))
const taken = computed(() => all.value.filter((e) => !zone.value || !whyNotIn(zone.value, [e.key], [])))
const left = computed(() => all.value.length - taken.value.length)
const shown = computed(() =>
  taken.value.filter((e) => `${e.name} ${e.note}`.toLowerCase().includes(words.value.trim().toLowerCase())),
)

function add(kind: ElementInfo | undefined) {
  if (!kind) return
  open.value = false
  words.value = ''
  const { section, column, index } = props
  void galley.add(section.id, kind.name, (id) =>
    galley.write(section.id, (at) => ({
      verb: 'place-element',
      ...at,
      column,
      index,
      id,
      kind: kind.key,
      props: {},
    })),
  )
}
</script>

<template>
  <v-menu v-model="open" :close-on-content-click="false">
    <template #activator="{ props: menu }">
      <button type="button" class="add" v-bind="menu" :aria-label="`Add an element to ${section.name}`">
        + element
      </button>
    </template>
    <div class="list">
      <input
        ref="search"
        v-model="words"
        type="search"
        placeholder="What shall stand here?"
        aria-label="Find an element"
        @keydown.enter.prevent="add(shown[0])"
        @keydown.esc="open = false"
        @keydown.stop
      />
      <ul>
        <li v-for="k in shown" :key="k.key">
          <button type="button" @click="add(k)">
            <b>{{ k.name }}</b><span class="quiet">{{ k.note }}</span>
          </button>
        </li>
      </ul>
      <p v-if="left" class="quiet none">
        {{ zone?.name }} takes {{ taken.length }} of {{ taken.length + left }} kinds.
      </p>
      <p v-if="!shown.length" class="quiet none">No element is called so.</p>
    </div>
  </v-menu>
</template>

<style scoped>
.add {
  border: 0;
  background: none;
  color: var(--quiet);
  font: 12px/18px var(--text);
  text-align: left;
  padding: 0 0 0 14px;
  margin: -8px 0;
}
.list {
  background: var(--sheet);
  border: 1px solid var(--ink);
  border-radius: 3px;
  width: 520px;
  max-width: 92vw;
}
input {
  width: 100%;
  border: 0;
  border-bottom: 1px solid var(--line);
  background: none;
  color: inherit;
  font: 14px/20px var(--text);
  padding: 9px 12px;
}
ul {
  list-style: none;
  display: grid;
  grid-template-columns: 1fr 1fr;
  max-height: 340px;
  overflow-y: auto;
  padding: 6px;
}
li button {
  display: flex;
  flex-direction: column;
  width: 100%;
  border: 0;
  background: none;
  color: inherit;
  text-align: left;
  padding: 4px 7px;
  border-radius: 3px;
  font: 13px/17px var(--text);
}
li button:hover,
li button:focus-visible {
  background: var(--juniper-wash);
}
li .quiet {
  font-size: 12px;
}
.none {
  padding: 0 12px 12px;
}
</style>
