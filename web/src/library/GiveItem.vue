<script setup lang="ts">
import { computed } from 'vue'
import { said } from '@/api/said'
import { useNotices } from '@/edit/useNotices'
import { useLibrary } from './useLibrary'

/** Gives an item to all sites, for whoever may; given again, it moves on there. */
const props = defineProps<{ item: string; name: string }>()
const notices = useNotices()
const { shelf, problem, give, ofHere } = useLibrary()
const line = computed(() => ofHere(props.item))
const words = computed(() => (line.value ? 'Give it to all sites again' : 'Give it to all sites'))
const note = computed(() => {
  if (!line.value) return 'Under “From the library” in each of them'
  return line.value.adapted ? 'It has been changed here since it was given' : 'As it was given'
})

async function go() {
  if (await give(props.item)) notices.tell(`“${props.name}” is in the library for all sites.`)
  else if (problem.value) notices.tell(said(problem.value))
}
</script>

<template>
  <v-list-item v-if="shelf?.mayGive" :title="words" :subtitle="note" @click="go" />
</template>
