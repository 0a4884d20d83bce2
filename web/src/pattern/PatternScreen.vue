<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { PatternCopies } from '@/api/types'
import GalleyPane from '@/galley/GalleyPane.vue'
import NarrowViews, { type View } from '@/galley/NarrowViews.vue'
import PatternTray from '@/galley/PatternTray.vue'
import ProofPane from '@/galley/ProofPane.vue'
import { patternSheet } from '@/galley/Sheet'
import { provideGalley } from '@/galley/useGalley'
import { useGalleyKeys } from '@/galley/useGalleyKeys'
import WordOf from '@/help/WordOf.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useCopies } from '@/site/useCopies'
import { useSiteType } from '@/site/useSiteType'
import PatternStrip from './PatternStrip.vue'
import { standing } from './standing'
import { usePattern } from './usePattern'

const route = useRoute()
const router = useRouter()
const id = computed(() => String(route.params.pattern))
const copies = useCopies<PatternCopies>(computed(() => `patterns/${id.value}`))
const sample = ref(false)
const WAYS = [
  { value: false, title: 'as it comes' },
  { value: true, title: 'sample words' },
]
const { pattern, html, problem } = usePattern(id, sample)
const galley = provideGalley(
  computed(() => patternSheet(pattern.value, sample.value)),
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
  () => void router.push({ name: 'patterns' }),
)
</script>

<template>
  <div v-if="problem?.status === 404" class="gone">
    <h1>This pattern is not there any more</h1>
    <p class="quiet">
      It was removed, or the address is mistyped. What was removed can be put back by whoever removed it.
    </p>
    <router-link :to="{ name: 'patterns' }">Back to the patterns</router-link>
  </div>
  <div v-else-if="pattern" class="screen" :class="`at-${view}`" :style="type">
    <PatternStrip :pattern="pattern" :copies="copies" />
    <NarrowViews v-model="view" />
    <div class="reaching">
      <p class="grow" role="status">
        Pages take a copy, which is theirs: what is changed here reaches them by
        <WordOf word="roll-out">roll-out</WordOf> alone{{ copies ? `. ${standing(copies)}` : '' }}.
      </p>
      <div class="looked">
        <span>Looked at</span>
        <ChoiceOf v-model="sample" :items="WAYS" label="Looked at" />
      </div>
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
