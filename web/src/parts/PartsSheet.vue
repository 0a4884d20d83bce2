<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { freshId, post } from '@/api/client'
import type { PartUse } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { PARTS_GROUP, partRows, USUAL } from './parts'

/** What one page, or several, have around their content beside what is usual for them. */
const props = defineProps<{ pages: string[]; title?: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const uses = ref<PartUse[]>([])
watch(
  () => [site.step, props.pages],
  async () => {
    const step = site.step
    const answer = await post('/api/sites/{site}/parts', { path: { site: site.id } }, { pages: props.pages })
    if (answer.ok && step === site.step) uses.value = answer.value
  },
  { immediate: true },
)
const rows = computed(() =>
  partRows(
    (site.catalog?.pageSettings ?? []).filter((p) => p.group === PARTS_GROUP),
    uses.value,
    props.pages.length,
  ),
)
const NAMED = 4

/** One command a page, all of them one step to take back. */
async function set(key: string, way: string) {
  const group = freshId()
  const value = way === USUAL ? undefined : way
  await Promise.all(
    props.pages.map((item) => site.give({ verb: 'set-value', item, key, value }, item, group)),
  )
}
</script>

<template>
  <SheetDialog
    :title="title ? `Parts of ${title}` : `Parts of ${counted(pages.length, 'page')}`"
    @close="emit('close')"
  >
    <p class="quiet about">
      All but what stands in the columns is worked out, and needs no writing. What is usual for a page is said
      by its kind, else by its template, whose column moves to the side that you choose.
    </p>
    <div v-for="r in rows" :key="r.key" class="part" role="group" :aria-label="r.label">
      <b>{{ r.label }}</b>
      <ChoiceOf
        :label="r.label"
        :items="r.items"
        :model-value="r.way"
        none="not alike"
        in-line
        @update:model-value="(w) => w !== undefined && set(r.key, w)"
      />
      <p v-if="pages.length > 1 && r.differing.length" class="label">
        ≠ {{ counted(r.differing.length, 'page differs', 'pages differ') }}:
        {{
          r.differing
            .slice(0, NAMED)
            .map((d) => d.title)
            .join(', ')
        }}<template v-if="r.differing.length > NAMED"> and {{ r.differing.length - NAMED }} more</template>
      </p>
    </div>
    <v-btn class="done" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>

<style scoped>
.part {
  display: grid;
  grid-template-columns: 190px 1fr;
  gap: 2px 16px;
  align-items: baseline;
  padding: 9px 0;
  border-top: 1px solid var(--line);
}
.about {
  margin-bottom: 12px;
}
.part .label {
  grid-column: 2;
}
.done {
  margin-top: 14px;
}
</style>
