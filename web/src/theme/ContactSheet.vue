<script setup lang="ts">
import type { ThemeDetail } from '@/api/types'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import ProofFrame from '@/proof/ProofFrame.vue'

/** A page of every sort, live and at one scale: wide, and narrow beside it. */
defineProps<{ theme: ThemeDetail; before: boolean }>()
const WIDE = 1200
const NARROW = 375
</script>

<template>
  <div class="contact" aria-label="Contact sheet">
    <figure v-for="s in theme.sheets" :key="s.page">
      <div class="pair">
        <ProofFrame
          v-for="w in [WIDE, NARROW]"
          :key="w"
          class="frame"
          :style="{ flex: `${w} 1 0` }"
          :path="`page/${s.page}`"
          :query="before ? 'of=live' : ''"
          :width="w"
          :markup="before ? undefined : `pages/${s.page}/markup`"
          :label="`${s.kind}: ${s.title}, ${w} pixels wide`"
        />
      </div>
      <figcaption class="row-flex">
        <TemplateGlyph :template="s.template" :wide="26" /><b>{{ s.kind }}</b
        ><span class="quiet cut">{{ s.title }}</span>
      </figcaption>
    </figure>
  </div>
</template>

<style scoped>
.contact {
  padding: 18px 20px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(360px, 1fr));
  gap: 20px 22px;
  align-content: start;
}
.pair {
  display: flex;
  gap: 8px;
}
.frame {
  height: 290px;
  min-width: 0;
  border: 1px solid var(--line);
}
figcaption {
  margin-top: 7px;
}
</style>
