<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { freshId } from '@/api/client'
import NamingSheet from '@/edit/NamingSheet.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** A page once more, right after it; with everything beneath it where that is wanted. */
const props = defineProps<{ page: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const router = useRouter()
const row = computed(() => site.rows.get(props.page))
const name = ref(`Copy of ${row.value?.title ?? ''}`.slice(0, 200))
const branch = ref(false)
const beneath = computed(() => {
  const within = new Set([props.page])
  // In the plan's order a page comes after the one above it.
  for (const id of site.order) if (within.has(site.rows.get(id)?.parent ?? '')) within.add(id)
  return within.size - 1
})

async function give(title: string) {
  const id = freshId()
  const answer = await site.give({
    verb: 'duplicate-page',
    page: props.page,
    id,
    title,
    branch: branch.value,
  })
  if (!answer.ok) return answer
  await site.refresh()
  void router.push({ name: 'page', params: { page: id } })
  return answer
}
</script>

<template>
  <NamingSheet
    v-model="name"
    :heading="`“${row?.title}” once more`"
    act="Duplicate"
    :give="give"
    @close="emit('close')"
  >
    <v-checkbox v-if="beneath" v-model="branch" :label="`With ${counted(beneath, 'page')} beneath it`" />
    <p class="quiet note">
      The copy stands right after it, with its sections, fields and settings. It is a draft: no menu leads to
      it, and visitors get it once it is released.
      <template v-if="branch">Where the copied pages lead to one another, they lead to the copies.</template>
    </p>
  </NamingSheet>
</template>

<style scoped>
.note {
  font-size: 13px;
  margin: 8px 0 12px;
}
</style>
