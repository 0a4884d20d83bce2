<script setup lang="ts">
import { counted } from '@/words/counted'
import { useElementSize, useSessionStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { MediaInfo } from '@/api/types'
import { vDrag, vOnto } from '@/look/dragging'
import FilterTabs from '@/look/FilterTabs.vue'
import { useNarrow } from '@/look/useNarrow'
import { useSite } from '@/site/useSite'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import BringFiles from './BringFiles.vue'
import FilePicture from './FilePicture.vue'
import { justified } from './justified'
import IntakeList from './IntakeList.vue'
import MediaCard from './MediaCard.vue'
import { useIntake } from './useIntake'
import { useMedia } from './useMedia'
import { weight } from './weight'

const site = useSite()
const narrow = useNarrow()
const route = useRoute()
const router = useRouter()
const media = useMedia()
const all = computed(() => media.all)
const words = ref('')
const lens = ref('')
const over = ref<string | null>(null)
const intake = useIntake(media.load)
const folded = useSessionStorage<string[]>('venue-folded-folders', [])
/** Folders that are named, and hold nothing yet. */
const added = ref<string[]>([])
const naming = ref('')

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
const held = (test: (m: MediaInfo) => boolean) => (media.loaded ? all.value.filter(test).length : undefined)
const lenses = computed(() => LENSES.map(({ key, name, test }) => ({ key, name, count: held(test) })))
const folders = computed(() =>
  [...new Set([...all.value.map((m) => m.folder), ...added.value])]
    .filter(Boolean)
    .sort((a, b) => a.localeCompare(b)),
)
const shown = computed(() => {
  const test = LENSES.find((l) => l.key === lens.value)?.test ?? (() => true)
  const find = words.value.trim().toLowerCase()
  return all.value.filter(
    (m) => test(m) && `${m.name} ${m.alt ?? ''} ${m.format} ${m.folder}`.toLowerCase().includes(find),
  )
})
/** The folders as strips, one beneath the other: those with pictures first; what lies in none comes last. */
const strips = computed(() => {
  const all = [...folders.value, ''].map((folder) => ({
    folder,
    files: shown.value.filter((m) => m.folder === folder),
  }))
  const rank = ({ folder, files }: (typeof all)[number]) =>
    folder ? Number(!files.some((m) => m.sort === 'PICTURE')) : 2
  return all.sort((a, b) => rank(a) - rank(b))
})
const looking = computed(() => !!words.value.trim() || !!lens.value)
const sheet = ref<HTMLElement | null>(null)
const { width: room } = useElementSize(sheet)
const LINE = 150
const ratioOf = (m: MediaInfo) =>
  m.thumb && m.width && m.height ? Math.min(3.4, m.width / m.height) : m.format === 'pdf' ? 0.707 : 1
const lines = (files: MediaInfo[]) => justified(files, ratioOf, Math.max(200, room.value - 1), LINE)
function fold(folder: string) {
  const is = folded.value.includes(folder)
  folded.value = is ? folded.value.filter((f) => f !== folder) : [...folded.value, folder]
}
const chosen = computed(() => all.value.find((m) => m.id === route.params.media))

function choose(id: string) {
  void router.replace({ name: 'media', params: { media: id } })
}
function usesWords(m: MediaInfo) {
  const size = m.width ? '' : `${weight(m.bytes)} · `
  return `${size}${m.uses.length ? `in ${counted(m.uses.length, 'place')}` : 'not used'}`
}
const leave = () => void router.replace({ name: 'media', params: {} })
function drop(event: DragEvent, folder: string) {
  over.value = null
  void intake.bring(event.dataTransfer?.files, folder)
}
const hasFiles = (event: DragEvent) => event.dataTransfer?.types.includes('Files') ?? false
function addFolder() {
  const name = naming.value.trim()
  if (name && !folders.value.includes(name)) added.value.push(name)
  naming.value = ''
}
/** A file carried to another strip is filed there. */
const carried = ref<MediaInfo | null>(null)
function refile(folder: string) {
  const media = carried.value
  if (media && media.folder !== folder)
    void site.give({ verb: 'file-media', media: media.id, name: media.name, folder }, media.id)
}
function walk(event: KeyboardEvent, by: number) {
  const inOrder = strips.value.flatMap((strip) => strip.files)
  const next = inOrder[inOrder.findIndex((m) => m.id === chosen.value?.id) + by]
  if (!next) return
  event.preventDefault()
  choose(next.id)
  document.getElementById(`media-${next.id}`)?.focus()
}
</script>

<template>
  <div class="screen">
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
        <form class="new" @submit.prevent="addFolder">
          <input
            v-model="naming"
            class="filter"
            placeholder="New folder"
            aria-label="Name of a new folder"
            maxlength="80"
          />
          <v-btn v-if="naming.trim()" type="submit">Make it</v-btn>
        </form>
        <BringFiles label="Bring files…" strong @bring="(files) => intake.bring(files)" />
      </div>
    </div>
    <div class="split">
      <div v-show="!narrow || !chosen" class="files">
        <IntakeList :jobs="intake.jobs.value" @again="intake.again" @cancel="intake.cancel" />
        <p v-if="media.loaded && !shown.length && looking" class="quiet empty">
          Nothing here is called so or stands so.
        </p>
        <p v-else-if="media.loaded && !all.length" class="quiet empty">
          Pictures, films, sounds and documents of the site are kept here. Drop some onto this screen.
        </p>
        <AwaitedScreen v-if="!media.loaded" shape="frames" />
        <div ref="sheet" />
        <template v-if="media.loaded">
          <section
            v-for="{ folder, files } in strips"
            v-show="files.length || (!looking && (folder || all.length === 0))"
            :key="folder"
            v-onto="{ drop: () => refile(folder) }"
            class="strip-of"
            :class="{ over: over === folder }"
            :aria-label="folder || 'In no folder'"
            @dragover="hasFiles($event) && ($event.preventDefault(), (over = folder))"
            @dragleave="over = null"
            @drop.prevent="drop($event, folder)"
          >
            <h2>
              <button type="button" :aria-expanded="!folded.includes(folder)" @click="fold(folder)">
                <bdi>{{ folder || 'In no folder' }}</bdi>
                <span class="quiet"
                  >{{ counted(files.length, 'file') }}{{ folded.includes(folder) ? ', folded' : '' }}</span
                >
              </button>
              <BringFiles
                v-if="folder"
                :label="`+ to ${folder}`"
                @bring="(given) => intake.bring(given, folder)"
              />
            </h2>
            <template v-if="!folded.includes(folder)">
              <p v-if="!files.length" class="quiet">
                Nothing yet: drop files here, or carry some over from another folder.
              </p>
              <div v-for="(line, i) in lines(files)" :key="i" class="line">
                <button
                  v-for="{ item: m, width, height } in line"
                  :id="`media-${m.id}`"
                  :key="m.id"
                  v-drag="{ begin: () => (carried = m), end: () => (carried = null) }"
                  type="button"
                  :class="{ on: m.id === chosen?.id }"
                  :style="{ width: `${width}px` }"
                  @click="choose(m.id)"
                  @keydown.right="walk($event, 1)"
                  @keydown.left="walk($event, -1)"
                >
                  <FilePicture :media="m" class="seen" :style="{ height: `${height}px` }" />
                  <b class="two-lines" dir="auto">{{ m.name }}</b>
                  <span v-if="m.thumb && !m.alt && !m.decorative" class="label should">◇ no words yet</span>
                  <span v-else-if="m.alt" class="label two-lines" dir="auto">{{ m.alt }}</span>
                  <span class="label cut">{{ usesWords(m) }}</span>
                </button>
              </div>
            </template>
          </section>
        </template>
      </div>
      <button v-if="narrow && chosen" type="button" class="textlink back" @click="leave">← All files</button>
      <MediaCard v-if="chosen" :key="chosen.id" :media="chosen" :folders="folders" @gone="leave" />
    </div>
  </div>
</template>

<style scoped>
.new {
  display: flex;
  gap: 6px;
}
.files {
  flex: 1;
  min-width: 0;
  overflow-y: auto;
  padding: 4px 20px 40px;
}
.back {
  padding: 10px 14px;
}
.strip-of {
  padding: 10px 0 6px;
  content-visibility: auto;
  contain-intrinsic-size: auto 420px;
}
.strip-of + .strip-of {
  border-top: 1px solid var(--line);
}
.strip-of.over {
  outline: 2px dashed var(--juniper);
  outline-offset: 2px;
}
h2 {
  display: flex;
  align-items: baseline;
  gap: 14px;
  margin-bottom: 8px;
}
h2 button {
  display: flex;
  align-items: baseline;
  gap: 10px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  padding: 0;
  text-align: left;
}
h2 .quiet {
  font: 13px/20px var(--text);
}
.line {
  display: flex;
  gap: 14px;
  margin-bottom: 14px;
}
.line button {
  display: flex;
  flex-direction: column;
  flex: none;
  min-width: 0;
  border: 0;
  background: none;
  padding: 0;
  color: inherit;
  font: 13px/19px var(--text);
  text-align: left;
}
.line .seen {
  margin-bottom: 5px;
}
.line .on .seen {
  outline: 2px solid var(--juniper);
  outline-offset: 2px;
}
.empty {
  padding: 50px 0;
  text-align: center;
}
</style>
