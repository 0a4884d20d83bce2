<script setup lang="ts">
import type { TemplateDetail, Value } from '@/api/types'
import { counted } from '@/words/counted'
import PropertyInput from '@/property/PropertyInput.vue'

/** What a template keeps around its zones. */
defineProps<{ template: TemplateDetail }>()
const emit = defineEmits<{ set: [key: string, value: Value | undefined]; close: [] }>()
</script>

<template>
  <v-dialog :model-value="true" max-width="420" @update:model-value="emit('close')">
    <div class="sheet">
      <h2>Frame of {{ template.name }}</h2>
      <p class="quiet">Shows at once on {{ counted(template.pages, 'page') }} of the working copy.</p>
      <PropertyInput
        v-for="p in template.frameSettings"
        :key="p.key"
        class="gap"
        :property="p"
        :value="template.frame[p.key]"
        @change="(v) => emit('set', p.key, v)"
      />
      <v-btn class="gap" @click="emit('close')">Done</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.gap {
  margin-top: 12px;
}
</style>
