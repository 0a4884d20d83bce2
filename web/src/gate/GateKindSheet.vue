<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { KindDetail } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { pagesOf } from '@/site/pagesOf'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import AudienceChoice from './AudienceChoice.vue'
import { gateCommand, isWhole, wantedOf, type Wanted } from './gateCommand'

/** Who may see the pages of a kind, unless they or what they stand beneath say otherwise. */
const props = defineProps<{ kind: KindDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const wanted = ref(wantedOf({}))
watch(
  () => props.kind.settings,
  (now) => (wanted.value = wantedOf(now)),
  { immediate: true },
)
async function set(to: Wanted) {
  wanted.value = to
  if (isWhole(to)) await site.give(gateCommand(props.kind.id, to), props.kind.id)
}
const pages = computed(() => [...site.rows.values()].filter((r) => r.kind === props.kind.id))
const held = computed(() => pages.value.filter((r) => r.gate?.source === 'KIND').length)
const reach = computed(() => {
  if (!pages.value.length || !wanted.value.who || !isWhole(wanted.value)) return ''
  const others = pages.value.length - held.value
  const otherwise = others
    ? `; ${counted(others, 'has', 'have')} it from what is said there, or of a page above`
    : ''
  return `Holds for ${held.value} of ${counted(pages.value.length, 'page')}${otherwise}.`
})
</script>

<template>
  <SheetDialog :title="`Who may see ${pagesOf(kind.name)}`" size="narrow" @close="emit('close')">
    <AudienceChoice
      :model-value="wanted"
      label="Who may open them, unless a page or what it stands beneath says otherwise"
      inherits="as the site"
      @update:model-value="set"
    />
    <p v-if="reach" class="quiet gap">{{ reach }}</p>
    <v-btn class="gap" @click="emit('close')">Done<span class="kbd">Esc</span></v-btn>
  </SheetDialog>
</template>
