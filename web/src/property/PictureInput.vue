<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useNotices } from '@/edit/useNotices'
import MediaSheet from '@/media/MediaSheet.vue'
import { useBringing } from '@/media/useBringing'
import { fontWords } from '@/media/fontWords'
import { useMedia } from '@/media/useMedia'
import { inLanguage, isDescribed, useLanguage } from '@/site/languages'
import { useSite } from '@/site/useSite'
import type { Asked, Told } from './asked'
import { isBound, promptOf, textOf } from './values'

/** A picture or a file. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const site = useSite()
const id = computed(() => textOf(props.value))
const prompt = computed(() => promptOf(props.value))
const file = computed(() => props.property.type === 'FILE')
const font = computed(() => props.property.type === 'FONT')
const asks = computed(() => `Choose a ${font.value ? 'font' : file.value ? 'file' : 'picture'}`)
/** How wide a picture should be to look sharp here, in pixels. */
const least = computed(() => {
  const slot = props.property.slot
  return slot ? slot.pixels || Math.round(props.room ?? site.catalog?.type.pageWidth ?? 0) : 0
})
/** The shape that the place wants, to be drawn; none where any will do. */
const ratio = computed(() => {
  const [, wide, high] = /(\d+) ?: ?(\d+)/.exec(props.shape || props.property.slot?.shape || '') ?? []
  return wide && high ? `${wide} / ${high}` : ''
})
/** What the place wants, in words. */
const slotWords = computed(() => {
  const shape = props.shape || props.property.slot?.shape
  return least.value ? `${least.value} px wide or more${shape ? `, ${shape}` : ''}` : ''
})
const choosing = ref(false)
const files = useMedia()
const media = computed(() => files.byId.get(id.value))
const language = useLanguage()
/** What lies behind words, or stands for the site's name, says nothing by itself. */
const silent = computed(() => props.property.slot?.decorates === true)
const undescribed = computed(
  () => media.value?.thumb && !silent.value && !isDescribed(media.value, language.value),
)
const small = computed(() => {
  const width = media.value?.width ?? 0
  return media.value?.format !== 'svg' && width > 0 && width < least.value
})

const over = ref(false)
const notices = useNotices()
const { busy, bring } = useBringing()
/** Dropped where it is to stand, without the sheet between; what it shows is asked for by the survey, as for any. */
async function dropped(event: DragEvent) {
  over.value = false
  const given = event.dataTransfer?.files[0]
  if (!given) return
  const brought = await bring(given)
  const fits = file.value || brought?.sort === (font.value ? 'FONT' : 'PICTURE')
  if (brought && fits) emit('change', brought.id)
  else if (brought)
    notices.say(
      `“${brought.name}” is no ${font.value ? 'font' : 'picture'}.`,
      `${asks.value} that fits here; the file is kept in Media.`,
    )
}

watch(id, files.need, { immediate: true })

function take(chosen: string | null) {
  choosing.value = false
  emit('change', chosen ?? undefined)
}
</script>

<template>
  <p v-if="isBound(value)" class="quiet">{{ prompt }}</p>
  <button
    v-else
    type="button"
    class="picture"
    :class="{ empty: !id, over }"
    @click="choosing = true"
    @dragover.prevent="over = true"
    @dragleave="over = false"
    @drop.prevent.stop="dropped"
  >
    <img
      v-if="media?.thumb"
      :class="{ drawn: media.format === 'svg' }"
      :src="site.standing?.origin + media.thumb"
      :alt="media.alt ?? ''"
    />
    <i v-if="!media && ratio" class="shape" aria-hidden="true" :style="{ aspectRatio: ratio }" />
    <span class="said">
      <span>{{ busy || (media ? media.name : prompt || asks) }}</span>
      <span v-if="media?.font" class="label">{{ fontWords(media.font) }}</span>
      <span v-if="small" class="should label"
        >◇ {{ media?.width }} px wide; it will look soft where {{ least }} are shown</span
      >
      <span v-else-if="slotWords && !media" class="label">Wants {{ slotWords }}</span>
      <span v-if="undescribed" class="should label">◇ no words yet{{ inLanguage(language) }}</span>
    </span>
  </button>
  <MediaSheet
    v-if="choosing"
    :value="id"
    :files="file"
    :fonts="font"
    :slot-words="slotWords"
    :least="least"
    :silent="silent"
    @take="take"
    @close="choosing = false"
  />
</template>

<style scoped>
.picture {
  display: flex;
  gap: 10px;
  align-items: center;
  width: 100%;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: none;
  padding: 5px;
  font: 13px/18px var(--text);
  color: var(--quiet);
  text-align: left;
}
.picture img {
  width: 84px;
  height: 52px;
  object-fit: cover;
  flex: none;
}
/* A drawing, of a logo perhaps, is seen whole. */
.picture img.drawn {
  object-fit: contain;
}
.shape {
  height: 52px;
  max-width: 40%;
  border: 1px solid currentColor;
  flex: none;
}
.said {
  min-width: 0;
  overflow-wrap: anywhere;
  display: flex;
  flex-direction: column;
}
.over {
  outline: 2px solid var(--juniper);
}
.empty {
  border: 1px dashed var(--ochre);
  background: var(--ochre-wash);
  color: var(--ochre-ink);
  padding: 12px;
}
</style>
