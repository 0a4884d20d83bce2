<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { freshId } from '@/api/client'
import NamingSheet from '@/edit/NamingSheet.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'

/** Makes a kind: with the two fields that every listing shows, ready-made for entries, or like another. */
const props = defineProps<{ from?: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const router = useRouter()
const from = ref(props.from ?? '')
const READY = 'Lists of entries without pages'
const kinds = computed(() => [
  { value: '', title: 'None: a summary and a picture' },
  ...(site.catalog?.readyKinds ?? []).map((k) => ({
    value: k.id,
    title: `${k.name}: ${k.note}`,
    group: READY,
  })),
  ...(site.catalog?.kinds ?? []).map((k) => ({ value: k.id, title: k.name, group: 'Those of this site' })),
])

async function make(name: string) {
  const id = freshId()
  const answer = await site.give({ verb: 'make-kind', id, name, from: from.value || undefined })
  if (answer.ok) await router.push({ name: 'kind', params: { kind: id } })
  return answer
}
</script>

<template>
  <NamingSheet
    heading="New kind"
    act="Make it"
    placeholder="Course, Member, Recipe"
    :give="make"
    @close="emit('close')"
  >
    <span class="label">With the fields and rules of</span>
    <ChoiceOf v-model="from" :items="kinds" label="With the fields and rules of" />
  </NamingSheet>
</template>
