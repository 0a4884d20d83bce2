<script setup lang="ts">
import { computed } from 'vue'
import type { PatternInfo } from '@/api/types'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useGalley } from './useGalley'

/** A pattern of a whole page, looked at before it is taken onto a page that has sections of its own. */
defineProps<{ pattern: PatternInfo }>()
const emit = defineEmits<{ take: [instead: boolean]; close: [] }>()
const galley = useGalley()
const mine = computed(
  () => galley.page.value?.zones.filter((z) => z.role === 'MAIN').flatMap((z) => z.sections).length ?? 0,
)
const words = computed(() => (mine.value === 1 ? 'the one section' : `the ${mine.value} sections`))
</script>

<template>
  <v-dialog :model-value="true" max-width="760" @update:model-value="emit('close')">
    <div class="sheet">
      <div class="row-flex">
        <h2 class="grow">{{ pattern.name }}</h2>
        <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
      </div>
      <p class="quiet">
        {{ pattern.sections }} sections, {{ pattern.toFill }} places to fill. This page has sections already.
      </p>
      <div class="look">
        <ProofFrame :path="`pattern/${pattern.id}`" :width="1100" still fit :label="pattern.name" />
      </div>
      <div class="row-flex">
        <v-btn class="yes" @click="emit('take', false)">After mine</v-btn>
        <v-btn @click="emit('take', true)">Instead of mine</v-btn>
        <span class="quiet">Instead: {{ words }} of this page go to the shelf, and can come back.</span>
      </div>
    </div>
  </v-dialog>
</template>

<style scoped>
.look {
  height: 52vh;
  overflow-y: auto;
  border: 1px solid var(--line);
  margin: 12px 0;
}
</style>
