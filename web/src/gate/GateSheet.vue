<script setup lang="ts">
import type { PageDetail } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import AudienceChoice from './AudienceChoice.vue'
import { useGate } from './useGate'

/** Who may see a page, and what stands beneath it. */
const props = defineProps<{ page: PageDetail }>()
const emit = defineEmits<{ close: [] }>()
const { wanted, set, inherits, reach, from, closed, words } = useGate(() => props.page)
</script>

<template>
  <SheetDialog title="Who may see it" @close="emit('close')">
    <template #beside>
      <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
    </template>
    <p v-if="page.home" class="quiet">
      The home page is closed with the whole site, and not alone: under Site settings.
    </p>
    <AudienceChoice
      v-else
      :model-value="wanted"
      label="Who may open it, and what stands beneath"
      :inherits="inherits"
      @update:model-value="set"
    />
    <p v-if="from" class="quiet gap">Now for {{ words }}, {{ from }}.</p>
    <p v-if="reach" class="quiet gap">{{ reach }}</p>
    <p v-if="closed" class="quiet gap">
      Whoever may not open it finds it in no menu, list, search, feed or sitemap. Files that stand on closed
      pages alone are closed with them; copies that others took before stay theirs.
    </p>
  </SheetDialog>
</template>
