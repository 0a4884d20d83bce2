<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { provideLanguage } from '@/site/languages'
import { useSite } from '@/site/useSite'
import { pagesOf } from '@/site/pagesOf'
import FactsStrip from './FactsStrip.vue'
import FormPane from './FormPane.vue'
import FrameLine from '@/galley/FrameLine.vue'
import GalleyPane from '@/galley/GalleyPane.vue'
import NarrowViews, { type View } from '@/galley/NarrowViews.vue'
import PatternTray from '@/galley/PatternTray.vue'
import ProofPane from '@/galley/ProofPane.vue'
import OpenedItem from '@/look/OpenedItem.vue'
import { pageSheet } from '@/galley/Sheet'
import { provideGalley } from '@/galley/useGalley'
import { useSiteType } from '@/site/useSiteType'
import { useGalleyKeys } from '@/galley/useGalleyKeys'
import { usePage } from '@/site/usePage'

const route = useRoute()
const router = useRouter()
const site = useSite()
const id = computed(() => String(route.params.page ?? ''))
const { page, html, problem } = usePage(id)
const galley = provideGalley(
  computed(() => pageSheet(page.value)),
  page,
)
provideLanguage(page)
const marks = useLocalStorage('venue-marks', true)
const type = useSiteType()
/** Written in the form instead of the galley. */
const asForm = computed(() => route.name === 'form')
const view = ref<View>('galley')
watch(id, () => (galley.chosen.value = null))
/** Others see in which section one is. */
watch(galley.chosen, (section) => site.at(section ? `${id.value}#${section}` : id.value))
watch(
  [() => route.query.section, page],
  ([section]) => {
    if (section && !galley.chosen.value && page.value) galley.chosen.value = String(section)
  },
  { immediate: true },
)

const pane = ref<InstanceType<typeof GalleyPane> | null>(null)
useGalleyKeys(
  galley,
  computed(() => pane.value?.root ?? null),
  marks,
  () => void router.push({ name: 'plan', params: { page: id.value } }),
)
</script>

<template>
  <OpenedItem
    :id="id"
    v-slot="{ still }"
    noun="page"
    :found="page?.id"
    :problem="problem"
    :all="{ name: 'plan', params: { page: '' } }"
  >
    <div v-if="page" class="screen" :data-view="view" :style="type" :inert="still">
      <FactsStrip />
      <NarrowViews v-model="view" />
      <p v-if="!page.changeable" class="told" role="status">
        {{ pagesOf(page.kindName) }} are changed by managers. You can look at it here, and ask one of them.
      </p>
      <div class="split halves" :class="{ alone: !page.changeable }">
        <FormPane v-if="page.changeable && asForm" />
        <GalleyPane v-else-if="page.changeable" ref="pane"><FrameLine :html="html" /></GalleyPane>
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
.alone {
  grid-template-columns: 1fr;
}
.told {
  padding: 6px 20px;
  background: var(--ochre-wash);
  color: var(--ochre-ink);
}
</style>
