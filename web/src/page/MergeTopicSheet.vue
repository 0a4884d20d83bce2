<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { get } from '@/api/client'
import type { PageDetail, TopicUse } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** Two topics made one: what names the one names the other. */
const props = defineProps<{ page: PageDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const router = useRouter()
const notices = useNotices()
/** Unknown until the answer has come. */
const topics = ref<TopicUse[]>()
const into = ref<string>()
const named = computed(() => topics.value?.find((t) => t.id === props.page.id)?.named ?? 0)
const others = computed(() => topics.value?.filter((t) => t.id !== props.page.id) ?? [])

onMounted(async () => {
  const answer = await get('/api/sites/{site}/topics', { path: { site: site.id } })
  if (answer.ok) topics.value = answer.value
  else notices.refuse(answer.problem)
})
async function merge() {
  const kept = others.value.find((t) => t.id === into.value)
  if (!kept) return
  const answer = await site.give({ verb: 'merge-topic', topic: props.page.id, into: kept.id })
  if (!answer.ok) return
  emit('close')
  await site.refresh()
  await router.replace({ name: 'page', params: { page: kept.id } })
  notices.tell(`“${props.page.title}” is one with “${kept.title}” now.`, 'One step to undo.')
}
</script>

<template>
  <SheetDialog :title="`Merge “${page.title}”`" size="narrow" form @submit="merge" @close="emit('close')">
    <p>
      {{ counted(named, 'page names', 'pages name') }} it. They will name the other instead, and once that is
      released its address leads there.
    </p>
    <ChoiceOf
      v-if="others.length"
      v-model="into"
      label="Into"
      none="choose the one that stays"
      :items="others.map((t) => ({ value: t.id, title: `${t.title} · ${counted(t.named, 'page')}` }))"
    />
    <p v-else-if="topics" class="quiet">There is no other topic.</p>
    <p v-else class="quiet">Looking for the other topics…</p>
    <div class="row-flex gap">
      <v-btn type="submit" :disabled="!into">Merge</v-btn>
      <v-btn @click="emit('close')">Leave it</v-btn>
    </div>
  </SheetDialog>
</template>
