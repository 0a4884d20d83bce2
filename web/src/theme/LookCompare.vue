<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ThemeDetail } from '@/api/types'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import DrawnPlace from '@/drawing/DrawnPlace.vue'
import FilterTabs from '@/look/FilterTabs.vue'
import { isNamed } from '@/words/named'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import LookSwatch from './LookSwatch.vue'
import PartsSheet from './PartsSheet.vue'
import WearSheet from './WearSheet.vue'

/** Looks beside each other on the same pages of this site, near or whole: the one that is worn, and up to five others. */
const props = defineProps<{ theme: ThemeDetail }>()
const others = defineModel<string[]>('others', { required: true })
const site = useSite()
const session = useSession()
const wearing = ref<string | null>(null)
const takingOf = ref<string | null>(null)
const MOST = 5
const PAGES = 4
const named = (id: string) => props.theme.looks.find((l) => l.id === id)
const columns = computed(() => [props.theme.id, ...others.value].flatMap((id) => named(id) ?? []))
const sheets = computed(() => props.theme.sheets.slice(0, PAGES))
const words = ref('')
const offered = computed(() =>
  props.theme.looks.filter(
    (l) => l.worn || others.value.includes(l.id) || isNamed(words.value.trim(), l.name, l.note),
  ),
)
const far = ref('near')
const WAYS = [
  { key: 'near', name: 'near' },
  { key: 'whole', name: 'whole pages' },
]

function choose(id: string) {
  others.value = others.value.includes(id)
    ? others.value.filter((o) => o !== id)
    : [...others.value, id].slice(-MOST)
}
</script>

<template>
  <div class="compare">
    <div class="chips" role="group" aria-label="Looks">
      <input
        v-model="words"
        class="boxed find"
        type="search"
        placeholder="What it suits"
        aria-label="Looks found by name or what they suit"
      />
      <button
        v-for="l in offered"
        :key="l.id"
        type="button"
        class="chip"
        :class="{ worn: l.worn }"
        :aria-pressed="l.worn || others.includes(l.id)"
        :disabled="l.worn"
        :title="l.note"
        @click="choose(l.id)"
      >
        <LookSwatch :colours="l.colours" />{{ l.name }}
      </button>
      <FilterTabs v-model="far" :tabs="WAYS" label="How much of a page" class="far" />
    </div>
    <DrawingBoard
      ><div class="columns" :style="{ gridTemplateColumns: `repeat(${columns.length}, minmax(0, 1fr))` }">
        <section v-for="l in columns" :key="l.id" :aria-label="l.name">
          <header :class="{ narrow: columns.length > 3 }">
            <LookSwatch :colours="l.colours" /><b>{{ l.name }}</b
            ><span v-if="l.worn" class="quiet">worn</span
            ><template v-else-if="session.manager"
              ><button type="button" class="textlink wear" @click="takingOf = l.id">Take parts…</button
              ><v-btn @click="wearing = l.id">Wear it…</v-btn></template
            >
          </header>
          <p class="quiet note">{{ l.note }}</p>
          <DrawnPlace
            v-for="s in sheets"
            :key="s.page"
            class="frame"
            :class="{ whole: far === 'whole' }"
            :of="l.worn ? `page/${s.page}` : `page/${s.page}?look=${l.id}`"
            :version="String(site.step)"
            :at="1200"
            whole
            :label="`${s.title} in ${l.name}`"
          />
        </section></div
    ></DrawingBoard>
    <p v-if="columns.length === 1" class="quiet hint">
      Choose up to five looks above; they stand beside this one.
    </p>
    <PartsSheet v-if="takingOf" :theme="theme" :look="takingOf" @close="takingOf = null" />
    <WearSheet v-if="wearing" :theme="theme" :look="wearing" @close="wearing = null" />
  </div>
</template>

<style scoped>
.compare {
  padding: 14px 18px 20px;
}
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin-bottom: 14px;
}
.chip {
  display: flex;
  gap: 7px;
  align-items: center;
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  color: inherit;
  font: 500 13px/24px var(--text);
  padding: 0;
}
.chip[aria-pressed='true'] {
  border-color: var(--ink);
}
.chip.worn {
  border-color: var(--juniper);
}
.columns {
  display: grid;
  gap: 16px;
}
header {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 34px;
  margin-bottom: 8px;
}
.wear {
  margin-left: auto;
}
.narrow {
  flex-wrap: wrap;
  align-content: start;
  min-height: 92px;
}
.narrow .wear {
  margin-left: 0;
}
.note {
  font-size: 13px;
  line-height: 17px;
  min-height: 51px;
  margin-bottom: 6px;
}
.find {
  width: 150px;
}
.far {
  margin-inline-start: auto;
}
.whole {
  aspect-ratio: 1 / 3 !important;
}
.frame {
  aspect-ratio: 7 / 8;
  border: 1px solid var(--line);
  margin-bottom: 14px;
}
.hint {
  margin-top: 4px;
}
</style>
