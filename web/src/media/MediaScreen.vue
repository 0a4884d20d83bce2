<script setup lang="ts">
import { counted } from '@/words/counted'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { MediaInfo } from '@/api/types'
import FilterTabs from '@/look/FilterTabs.vue'
import { useSite } from '@/site/useSite'
import IntakeList from './IntakeList.vue'
import MediaCard from './MediaCard.vue'
import { useIntake } from './useIntake'
import { useMedia } from './useMedia'
import { weight } from './weight'

const site = useSite()
const route = useRoute()
const router = useRouter()
const media = useMedia()
const all = computed(() => media.all)
const words = ref('')
const lens = ref('')
const over = ref(false)
const folder = computed(() => (route.query.folder === undefined ? null : String(route.query.folder)))
const intake = useIntake(() => folder.value ?? '', media.load)

media.watchAll()

const LENSES = [
  { key: '', name: 'all', test: () => true },
  {
    key: 'words',
    name: 'without words',
    test: (m: MediaInfo) => m.sort === 'PICTURE' && !m.alt && !m.decorative,
  },
  { key: 'unused', name: 'not used', test: (m: MediaInfo) => m.uses.length === 0 },
]
const lenses = computed(() =>
  LENSES.map(({ key, name, test }) => ({ key, name, count: all.value.filter(test).length })),
)
const folders = computed(() =>
  [...new Set(all.value.map((m) => m.folder))].filter(Boolean).sort((a, b) => a.localeCompare(b)),
)
const count = (name: string) => all.value.filter((m) => m.folder === name).length
const shown = computed(() => {
  const test = LENSES.find((l) => l.key === lens.value)?.test ?? (() => true)
  const find = words.value.trim().toLowerCase()
  return all.value.filter(
    (m) =>
      (folder.value === null || m.folder === folder.value) &&
      test(m) &&
      `${m.name} ${m.alt ?? ''} ${m.format}`.toLowerCase().includes(find),
  )
})
const chosen = computed(() => all.value.find((m) => m.id === route.params.media))

function choose(id: string) {
  void router.replace({ name: 'media', params: { media: id }, query: route.query })
}
function go(to: string | null) {
  void router.replace({ name: 'media', params: {}, query: to === null ? {} : { folder: to } })
}
function drop(event: DragEvent) {
  over.value = false
  intake.bring(event.dataTransfer?.files)
}
function walk(event: KeyboardEvent, by: number) {
  const at = shown.value.findIndex((m) => m.id === chosen.value?.id)
  const next = shown.value[at + by]
  if (!next) return
  event.preventDefault()
  choose(next.id)
  document.getElementById(`media-${next.id}`)?.focus()
}
</script>

<template>
  <div class="screen" :class="{ over }" @dragover.prevent="over = true" @drop.prevent="drop">
    <div class="screen-head">
      <h1>Media</h1>
      <FilterTabs v-model="lens" :tabs="lenses" label="Show" />
      <div class="tools">
        <input
          v-model="words"
          type="search"
          class="filter"
          placeholder="Filter"
          aria-label="Filter the files"
        />
        <label class="bring">
          <input
            type="file"
            multiple
            class="unseen"
            @change="intake.bring(($event.target as HTMLInputElement).files)"
          />
          Bring files…
        </label>
      </div>
    </div>
    <div class="split">
      <nav class="folders" aria-label="Folders">
        <button type="button" :class="{ on: folder === null }" @click="go(null)">
          All files <span class="quiet">{{ all.length }}</span>
        </button>
        <button type="button" :class="{ on: folder === '' }" @click="go('')">
          In no folder <span class="quiet">{{ count('') }}</span>
        </button>
        <button
          v-for="f in folders"
          :key="f"
          type="button"
          :class="{ on: folder === f }"
          dir="auto"
          @click="go(f)"
        >
          {{ f }} <span class="quiet">{{ count(f) }}</span>
        </button>
        <p class="label hint">A folder is made by filing something in it.</p>
      </nav>
      <div class="files">
        <IntakeList :jobs="intake.jobs.value" @again="intake.again" @cancel="intake.cancel" />
        <p v-if="media.loaded && !shown.length" class="quiet empty">
          {{
            all.length
              ? 'Nothing here is called so or stands so.'
              : 'Pictures, films, sounds and documents of the site are kept here. Drop some onto this screen.'
          }}
        </p>
        <div class="grid">
          <button
            v-for="m in shown"
            :id="`media-${m.id}`"
            :key="m.id"
            type="button"
            :class="{ on: m.id === chosen?.id }"
            @click="choose(m.id)"
            @keydown.right="walk($event, 1)"
            @keydown.left="walk($event, -1)"
          >
            <img
              v-if="m.thumb"
              :src="site.standing?.origin + m.thumb"
              alt=""
              loading="lazy"
              :style="{ objectPosition: `${m.focalX}% ${m.focalY}%` }"
            />
            <span v-else class="sort mono">{{ m.format }}</span>
            <b class="cut" dir="auto">{{ m.name }}</b>
            <span class="label">
              {{ m.width ? `${m.width} × ${m.height}` : weight(m.bytes) }} ·
              {{ m.uses.length ? `in ${counted(m.uses.length, 'place')}` : 'not used' }}
            </span>
            <span v-if="m.thumb && !m.alt && !m.decorative" class="label should">◇ no words yet</span>
          </button>
        </div>
      </div>
      <MediaCard v-if="chosen" :key="chosen.id" :media="chosen" :folders="folders" @gone="go(folder)" />
    </div>
  </div>
</template>

<style scoped>
.screen.over .files {
  outline: 2px dashed var(--juniper);
  outline-offset: -6px;
}
.bring {
  border: 1px solid var(--ink);
  border-radius: 3px;
  background: var(--sheet);
  font: 500 13px/28px var(--text);
  padding: 0 12px;
  cursor: pointer;
}
.bring:focus-within {
  outline: 2px solid var(--juniper);
}
.folders {
  width: 190px;
  flex: none;
  border-right: 1px solid var(--line);
  padding: 14px 0;
  overflow-y: auto;
}
.folders button {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  width: 100%;
  border: 0;
  border-left: 3px solid transparent;
  background: none;
  color: inherit;
  font: 14px/30px var(--text);
  padding: 0 16px 0 17px;
  text-align: left;
}
.folders button.on {
  background: var(--juniper-wash);
  border-color: var(--juniper);
  font-weight: 600;
}
.hint {
  padding: 12px 20px;
}
.files {
  flex: 1;
  min-width: 0;
  overflow-y: auto;
  padding: 16px 20px 40px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 16px 14px;
}
.grid button {
  display: flex;
  flex-direction: column;
  align-items: stretch;
  border: 0;
  background: none;
  padding: 0;
  color: inherit;
  font: 13px/19px var(--text);
  text-align: left;
  min-width: 0;
}
.grid img,
.sort {
  width: 100%;
  aspect-ratio: 3/2;
  object-fit: cover;
  border: 1px solid var(--line);
  margin-bottom: 5px;
}
.sort {
  display: grid;
  place-items: center;
  background: var(--table);
}
.grid .on img,
.grid .on .sort {
  outline: 2px solid var(--juniper);
  outline-offset: 1px;
}
.empty {
  padding: 50px 0;
  text-align: center;
}
</style>
