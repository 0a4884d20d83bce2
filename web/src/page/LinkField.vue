<script setup lang="ts">
import { computed, ref } from 'vue'
import { useSite } from '@/site/useSite'
import LinkSheet from './LinkSheet.vue'

const props = defineProps<{ value: string }>()
const emit = defineEmits<{ take: [target: string | null] }>()
const site = useSite()
const open = ref(false)
const words = computed(() => {
  if (!props.value) return 'Choose where it leads'
  if (!props.value.startsWith('page:')) return props.value
  const row = site.rows.get(props.value.slice(5).split('#')[0] ?? '')
  return row ? `→ ${row.title}` : 'A page that is gone'
})

function take(target: string | null) {
  open.value = false
  emit('take', target)
}
</script>

<template>
  <button type="button" class="textlink cut" :class="{ should: !value }" @click="open = true">
    {{ words }}
  </button>
  <LinkSheet v-if="open" :value="value" @take="take" @close="open = false" />
</template>

<style scoped>
.textlink {
  max-width: 100%;
  font-size: 13px;
}
</style>
