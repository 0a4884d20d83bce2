<script setup lang="ts">
import { computed, ref } from 'vue'
import FilterTabs from '@/look/FilterTabs.vue'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/**
 * A page as visitors see it and as they would, side by side; where a change alters several, a few of them to choose among.
 *
 * @param more how many more it alters than are shown
 */
const props = defineProps<{ pages: string[]; more: number }>()
const site = useSite()
const at = ref(props.pages[0] ?? '')
const tabs = computed(() =>
  props.pages.map((id) => ({ key: id, name: site.rows.get(id)?.title ?? 'Taken out' })),
)
</script>

<template>
  <div class="looked">
    <div v-if="pages.length > 1" class="row-flex">
      <FilterTabs v-model="at" :tabs="tabs" label="Page" />
      <span v-if="more > 0" class="label">and {{ counted(more, 'more page') }}</span>
    </div>
    <div class="compare">
      <figure>
        <ProofFrame
          :key="at"
          class="frame"
          :path="`page/${at}`"
          query="of=live"
          :width="1200"
          still
          label="Before"
        />
        <figcaption class="label">before: what visitors see</figcaption>
      </figure>
      <figure>
        <ProofFrame :key="at" class="frame" :path="`page/${at}`" :width="1200" label="After" />
        <figcaption class="label">after this release</figcaption>
      </figure>
    </div>
  </div>
</template>

<style scoped>
.looked {
  padding: 0 6px 14px;
}
.compare {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 14px;
  margin-top: 8px;
}
.frame {
  height: 300px;
  border: 1px solid var(--line);
}
</style>
