<script setup lang="ts">
import type { Markup } from '@/proof/markup'
import { question } from '@/api/client'
import SheetDialog from '@/look/SheetDialog.vue'
import { useEventListener } from '@vueuse/core'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSite } from '@/site/useSite'

const { page } = defineProps<{ page: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
useEventListener(
  window,
  'keydown',
  (event: KeyboardEvent) => {
    if (event.key === ' ') {
      event.preventDefault()
      event.stopImmediatePropagation()
      emit('close')
    }
  },
  { capture: true },
)
const markup: Markup = (site) => question('/api/sites/{site}/pages/{id}/markup', { path: { site, id: page } })
</script>

<template>
  <SheetDialog :title="site.rows.get(page)?.title ?? ''" size="large" @close="emit('close')">
    <template #beside>
      <v-btn @click="emit('close')">Close<span class="kbd">Space</span></v-btn>
    </template>
    <ProofFrame class="frame" :path="`page/${page}`" :width="1280" :markup="markup" label="Proof, large" />
  </SheetDialog>
</template>

<style scoped>
.frame {
  height: 74vh;
  margin-top: 10px;
}
</style>
