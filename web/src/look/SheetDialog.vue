<script setup lang="ts">
import { nextTick, onUnmounted, useId } from 'vue'

/**
 * A sheet laid over the screen, named by its heading and left with Esc. What stands beside the heading goes into `beside`.
 *
 * @param form whether it is filled in and sent off with Enter
 * @param stays whether it is left by its own buttons only
 */
defineOptions({ inheritAttrs: false })
const { size = 'usual', form = false } = defineProps<{
  title: string
  size?: 'narrow' | 'usual' | 'wide' | 'large'
  form?: boolean
  stays?: boolean
}>()
const emit = defineEmits<{ close: []; submit: [] }>()
const heading = useId()
/** What opened the sheet has focus again when it closes; for a line of a menu that is what unfolds the menu. */
const opener = openerOf(document.activeElement)
onUnmounted(async () => {
  await nextTick()
  const at = document.activeElement
  if (opener?.isConnected && (!at || at === document.body)) opener.focus({ preventScroll: true })
})
function openerOf(at: Element | null): HTMLElement | null {
  const menu = at?.closest('.v-overlay')?.id
  const unfolds = menu && document.querySelector(`[aria-controls="${menu}"], [aria-owns="${menu}"]`)
  return (unfolds || at) as HTMLElement | null
}
const WIDTHS = { narrow: 480, usual: 600, wide: 820, large: 1180 }
</script>

<template>
  <v-dialog
    :model-value="true"
    :max-width="WIDTHS[size]"
    :persistent="stays"
    :aria-labelledby="heading"
    @update:model-value="emit('close')"
  >
    <component :is="form ? 'form' : 'div'" class="sheet" v-bind="$attrs" @submit.prevent="emit('submit')">
      <div class="row-flex">
        <h2 :id="heading" class="grow">{{ title }}</h2>
        <slot name="beside" />
      </div>
      <slot />
    </component>
  </v-dialog>
</template>
