<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { freshId } from '@/api/client'
import type { Command } from '@/api/types'
import { mayWear } from '@/kind/mayWear'
import NamingSheet from '@/edit/NamingSheet.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'

/** Makes a template: from nothing, from another, or from a page. */
const props = defineProps<{ from?: string; page?: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const router = useRouter()
const way = ref(props.page ? 'page' : props.from ? 'template' : 'template')
/** Unless one is named, the one that most pages wear. */
const mostWorn = computed(() => [...(site.catalog?.templates ?? [])].sort((a, b) => b.pages - a.pages)[0])
const template = ref(props.from ?? mostWorn.value?.id ?? '')
const page = ref(props.page ?? '')
const WAYS = [
  { key: 'template', label: 'As a copy of a template' },
  { key: 'page', label: 'From a page: its sections become starter sections' },
  { key: 'nothing', label: 'From nothing: a main zone, and the usual frame' },
]
const templates = computed(() => (site.catalog?.templates ?? []).map((t) => ({ value: t.id, title: t.name })))
const pages = computed(() => [...site.rows.values()].map((r) => ({ value: r.id, title: r.title })))

/** A kind that may wear all may wear this one too; the others are asked about. */
const asked = computed(() =>
  (site.catalog?.kinds ?? []).filter((k) => !k.pageless && !k.retired && !k.wearsAny),
)
/** The template that it comes from: kinds that may wear that one may wear this one, unless that is said otherwise here. */
const source = computed(() => {
  if (way.value === 'nothing') return null
  return way.value === 'template' ? template.value : (site.rows.get(page.value)?.template ?? null)
})
const heirs = computed(() =>
  asked.value.filter((k) => source.value && mayWear(k, source.value)).map((k) => k.id),
)
const wearers = ref<string[]>([])
const purpose = ref('tell')
const note = ref('')
watch(
  source,
  (from) => {
    wearers.value = [...heirs.value]
    const before = from ? site.templates.get(from) : null
    purpose.value = before?.purpose ?? 'tell'
    note.value = way.value === 'template' ? (before?.note ?? '') : ''
  },
  { immediate: true },
)
const purposes = computed(() => (site.catalog?.purposes ?? []).map((p) => ({ value: p.key, title: p.title })))

/** What is said of it beside its name. */
function saidOfIt(id: string, name: string): Command[] {
  const before = source.value ? site.templates.get(source.value) : null
  const differs = asked.value.filter((k) => wearers.value.includes(k.id) !== heirs.value.includes(k.id))
  const said: (Command | false)[] = [
    note.value.trim() !== (way.value === 'template' ? before?.note : '') && {
      verb: 'describe-template',
      template: id,
      name,
      note: note.value.trim(),
    },
    purpose.value !== (before?.purpose ?? 'tell') && {
      verb: 'set-value',
      item: id,
      key: 'purpose',
      value: purpose.value,
    },
  ]
  return [
    ...said.filter((c) => c !== false),
    ...differs.map((k): Command => ({
      verb: 'allow-template',
      kind: k.id,
      template: id,
      may: wearers.value.includes(k.id),
    })),
  ]
}
async function make(name: string) {
  const id = freshId()
  const group = freshId()
  const command: Command = {
    verb: 'make-template',
    id,
    name,
    from: way.value === 'template' ? template.value : undefined,
    page: way.value === 'page' ? page.value : undefined,
  }
  const answer = await site.give(command, null, group)
  for (const more of answer.ok ? saidOfIt(id, name) : []) await site.give(more, null, group)
  if (answer.ok) await router.push({ name: 'template', params: { template: id } })
  return answer
}
</script>

<template>
  <NamingSheet
    heading="New template"
    act="Make it"
    :lacks="way === 'page' && !page"
    :give="make"
    @close="emit('close')"
  >
    <v-radio-group v-model="way" aria-label="What it begins with">
      <v-radio v-for="w in WAYS" :key="w.key" :value="w.key" :label="w.label" />
    </v-radio-group>
    <ChoiceOf v-if="way === 'template'" v-model="template" :items="templates" label="Template to copy" />
    <v-autocomplete v-if="way === 'page'" v-model="page" :items="pages" aria-label="Page to make it from" />
    <label class="label" for="template-note">What it is, in a line</label>
    <v-text-field id="template-note" v-model="note" dir="auto" placeholder="Told wherever it is chosen" />
    <p class="label">What it is for</p>
    <ChoiceOf v-model="purpose" :items="purposes" label="What it is for" />
    <fieldset v-if="asked.length" class="kinds">
      <legend class="label">Kinds whose pages may wear it</legend>
      <v-checkbox v-for="k in asked" :key="k.id" v-model="wearers" :value="k.id" :label="k.name" />
    </fieldset>
  </NamingSheet>
</template>

<style scoped>
.kinds {
  border: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
}
</style>
