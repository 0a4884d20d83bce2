<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
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
  /** Whether there is no such thing any more. */
  gone: boolean
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
  <div v-if="gone" class="gone">
    <h1>This {{ noun }} is not there any more</h1>
    <p class="quiet">
      It was removed, or the address is mistyped. What was removed can be put back by whoever removed it.
    </p>
    <router-link :to="all">Back to the {{ noun }}s</router-link>
  </div>
  <div v-else-if="sheet" class="screen" :class="`at-${view}`" :style="type">
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
</template>

<style scoped>
.split {
  grid-template-columns: minmax(420px, 47%) minmax(0, 1fr);
}
.gone {
  padding: 80px;
}
</style>
