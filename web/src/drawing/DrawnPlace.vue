<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, useId, watch } from 'vue'
import { useSite } from '@/site/useSite'
import { useBoard } from './board'

/** A place on a board in which part of the site is drawn, `at` pixels wide and as small as the place. */
const props = defineProps<{
  of: string
  /** What it is drawn from; else it is drawn as the site stood when it was first shown. */
  version?: string
  at: number
  whole?: boolean
  /** It can't be chosen, or is not. */
  pale?: boolean
  label: string
  /** By what it is known to whoever speaks to the board. */
  name?: string
}>()
const site = useSite()
const board = useBoard()
const first = String(site.step)
const id = props.name ?? useId()
const place = ref<HTMLElement | null>(null)

onMounted(() =>
  board.add(id, place.value!, () => ({
    of: props.of,
    version: props.version ?? first,
    at: props.at,
    whole: props.whole,
  })),
)
onBeforeUnmount(() => board.remove(id))
watch(() => [props.of, props.version, props.at], board.changed)
</script>

<template>
  <span ref="place" class="drawn-place" :class="{ pale }" :data-drawing="id" role="img" :aria-label="label" />
</template>

<style scoped>
.drawn-place {
  display: block;
  overflow: hidden;
  background: var(--sheet);
}
/* Over the drawing, which lies over its place. */
.pale {
  position: relative;
}
.pale::after {
  content: '';
  position: absolute;
  inset: 0;
  z-index: 1;
  background: var(--sheet);
  opacity: 0.62;
}
</style>
