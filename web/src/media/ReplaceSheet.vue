<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, ref } from 'vue'
import type { MediaInfo } from '@/api/types'
import { useSite } from '@/site/useSite'
import MediaSheet from './MediaSheet.vue'

const props = defineProps<{ media: MediaInfo }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const by = ref<string | null>(null)
/** What is shown is replaced; what is taken along may be wanted as it was. */
const canKeep = computed(() => ['DOCUMENT', 'FILM', 'SOUND'].includes(props.media.sort))
const keep = ref(true)

async function replace() {
  if (!by.value) return
  const answer = await site.give({
    verb: 'replace-media',
    media: props.media.id,
    by: by.value,
    keep: canKeep.value && keep.value,
  })
  if (answer.ok) emit('close')
}
</script>

<template>
  <MediaSheet
    v-if="!by"
    value=""
    :files="media.sort !== 'PICTURE'"
    @take="(id) => (by = id)"
    @close="emit('close')"
  />
  <SheetDialog v-else :title="`Replace “${media.name}” everywhere`" size="narrow" @close="emit('close')">
    <p class="words">
      The other file will show in its place in the working copy, in {{ media.uses.length }}
      {{ media.uses.length === 1 ? 'place' : 'places' }}. Name, folder, words and focal point stay. It can be
      undone.
    </p>
    <v-checkbox
      v-if="canKeep"
      v-model="keep"
      class="keep"
      label="Keep the present file as an earlier version, to be had where documents are listed"
    />
    <div class="row-flex">
      <v-btn class="yes" @click="replace">Replace it</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.words {
  margin: 10px 0 14px;
}
.keep {
  margin-bottom: 12px;
}
</style>
