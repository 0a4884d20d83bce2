<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ThemeDetail } from '@/api/types'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import DrawnPlace from '@/drawing/DrawnPlace.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import LookSwatch from './LookSwatch.vue'
import PartsSheet from './PartsSheet.vue'
import WearSheet from './WearSheet.vue'

/** Looks beside each other on the same pages of this site: the one that is worn, and up to two others. */
const props = defineProps<{ theme: ThemeDetail }>()
const others = defineModel<string[]>('others', { required: true })
const site = useSite()
const session = useSession()
const wearing = ref<string | null>(null)
const takingOf = ref<string | null>(null)
const MOST = 2
const PAGES = 4
const named = (id: string) => props.theme.looks.find((l) => l.id === id)
const columns = computed(() => [props.theme.id, ...others.value].flatMap((id) => named(id) ?? []))
const sheets = computed(() => props.theme.sheets.slice(0, PAGES))

function choose(id: string) {
  others.value = others.value.includes(id)
    ? others.value.filter((o) => o !== id)
    : [...others.value, id].slice(-MOST)
}
</script>

<template>
  <div class="compare">
    <div class="chips" role="group" aria-label="Looks">
      <button
        v-for="l in theme.looks"
        :key="l.id"
        type="button"
        class="chip"
        :class="{ worn: l.worn }"
        :aria-pressed="l.worn || others.includes(l.id)"
        :disabled="l.worn"
        @click="choose(l.id)"
      >
        <LookSwatch :colours="l.colours" />{{ l.name }}
      </button>
    </div>
    <DrawingBoard
      ><div class="columns" :style="{ gridTemplateColumns: `repeat(${columns.length}, minmax(0, 1fr))` }">
        <section v-for="l in columns" :key="l.id" :aria-label="l.name">
          <header>
            <LookSwatch :colours="l.colours" /><b>{{ l.name }}</b
            ><span v-if="l.worn" class="quiet">worn</span
            ><template v-else-if="session.manager"
              ><button type="button" class="textlink wear" @click="takingOf = l.id">Take parts…</button
              ><v-btn @click="wearing = l.id">Wear it…</v-btn></template
            >
          </header>
          <DrawnPlace
            v-for="s in sheets"
            :key="s.page"
            class="frame"
            :of="l.worn ? `page/${s.page}` : `page/${s.page}?look=${l.id}`"
            :version="String(site.step)"
            :at="1200"
            whole
            :label="`${s.title} in ${l.name}`"
          />
        </section></div
    ></DrawingBoard>
    <p v-if="columns.length === 1" class="quiet hint">
      Choose one or two looks above; they stand beside this one.
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
.frame {
  aspect-ratio: 7 / 8;
  border: 1px solid var(--line);
  margin-bottom: 14px;
}
.hint {
  margin-top: 4px;
}
</style>
