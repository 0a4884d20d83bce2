<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { useEventListener } from '@vueuse/core'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSite } from '@/site/useSite'

defineProps<{ page: string }>()
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
</script>

<template>
  <SheetDialog :title="site.rows.get(page)?.title ?? ''" size="large" @close="emit('close')">
    <template #beside>
      <v-btn @click="emit('close')">Close<span class="kbd">Space</span></v-btn>
    </template>
    <ProofFrame
      class="frame"
      :path="`page/${page}`"
      :width="1280"
      :markup="`pages/${page}/markup`"
      label="Proof, large"
    />
  </SheetDialog>
</template>

<style scoped>
.frame {
  height: 74vh;
  margin-top: 10px;
}
</style>
