<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import ProofFrame from '@/proof/ProofFrame.vue'

defineProps<{ page: string }>()
const emit = defineEmits<{ close: [] }>()
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
  <v-dialog :model-value="true" max-width="1180" @update:model-value="emit('close')">
    <div class="sheet large">
      <ProofFrame
        class="frame"
        :path="`page/${page}`"
        :width="1280"
        :markup="`pages/${page}/markup`"
        label="Proof, large"
      />
      <v-btn @click="emit('close')">Close<span class="kbd">Space</span></v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.large {
  padding: 12px;
}
.frame {
  height: 74vh;
  margin-bottom: 10px;
}
</style>
