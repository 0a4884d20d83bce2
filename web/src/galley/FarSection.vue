<script setup lang="ts">
import { computed, nextTick, ref, watch, type ComponentPublicInstance } from 'vue'
import type { PlacedSection } from '@/api/types'
import { useSession } from '@/session/useSession'
import { reachOf } from '@/words/reachWords'
import SectionCard from './SectionCard.vue'
import { useGalley } from './useGalley'
import { writeIn } from './writable'

/** A section that is written elsewhere: slim until a manager unfolds it to write in it here. */
const props = defineProps<{ own: PlacedSection }>()
const session = useSession()
const open = ref(false)
const manager = computed(() => session.manager)
/** Whoever is led to it finds it unfolded. */
const galley = useGalley()
watch(
  galley.chosen,
  (chosen) => {
    if (manager.value && chosen === props.own.section.id) open.value = true
  },
  { immediate: true },
)
const card = ref<ComponentPublicInstance | null>(null)
async function write() {
  open.value = true
  await nextTick()
  if (card.value) void writeIn(card.value.$el)
}
</script>

<template>
  <SectionCard v-if="open" ref="card" class="open" :own="own" @fold="open = false" />
  <div v-else class="elsewhere" :data-section="own.section.id">
    <span aria-hidden="true">{{ own.reach === 'TEMPLATE' ? '▣' : '◈' }}</span> <b>{{ own.section.name }}</b>
    <span class="quiet grow">{{ reachOf(own).chip }}</span>
    <button v-if="manager" type="button" class="textlink" @click="write">Write in it</button>
    <span v-else class="quiet">managers write it</span>
  </div>
</template>

<style scoped>
.open {
  margin-bottom: 6px;
}
</style>
