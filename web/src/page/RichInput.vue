<script setup lang="ts">
import { useElementVisibility } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import RichText from './RichText.vue'

/** Written text: an editor once it comes near the screen, plain words before, so that long pages open quickly. */
const props = defineProps<{ value: string; prompt?: string; label: string }>()
const emit = defineEmits<{ change: [html: string]; leave: [] }>()
const place = ref<HTMLElement | null>(null)
const near = useElementVisibility(place, { rootMargin: '500px 0px' })
const edited = ref(false)
const words = computed(() => props.value.replace(/<[^>]+>/g, ' ') || (props.prompt ?? ''))
watch(near, (is) => (edited.value ||= is), { immediate: true })
</script>

<template>
  <div ref="place">
    <RichText
      v-if="edited"
      :value="value"
      :prompt="prompt"
      :label="label"
      @change="(html) => emit('change', html)"
      @leave="emit('leave')"
    />
    <p v-else dir="auto">{{ words }}</p>
  </div>
</template>
