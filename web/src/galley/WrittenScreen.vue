<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Problem } from '@/api/client'
import OpenedItem from '@/look/OpenedItem.vue'
import { useSiteType } from '@/site/useSiteType'
import GalleyPane from './GalleyPane.vue'
import NarrowViews, { type View } from './NarrowViews.vue'
import PatternTray from './PatternTray.vue'
import ProofPane from './ProofPane.vue'
import type { Sheet } from './Sheet'
import { provideGalley } from './useGalley'
import { useGalleyKeys } from './useGalleyKeys'

/** The screen of a template or a pattern: its facts, how far it reaches, galley and proof. */
const props = defineProps<{
  sheet: Sheet | null
  html: string
  /** Which it is to be. */
  id: string
  problem: Problem | null
  noun: 'template' | 'pattern'
}>()
const router = useRouter()
const all = computed(() => ({ name: `${props.noun}s` }))
const galley = provideGalley(
  computed(() => props.sheet),
  ref(null),
)
const view = ref<View>('galley')
const marks = useLocalStorage('venue-marks', true)
const type = useSiteType()
const pane = ref<InstanceType<typeof GalleyPane> | null>(null)
useGalleyKeys(
  galley,
  computed(() => pane.value?.root ?? null),
  marks,
  () => void router.push(all.value),
)
</script>

<template>
  <OpenedItem :id="id" v-slot="{ still }" :noun="noun" :found="sheet?.id" :problem="problem" :all="all">
    <div class="screen" :data-view="view" :style="type" :inert="still">
      <slot name="strip" />
      <NarrowViews v-model="view" />
      <div class="reaching">
        <p class="grow" role="status"><slot name="reach" /></p>
        <div class="looked"><slot name="looked" /></div>
      </div>
      <div class="split halves">
        <GalleyPane ref="pane" />
        <ProofPane v-model:marks="marks" :html="html" />
      </div>
      <PatternTray v-if="galley.spot.value" />
    </div>
  </OpenedItem>
</template>

<style scoped>
.split {
  grid-template-columns: minmax(420px, 47%) minmax(0, 1fr);
}
</style>
