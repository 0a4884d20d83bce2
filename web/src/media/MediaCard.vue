<script setup lang="ts">
import { counted } from '@/words/counted'
import { keptDayWords } from '@/words/dates'
import { computed, ref, watch } from 'vue'
import { get } from '@/api/client'
import type { Command, MediaInfo, MediaStand } from '@/api/types'
import { useSite } from '@/site/useSite'
import CutSheet from './CutSheet.vue'
import FilePicture from './FilePicture.vue'
import { fontWords } from './fontWords'
import EarlierVersions from './EarlierVersions.vue'
import FocalPoint from './FocalPoint.vue'
import OtherWords from './OtherWords.vue'
import ReplaceSheet from './ReplaceSheet.vue'
import { weight } from './weight'

const props = defineProps<{ media: MediaInfo; folders: string[] }>()
const emit = defineEmits<{ gone: [] }>()
const site = useSite()
const name = ref(props.media.name)
const folder = ref(props.media.folder)
const alt = ref(props.media.alt ?? '')
const replacing = ref(false)
const cutting = ref(false)
const removing = ref(false)
const picture = computed(() => props.media.sort === 'PICTURE')
const url = computed(() => site.standing?.origin + props.media.path)

const stands = ref<MediaStand[]>([])
watch(
  () => [props.media.id, props.media.uses.length],
  async () => {
    const answer = await get('/api/sites/{site}/media/{id}/stands', {
      path: { site: site.id, id: props.media.id },
    })
    if (answer.ok) stands.value = answer.value
  },
  { immediate: true },
)

function give(command: Command) {
  return site.give(command, props.media.id)
}
function file() {
  if (name.value !== props.media.name || folder.value !== props.media.folder)
    void give({ verb: 'file-media', media: props.media.id, name: name.value, folder: folder.value })
}
function describe(decorative: boolean) {
  void give({ verb: 'describe-media', media: props.media.id, alt: alt.value.trim() || undefined, decorative })
}
async function remove(anyway: boolean) {
  const answer = await give({ verb: 'remove-media', media: props.media.id, anyway })
  if (answer.ok) emit('gone')
}
function askRemove() {
  if (props.media.uses.length) removing.value = true
  else void remove(false)
}
</script>

<template>
  <aside class="card side-pane" :aria-label="media.name">
    <FocalPoint
      v-if="picture"
      :src="url"
      :x="media.focalX"
      :y="media.focalY"
      :stands="stands"
      @move="(x, y) => give({ verb: 'focus-media', media: media.id, x, y })"
    />
    <video v-else-if="media.sort === 'FILM'" :src="url" controls preload="metadata" />
    <audio v-else-if="media.sort === 'SOUND'" :src="url" controls preload="metadata" />
    <FilePicture v-else :media="media" class="seen" :class="{ page: media.format === 'pdf' }" />
    <p v-if="media.font" class="label">{{ fontWords(media.font) }}</p>
    <div v-if="picture && media.format !== 'svg'" class="row-flex cut-row">
      <v-btn @click="cutting = true">{{ media.cut ? 'Cut otherwise…' : 'Cut…' }}</v-btn>
      <span v-if="media.cut" class="label">a part of the whole picture is shown</span>
    </div>
    <label class="label" for="media-name">Name</label>
    <input id="media-name" v-model="name" class="boxed" dir="auto" @change="file" />
    <label class="label" for="media-folder">Folder</label>
    <input
      id="media-folder"
      v-model="folder"
      class="boxed"
      dir="auto"
      list="media-folders"
      placeholder="in no folder"
      @change="file"
    />
    <datalist id="media-folders"><option v-for="f in folders" :key="f" :value="f" /></datalist>
    <template v-if="picture">
      <label class="label" for="media-alt">For those who don’t see it, in a sentence</label>
      <textarea
        id="media-alt"
        v-model="alt"
        class="boxed"
        rows="3"
        dir="auto"
        :disabled="media.decorative"
        @change="describe(false)"
      />
      <OtherWords v-if="!media.decorative" :media="media" />
      <v-checkbox
        :model-value="media.decorative"
        label="It only decorates"
        @update:model-value="(v: unknown) => describe(v === true)"
      />
    </template>
    <p class="label">
      {{ media.format.toUpperCase()
      }}<template v-if="media.width">, {{ media.width }} × {{ media.height }}</template
      ><template v-if="media.bytes">, {{ weight(media.bytes) }} as it was given</template
      ><template v-if="media.since">, since {{ keptDayWords(media.since) }}</template>
    </p>
    <EarlierVersions
      v-if="media.earlier.length"
      :media="media"
      @forget="(file) => give({ verb: 'forget-earlier', media: media.id, file })"
    />
    <h2>Used in</h2>
    <ul v-if="media.uses.length" class="uses">
      <li v-for="u in media.uses" :key="u.id">
        <router-link v-if="u.page" :to="{ name: 'page', params: { page: u.id } }">{{ u.name }}</router-link>
        <span v-else>{{ u.name }} <span class="quiet">template or pattern</span></span>
      </li>
    </ul>
    <p v-else class="quiet">Nowhere yet.</p>
    <div v-if="removing" class="ask" role="alertdialog" aria-label="Remove it all the same">
      <p>Its {{ counted(media.uses.length, 'place') }} will be empty. It can be undone.</p>
      <v-btn class="danger" @click="remove(true)">Remove it all the same</v-btn>
      <v-btn @click="removing = false">Keep it</v-btn>
    </div>
    <div v-else class="row-flex acts">
      <v-btn @click="replacing = true">Replace everywhere…</v-btn>
      <v-btn class="danger" @click="askRemove">Remove</v-btn>
    </div>
    <CutSheet v-if="cutting" :media="media" @close="cutting = false" />
    <ReplaceSheet v-if="replacing" :media="media" @close="replacing = false" />
  </aside>
</template>

<style scoped>
.uses a {
  display: inline-block;
  line-height: 24px;
}
.card {
  --side: 340px;
}
.label {
  display: block;
  margin: 10px 0 3px;
}
video,
audio {
  width: 100%;
}
.cut-row {
  margin-top: 10px;
}
.seen {
  height: 150px;
}
.seen.page {
  height: 260px;
}
h2 {
  font-size: 15px;
  margin-top: 14px;
}
.uses {
  list-style: none;
  max-height: 130px;
  overflow-y: auto;
}
.acts {
  margin-top: 16px;
}
.ask {
  margin-top: 16px;
  border-left: 3px solid var(--brick);
  padding-left: 12px;
}
.ask p {
  margin-bottom: 8px;
}
</style>
