<script setup lang="ts">
import { useElementVisibility } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Asked, Told } from './asked'
import RichText from './RichText.vue'
import { promptOf, textOf } from './values'

/** Written text: an editor once it comes near the screen, plain words before, so that long pages open quickly. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const html = computed(() => textOf(props.value))
const prompt = computed(() => promptOf(props.value) || (props.plain ? 'Write here' : ''))
const place = ref<HTMLElement | null>(null)
const near = useElementVisibility(place, { rootMargin: '500px 0px' })
const edited = ref(false)
const words = computed(() => html.value.replace(/<[^>]+>/g, ' ') || prompt.value)
watch(near, (is) => (edited.value ||= is), { immediate: true })
</script>

<template>
  <div ref="place" :class="{ box: !plain }">
    <RichText
      v-if="edited"
      :value="html"
      :prompt="prompt"
      :label="name ?? property.label"
      @change="(written) => emit('change', written)"
      @leave="emit('leave')"
    />
    <p v-else dir="auto">{{ words }}</p>
  </div>
</template>

<style scoped>
.box {
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--sheet);
  padding: 6px 9px;
}
</style>
