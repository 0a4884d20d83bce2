<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { freshId, get } from '@/api/client'
import type { PageDetail } from '@/api/types'
import NamingSheet from '@/edit/NamingSheet.vue'
import { useNotices } from '@/edit/useNotices'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'
import GroupChoice from './GroupChoice.vue'

/** Makes a pattern: from nothing, from another, or from sections of a page, which stays as it is. */
const props = defineProps<{ from?: string; page?: string; sections?: string[]; suggested?: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const router = useRouter()
const notices = useNotices()
const name = ref(props.suggested ?? '')
const way = ref(props.page ? 'page' : props.from ? 'pattern' : 'nothing')
const page = ref(props.page ?? '')
const from = ref(props.from ?? site.catalog?.patterns[0]?.id ?? '')
const WAYS = [
  { key: 'nothing', label: 'From nothing' },
  { key: 'page', label: 'From sections of a page' },
  { key: 'pattern', label: 'As a copy of a pattern' },
]
const patterns = computed(() => (site.catalog?.patterns ?? []).map((p) => ({ value: p.id, title: p.name })))
const pages = computed(() => [...site.rows.values()].map((r) => ({ value: r.id, title: r.title })))

const detail = ref<PageDetail | null>(null)
const there = computed(() =>
  (detail.value?.zones ?? []).flatMap((zone) =>
    [...zone.fixed, ...zone.sections].map((placed) => ({
      id: placed.section.id,
      name: placed.section.name,
      own: !zone.fixed.includes(placed),
    })),
  ),
)
const chosen = ref<string[]>(props.sections ?? [])
watch(
  page,
  async (of) => {
    const answer = of ? await get('/api/sites/{site}/pages/{id}', { path: { site: site.id, id: of } }) : null
    if (of !== page.value) return
    detail.value = answer?.ok ? answer.value : null
    chosen.value = props.sections ?? there.value.filter((s) => s.own).map((s) => s.id)
  },
  { immediate: true },
)
const kept = computed(() => there.value.filter((s) => chosen.value.includes(s.id)).map((s) => s.id))
const byHand = ref<string>()
/** Several sections begin whole pages, one is placed among others, unless somebody says otherwise. */
const group = computed({
  get: () => {
    const source = site.catalog?.patterns.find((p) => p.id === from.value)
    const own = way.value === 'pattern' && source ? source.group : 'Our own'
    return byHand.value ?? (way.value === 'page' && !props.sections ? 'Whole pages' : own)
  },
  set: (to: string) => (byHand.value = to),
})

async function make(words: string) {
  const id = freshId()
  const answer = await site.give({
    verb: 'make-pattern',
    id,
    name: words,
    group: group.value,
    from: way.value === 'pattern' ? from.value : undefined,
    page: way.value === 'page' ? page.value : undefined,
    sections: way.value === 'page' ? kept.value : undefined,
  })
  if (answer.ok && props.page)
    notices.tell(`Kept as the pattern “${words.trim()}”.`, `It is offered in the tray, under ${group.value}.`)
  else if (answer.ok) await router.push({ name: 'pattern', params: { pattern: id } })
  return answer
}
</script>

<template>
  <NamingSheet
    v-model="name"
    :heading="props.page ? 'Keep as a pattern' : 'New pattern'"
    :act="props.page ? 'Keep it' : 'Make it'"
    :lacks="way === 'page' && !kept.length"
    :give="make"
    @close="emit('close')"
  >
    <template v-if="!props.page">
      <v-radio-group v-model="way" aria-label="What it begins with">
        <v-radio v-for="w in WAYS" :key="w.key" :value="w.key" :label="w.label" />
      </v-radio-group>
      <ChoiceOf v-if="way === 'pattern'" v-model="from" :items="patterns" label="Pattern to copy" />
      <v-autocomplete
        v-if="way === 'page'"
        v-model="page"
        :items="pages"
        aria-label="Page to make it from"
        placeholder="Which page"
      />
    </template>
    <fieldset v-if="way === 'page' && there.length" class="sections">
      <legend class="label">Sections to keep, with their words; the page stays as it is</legend>
      <v-checkbox
        v-for="s in there"
        :key="s.id"
        v-model="chosen"
        :value="s.id"
        :label="s.own ? s.name : `${s.name} (fixed in the template)`"
      />
    </fieldset>
    <p v-else-if="way === 'page' && detail" class="should">This page has no sections yet.</p>
    <GroupChoice v-model="group" class="gap" />
  </NamingSheet>
</template>

<style scoped>
.sections {
  border: 0;
  padding: 0;
  margin: 8px 0;
  max-height: 30vh;
  overflow-y: auto;
}
</style>
