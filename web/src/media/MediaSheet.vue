<script setup lang="ts">
import { inputOf } from '@/look/targets'
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, ref } from 'vue'
import type { MediaInfo } from '@/api/types'
import { inLanguage, isDescribed, useLanguage } from '@/site/languages'
import { fold } from '@/words/fold'
import FilePicture from './FilePicture.vue'
import { fontWords } from './fontWords'
import { useBringing } from './useBringing'
import { useMedia } from './useMedia'
import { weight } from './weight'
import { useSite } from '@/site/useSite'

const props = defineProps<{
  value: string
  files?: boolean
  fonts?: boolean
  slotWords?: string
  least?: number
  /** It says nothing where it is to stand, and what it shows is not asked for. */
  silent?: boolean
}>()
const emit = defineEmits<{ take: [media: string | null]; close: [] }>()
const site = useSite()
const media = useMedia()
const language = useLanguage()
const words = ref('')
const all = computed(() => {
  const wanted = fold(words.value.trim())
  const holds = (m: MediaInfo) => fold(`${m.name} ${m.folder} ${m.alt ?? ''}`).includes(wanted)
  const fits = (m: MediaInfo) => props.files || m.sort === (props.fonts ? 'FONT' : 'PICTURE')
  return media.all.filter((m) => fits(m) && holds(m))
})
const describing = ref<MediaInfo | null>(null)
const alt = ref('')
const decorative = ref(false)
const bringing = useBringing()
const { busy } = bringing
const FILES_HERE = 'Drop files here, or choose them. Up to 25 MB each, films and sounds up to 500.'
const FONTS_HERE = 'Drop WOFF2 fonts here, or choose them. Up to 2 MB each; who made them must permit it.'
const PICTURES = '.jpg,.jpeg,.png,.gif,.svg'
const FILES = `${PICTURES},.pdf,.mp4,.webm,.mp3,.m4a,.ogg,.wav,.csv,.txt,.woff2`
const title = computed(() =>
  describing.value
    ? `What does it show${inLanguage(language.value)}?`
    : `Choose a ${props.fonts ? 'font' : props.files ? 'file' : 'picture'}`,
)

media.watchAll()

function choose(file: MediaInfo) {
  if (file.sort !== 'PICTURE' || props.silent || isDescribed(file, language.value))
    return emit('take', file.id)
  describing.value = file
  alt.value = ''
  decorative.value = false
}

async function described() {
  const file = describing.value
  if (!file) return
  if (alt.value.trim() || decorative.value) {
    await site.give({
      verb: 'describe-media',
      media: file.id,
      alt: alt.value.trim() || undefined,
      decorative: decorative.value,
      language: language.value || undefined,
    })
  }
  emit('take', file.id)
}

async function bring(files: FileList | null | undefined) {
  for (const file of files ?? []) {
    const brought = await bringing.bring(file)
    if (brought) choose(brought)
  }
}
</script>

<template>
  <SheetDialog
    :title="title"
    size="wide"
    @dragover.prevent
    @drop.prevent="bring($event.dataTransfer?.files)"
    @close="emit('close')"
  >
    <template #beside>
      <v-btn v-if="value && !describing" class="danger" @click="emit('take', null)">Take it away</v-btn>
      <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
    </template>
    <form v-if="describing" class="describe" @submit.prevent="described">
      <img :src="site.standing?.origin + describing.thumb" alt="" />
      <div>
        <label class="label" for="alt">For those who don’t see it, in a sentence</label>
        <v-textarea id="alt" v-model="alt" v-focus :disabled="decorative" counter="500" />
        <v-checkbox v-model="decorative" label="It only decorates" />
        <div class="row-flex">
          <v-btn type="submit" class="yes">Use the picture</v-btn>
          <span v-if="!alt.trim() && !decorative" class="should"
            >◇ The survey will remind you of the words.</span
          >
        </div>
      </div>
    </form>
    <template v-else>
      <label class="bring">
        <input
          type="file"
          :accept="fonts ? '.woff2' : files ? FILES : PICTURES"
          multiple
          class="unseen"
          @change="bring(inputOf($event).files)"
        />
        {{ busy || (fonts ? FONTS_HERE : FILES_HERE) }}
      </label>
      <input
        v-model="words"
        type="search"
        class="boxed find"
        placeholder="Find by name, folder or words"
        aria-label="Find among the files"
      />
      <p v-if="words && !all.length" class="quiet">Nothing is called so.</p>
      <p v-else-if="fonts && !all.length" class="quiet">There is no font of the site’s own yet.</p>
      <p v-if="slotWords" class="label wants">This place wants a picture {{ slotWords }}.</p>
      <div class="all">
        <button v-for="m in all" :key="m.id" type="button" :class="{ on: m.id === value }" @click="choose(m)">
          <FilePicture :media="m" class="seen" />
          <span class="cut">{{ m.name }}</span>
          <span class="label"
            >{{ m.width ? `${m.width} × ${m.height}` : m.font ? fontWords(m.font) : weight(m.bytes) }} ·
            {{ m.uses.length ? `on ${m.uses.length}` : 'not used' }}</span
          >
          <span v-if="least && m.format !== 'svg' && m.width && m.width < least" class="label should"
            >◇ small for this place</span
          >
          <span v-if="m.thumb && !silent && !isDescribed(m, language)" class="label should"
            >◇ no words yet{{ inLanguage(language) }}</span
          >
        </button>
      </div>
    </template>
  </SheetDialog>
</template>

<style scoped>
.find {
  margin-top: 10px;
}
.bring {
  display: block;
  border: 1px dashed var(--quiet);
  border-radius: 3px;
  padding: 14px;
  margin: 12px 0;
  text-align: center;
  color: var(--quiet);
  cursor: pointer;
}
.bring:focus-within {
  outline: 2px solid var(--juniper);
}
.wants {
  margin-bottom: 8px;
}
.all {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: 12px;
  max-height: 52vh;
  overflow: auto;
}
.all button {
  border: 1px solid var(--line);
  border-radius: 3px;
  background: none;
  padding: 6px;
  font: inherit;
  color: inherit;
  text-align: left;
  display: flex;
  flex-direction: column;
}
.all button.on {
  outline: 2px solid var(--juniper);
}
.seen {
  aspect-ratio: 3/2;
}
.describe {
  display: grid;
  grid-template-columns: 260px 1fr;
  gap: 20px;
  margin-top: 12px;
}
.describe img {
  width: 100%;
}
</style>
