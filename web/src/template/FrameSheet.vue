<script setup lang="ts">
import { computed } from 'vue'
import WordOf from '@/help/WordOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import type { TemplateDetail, Value } from '@/api/types'
import { counted } from '@/words/counted'
import { PARTS_GROUP } from '@/parts/parts'
import GroupedInputs from '@/property/GroupedInputs.vue'
import PropertyInput from '@/property/PropertyInput.vue'
import { matters } from '@/property/values'

/** What a template keeps around its zones. */
const props = defineProps<{ template: TemplateDetail }>()
const own = computed(() => props.template.frameSettings.filter((p) => p.group !== PARTS_GROUP))
const shown = computed(() => own.value.filter((p) => matters(p, props.template.frame)))
const parts = computed(() => props.template.frameSettings.filter((p) => p.group === PARTS_GROUP))
const emit = defineEmits<{ set: [key: string, value: Value | undefined]; close: [] }>()
</script>

<template>
  <SheetDialog :title="`Frame of ${template.name}`" size="narrow" @close="emit('close')">
    <p class="quiet">
      The <WordOf word="frame" /> shows at once on {{ counted(template.pages, 'page') }} of the
      <WordOf word="working copy" />.
    </p>
    <PropertyInput
      v-for="p in shown"
      :key="p.key"
      class="gap"
      :property="p"
      :value="template.frame[p.key]"
      @change="(v) => emit('set', p.key, v)"
    />
    <GroupedInputs
      v-if="parts.length"
      class="gap"
      :properties="parts"
      :declared="parts"
      :values="template.frame"
      @change="(k, v) => emit('set', k, v)"
    />
    <v-btn class="gap" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>
