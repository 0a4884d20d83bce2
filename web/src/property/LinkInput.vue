<script setup lang="ts">
import { computed, ref } from 'vue'
import { useSite } from '@/site/useSite'
import type { Asked, Told } from './asked'
import LinkSheet from './LinkSheet.vue'
import { textOf } from './values'

const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const target = computed(() => textOf(props.value))
const site = useSite()
const open = ref(false)
const words = computed(() => {
  if (!target.value) return 'Choose where it leads'
  if (!target.value.startsWith('page:')) return target.value
  const row = site.rows.get(target.value.slice(5).split('#')[0] ?? '')
  return row ? `→ ${row.title}` : 'A page that is gone'
})

function take(chosen: string | null) {
  open.value = false
  emit('change', chosen ?? undefined)
}
</script>

<template>
  <button type="button" class="textlink cut" :class="{ should: !target }" @click="open = true">
    {{ words }}
  </button>
  <LinkSheet v-if="open" :value="target" @take="take" @close="open = false" />
</template>

<style scoped>
.textlink {
  max-width: 100%;
  min-height: 24px;
  font-size: 13px;
}
</style>
