<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import MediaSheet from '@/media/MediaSheet.vue'
import { useMedia } from '@/media/useMedia'
import { inLanguage, isDescribed, useLanguage } from '@/media/languages'
import { useSite } from '@/site/useSite'

const props = defineProps<{
  value: string
  prompt: string
  bound?: boolean
  sort?: string
  /** What the place wants, in words, and the least width in pixels that looks sharp there. */
  slotWords?: string
  least?: number
}>()
const emit = defineEmits<{ take: [media: string | null] }>()
const site = useSite()
const choosing = ref(false)
const files = useMedia()
const media = computed(() => files.byId.get(props.value))
const language = useLanguage()
const undescribed = computed(() => media.value?.thumb && !isDescribed(media.value, language.value))
const small = computed(() => {
  const width = media.value?.width ?? 0
  return media.value?.format !== 'svg' && width > 0 && width < (props.least ?? 0)
})

watch(() => props.value, files.need, { immediate: true })

function take(id: string | null) {
  choosing.value = false
  emit('take', id)
}
</script>

<template>
  <p v-if="bound" class="quiet">{{ prompt }}</p>
  <button v-else type="button" class="picture" :class="{ empty: !value }" @click="choosing = true">
    <img v-if="media?.thumb" :src="site.standing?.origin + media.thumb" :alt="media.alt ?? ''" />
    <span class="said">
      <span>{{
        media ? media.name : prompt || (sort === 'FILE' ? 'Choose a file' : 'Choose a picture')
      }}</span>
      <span v-if="small" class="should label"
        >◇ {{ media?.width }} px wide; it will look soft where {{ least }} are shown</span
      >
      <span v-else-if="slotWords && !media" class="label">Wants {{ slotWords }}</span>
      <span v-if="undescribed" class="should label">◇ no words yet{{ inLanguage(language) }}</span>
    </span>
  </button>
  <MediaSheet
    v-if="choosing"
    :value="value"
    :files="sort === 'FILE'"
    :slot-words="slotWords"
    :least="least"
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
.said {
  display: flex;
  flex-direction: column;
}
.empty {
  border: 1px dashed var(--ochre);
  background: var(--ochre-wash);
  color: var(--ochre-ink);
  padding: 12px;
}
</style>
