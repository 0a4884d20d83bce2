<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed } from 'vue'
import type { PatternInfo } from '@/api/types'
import { counted } from '@/words/counted'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useGalley } from './useGalley'

/** A pattern of several sections, looked at before it is taken onto a page that has sections of its own. */
const props = defineProps<{ pattern: PatternInfo; spot: { zone: string; index: number } }>()
const emit = defineEmits<{ take: [instead: boolean]; close: [] }>()
const galley = useGalley()
const mine = computed(
  () => galley.sheet.value?.zones.filter((z) => z.role === 'MAIN').flatMap((z) => z.sections).length ?? 0,
)
const one = computed(() => mine.value === 1)
const words = computed(() =>
  mine.value === 1 ? 'The one section of this page' : `The ${mine.value} sections of this page`,
)
const WAYS = computed(() => [
  { name: 'Among mine', instead: false, query: `&zone=${props.spot.zone}&index=${props.spot.index}` },
  { name: 'Instead of mine', instead: true, query: '' },
])
</script>

<template>
  <SheetDialog :title="pattern.name" size="large" @close="emit('close')">
    <template #beside>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </template>
    <p class="quiet">
      {{ counted(pattern.sections, 'section') }}, {{ counted(pattern.toFill, 'place') }} to fill. This page
      has sections already; it would look so:
    </p>
    <div class="two">
      <section v-for="way in WAYS" :key="way.name">
        <div class="look">
          <ProofFrame
            :path="`page/${galley.id()}`"
            :query="`take=${pattern.id}${way.query}&marks=1`"
            :width="1100"
            still
            fit
            :label="way.name"
          />
        </div>
        <v-btn :class="{ yes: !way.instead }" @click="emit('take', way.instead)">{{ way.name }}</v-btn>
        <p class="quiet">
          {{
            way.instead
              ? `${words} ${one ? 'goes' : 'go'} to the shelf, and can come back.`
              : `It stands where you chose. ${words} ${one ? 'stays as it is' : 'stay as they are'}.`
          }}
        </p>
      </section>
    </div>
  </SheetDialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 20px;
  margin-top: 12px;
}
.look {
  height: 50vh;
  overflow-y: auto;
  border: 1px solid var(--line);
  margin-bottom: 10px;
}
.two p {
  margin-top: 6px;
}
</style>
