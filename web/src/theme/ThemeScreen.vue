<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { freshId } from '@/api/client'
import type { ThemeDetail, Value } from '@/api/types'
import { counted } from '@/words/counted'
import { isWriting, lettersAct } from '@/site/useGlobalKeys'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import LibraryShelf from '@/library/LibraryShelf.vue'
import PropertyInput from '@/property/PropertyInput.vue'
import { held } from '@/property/values'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSession } from '@/session/useSession'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import ColourInput from './ColourInput.vue'
import LooksBar from './LooksBar.vue'

const site = useSite()
const session = useSession()
const { value: theme } = useItem<ThemeDetail>(
  () => 'theme',
  (t) => [{ item: t.id, revision: t.revision }],
)
const route = useRoute()
const open = ref('palette')
/** Find leads to a group of settings. */
watch(
  () => route.query.at,
  (at) => at && (open.value = String(at)),
  { immediate: true },
)
const before = ref(false)
const trying = ref<string | null>(null)
let group = ''

const manager = computed(() => session.manager)
const failing = computed(() => (theme.value?.contrast ?? []).filter((c) => c.ratio < c.needed))
const query = computed(() => (before.value ? 'of=live' : trying.value ? `look=${trying.value}` : ''))

function set(key: string, value: Value | undefined) {
  if (!theme.value) return
  group ||= freshId()
  void site.give(
    { verb: 'set-value', item: theme.value.id, key, value: value as never },
    theme.value.id,
    group + key,
  )
}
function summary(g: ThemeDetail['groups'][number]): string {
  const values = theme.value?.settings ?? {}
  return g.settings
    .filter((p) => p.type === 'CHOICE' || p.type === 'YES_NO')
    .slice(0, 2)
    .map((p) => {
      const value = held(p, values)
      if (p.type === 'YES_NO') return value ? p.label.toLowerCase() : ''
      return (p.choices.find((c) => c.value === value)?.label ?? '').split(',')[0]
    })
    .filter(Boolean)
    .join(' / ')
}
const holdB = (down: boolean) => (event: KeyboardEvent) => {
  if (event.key.toLowerCase() === 'b' && !isWriting(event) && !event.ctrlKey && lettersAct(event))
    before.value = down
}
useEventListener(window, 'keydown', holdB(true))
useEventListener(window, 'keyup', holdB(false))
</script>

<template>
  <div v-if="theme" class="screen">
    <div class="screen-head">
      <h1>Theme</h1>
      <span class="quiet">wears</span>
      <LooksBar v-model:trying="trying" :theme="theme" />
      <span v-if="manager" class="quiet reach"
        >Changes {{ counted(theme.pages, 'page') }} · hold <span class="kbd">B</span> for before</span
      >
    </div>
    <div class="split halves">
      <div class="settings" aria-label="Settings of the look">
        <p v-if="!manager" class="note-box">
          Only managers change the look. You can try the kept looks on the contact sheet.
        </p>
        <section v-for="g in theme.groups" :key="g.key" :class="{ open: open === g.key }">
          <button
            type="button"
            class="group"
            :aria-expanded="open === g.key"
            @click="open = open === g.key ? '' : g.key"
          >
            <b>{{ g.label }}</b><span class="quiet cut">{{ open === g.key ? '' : summary(g) }}</span>
          </button>
          <fieldset v-if="open === g.key" :disabled="!manager">
            <template v-for="p in g.settings" :key="p.key">
              <ColourInput
                v-if="p.type === 'COLOUR'"
                :property="p"
                :value="String(held(p, theme.settings))"
                @change="(v) => set(p.key, v)"
              />
              <PropertyInput
                v-else
                :property="p"
                :value="theme.settings[p.key]"
                @change="(v) => set(p.key, v === '' ? undefined : v)"
                @leave="group = ''"
              />
            </template>
            <template v-if="g.key === 'palette'">
              <div v-for="c in failing" :key="c.label" class="note-box">
                <b class="should">◇ {{ c.ratio.toFixed(1) }} : 1</b> {{ c.label }}. Asked: {{ c.needed }}.
                <button type="button" class="textlink" @click="set(c.setting, c.nearest)">
                  Take {{ c.nearest }}
                </button>
              </div>
              <p v-if="!failing.length" class="label">
                All {{ theme.contrast.length }} pairs of words and ground pass WCAG AA.
              </p>
              <span class="label">Tones, as sections wear them</span>
              <div class="tones">
                <div
                  v-for="t in site.catalog?.tones ?? []"
                  :key="t.key"
                  :style="{ background: t.ground, color: t.words }"
                >
                  {{ t.label }}<br />{{ counted(theme.tones[t.key] ?? 0, 'section') }}
                </div>
              </div>
            </template>
          </fieldset>
        </section>
        <LibraryShelf v-if="manager" class="shelf" :sorts="['THEME']" />
      </div>
      <div class="contact" aria-label="Contact sheet">
        <figure v-for="s in theme.sheets" :key="s.page">
          <ProofFrame
            class="frame"
            :path="`page/${s.page}`"
            :query="query"
            :width="1200"
            :markup="query ? undefined : `pages/${s.page}/markup`"
            :label="`${s.kind}: ${s.title}`"
          />
          <figcaption class="row-flex">
            <TemplateGlyph :template="s.template" :wide="26" /><b>{{ s.kind }}</b
            ><span class="quiet cut">{{ s.title }}</span>
          </figcaption>
        </figure>
        <figure v-if="theme.sheets[0]" class="narrow">
          <ProofFrame
            class="frame"
            :path="`page/${theme.sheets[0].page}`"
            :query="query"
            :width="375"
            :markup="query ? undefined : `pages/${theme.sheets[0].page}/markup`"
            label="Narrow"
          />
          <figcaption><b>Narrow</b> <span class="quiet">375 px</span></figcaption>
        </figure>
      </div>
    </div>
  </div>
</template>

<style scoped>
.shelf {
  padding: 0 18px 18px;
}
.reach {
  margin-left: auto;
  white-space: nowrap;
}
.split {
  grid-template-columns: 320px minmax(0, 1fr);
}
.settings {
  overflow-y: auto;
  border-right: 1px solid var(--line);
  scrollbar-width: thin;
}
section {
  border-bottom: 1px solid var(--line);
  border-left: 3px solid transparent;
}
section.open {
  border-left-color: var(--juniper);
  background: var(--sheet);
}
.group {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  width: 100%;
  border: 0;
  background: none;
  color: inherit;
  font: 14px/20px var(--text);
  padding: 9px 18px;
  text-align: left;
}
.group b {
  white-space: nowrap;
}
fieldset {
  border: 0;
  padding: 2px 18px 16px;
  display: flex;
  flex-direction: column;
  gap: 11px;
}
.tones {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 6px;
}
.tones > div {
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 4px 7px;
  font-size: 12px;
  line-height: 16px;
}
.contact {
  background: var(--table);
  overflow-y: auto;
  padding: 18px 20px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 18px 16px;
  align-content: start;
}
.frame {
  height: 270px;
  border: 1px solid var(--line);
}
.narrow .frame {
  width: 150px;
}
figcaption {
  margin-top: 7px;
}
@media (max-width: 1150px) {
  .reach {
    display: none;
  }
}
</style>
