<script lang="ts">
/** What opened the sheets that stand open. */
const openers = new WeakMap<Element, HTMLElement>()
/** What opened the sheet that closes just now. */
let left: HTMLElement | null = null
</script>

<script setup lang="ts">
import { elementOf } from '@/look/targets'
import { useElementSize, useWindowSize } from '@vueuse/core'
import { computed, nextTick, onBeforeUnmount, onMounted, onUnmounted, ref, useId } from 'vue'
import { unfold, type Box } from './unfolding'
import { useNarrow } from './useNarrow'

/**
 * A sheet unfolded from what it is about, on the paper itself, named by its heading and left with Esc. What stands beside the
 * heading goes into `beside`.
 *
 * @param form whether it is filled in and sent off with Enter
 * @param stays whether it is left by its own buttons only
 * @param sight whether the right half of the screen stays in sight, where its effect is seen
 */
defineOptions({ inheritAttrs: false })
const {
  size = 'usual',
  form = false,
  sight = false,
} = defineProps<{
  title: string
  size?: 'narrow' | 'usual' | 'wide' | 'large'
  form?: boolean
  stays?: boolean
  sight?: boolean
}>()
const emit = defineEmits<{ close: []; submit: [] }>()
const heading = useId()
/** What opened the sheet has focus again when it closes; for a line of a menu that is what unfolds the menu. */
const opener = openerOf(document.activeElement)
/** A sheet that takes another's place goes back to what opened that. */
const before = openers.get(opener?.closest('.sheet') ?? document.body) ?? left
onMounted(async () => {
  await nextTick()
  if (opener && paper.value) openers.set(paper.value, before ?? opener)
})
onBeforeUnmount(() => (left = before ?? opener))
onUnmounted(async () => {
  left = null
  await nextTick()
  const at = document.activeElement
  if (at && at !== document.body) return
  for (const back of [opener, before])
    if (back?.isConnected && back !== document.body) return back.focus({ preventScroll: true })
})
function openerOf(at: Element | null): HTMLElement | null {
  const menu = at?.closest('.v-overlay')?.id
  const unfolds = menu && document.querySelector(`[aria-controls="${menu}"], [aria-owns="${menu}"]`)
  return elementOf(unfolds || at)
}

const WIDTHS = { narrow: 480, usual: 600, wide: 820, large: 1180 }
const narrow = useNarrow()
const paper = ref<HTMLElement | null>(null)
const { height } = useElementSize(paper, undefined, { box: 'border-box' })
const view = useWindowSize()
const about = aboutOf(opener)
const place = computed(() => {
  const width = Math.min(WIDTHS[size], view.width.value - 32)
  if (sight)
    return { left: 20, top: 116, most: view.height.value - 180, side: 'over', leader: null, about: null }
  return unfold(
    about,
    { width, height: height.value },
    { width: view.width.value, height: view.height.value },
  )
})
/** In a list walked by keys it is about the row at hand; a whole screen or a part of one is nothing to lead to. */
function aboutOf(at: HTMLElement | null): Box | null {
  const row = document.getElementById(at?.getAttribute('aria-activedescendant') ?? '') ?? at
  const box = row?.getBoundingClientRect()
  if (!box || !box.width || box.height > 120) return null
  return { left: box.left, top: box.top, width: Math.min(box.width, 320), height: box.height }
}
const px = (box: Box) => ({
  left: `${box.left}px`,
  top: `${box.top}px`,
  width: `${box.width}px`,
  height: `${box.height}px`,
})
const at = computed(() =>
  narrow.value
    ? {}
    : { left: `${place.value.left}px`, top: `${place.value.top}px`, maxHeight: `${place.value.most}px` },
)
</script>

<template>
  <v-dialog
    :model-value="true"
    :max-width="WIDTHS[size]"
    :persistent="stays"
    :scrim="sight ? false : 'transparent'"
    :aria-labelledby="heading"
    :content-class="['unfolded', place.side]"
    :content-props="{ style: at }"
    transition="unfold"
    @update:model-value="emit('close')"
  >
    <Teleport to="body">
      <template v-if="!narrow && place.leader && height">
        <i class="leads" aria-hidden="true" :style="px(place.leader)" />
        <i v-if="place.about" class="leads-to" aria-hidden="true" :style="px(place.about)" />
      </template>
    </Teleport>
    <component
      :is="form ? 'form' : 'div'"
      ref="paper"
      class="sheet"
      v-bind="$attrs"
      @submit.prevent="emit('submit')"
    >
      <div class="row-flex">
        <h2 :id="heading" class="grow">{{ title }}</h2>
        <slot name="beside" />
      </div>
      <slot />
    </component>
  </v-dialog>
</template>

<style>
.v-overlay__content.unfolded {
  position: fixed;
  margin: 0;
  overflow: visible;
}
.v-overlay__content.unfolded > .sheet {
  max-height: inherit;
  overflow-y: auto;
  box-shadow: 0 0 0 6px var(--paper);
}
.leads,
.leads-to {
  position: fixed;
  z-index: 2500;
  pointer-events: none;
}
.leads {
  background: var(--ink);
}
.leads-to {
  border-bottom: 1px solid var(--ink);
}
.unfold-enter-active {
  transition:
    clip-path 0.14s ease-out,
    transform 0.14s ease-out;
}
.unfold-enter-from {
  clip-path: inset(0 0 60% 0);
}
.unfold-enter-from.above {
  clip-path: inset(60% 0 0 0);
}
.unfold-enter-from:is(.right, .left, .over) {
  clip-path: inset(0 30% 60% 0);
}
@media (max-width: 820px) {
  .v-overlay__content.unfolded {
    inset: auto 0 0 !important;
    width: 100%;
    max-width: none !important;
    max-height: calc(100dvh - 48px);
    margin: 0 !important;
  }
}
</style>
