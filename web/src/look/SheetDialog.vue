<script setup lang="ts">
import { useId } from 'vue'

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
