<script setup lang="ts">
import { useRouter } from 'vue-router'
import type { PatternDetail } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** Removes a pattern; its copies stay where they are. */
const props = defineProps<{ pattern: PatternDetail; pages: number }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const router = useRouter()

async function remove() {
  const answer = await site.give({ verb: 'remove-pattern', pattern: props.pattern.id })
  if (!answer.ok) return
  emit('close')
  await router.push({ name: 'patterns' })
}
</script>

<template>
  <SheetDialog :title="`Remove ${pattern.name}`" size="narrow" @close="emit('close')">
    <p class="gap">
      {{
        pages
          ? `Its copies on ${counted(pages, 'page')} stay as they are and are the pages’ own from then on: nothing can be rolled out to them any more. Retire it instead to go on doing that.`
          : 'It stands on no page.'
      }}
      It can be undone.
    </p>
    <div class="row-flex gap">
      <v-btn class="danger" @click="remove">Remove it</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>
