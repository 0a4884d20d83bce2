<script setup lang="ts">
import { computed, ref } from 'vue'
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
const template = ref(props.from ?? site.catalog?.templates[0]?.id ?? '')
const page = ref(props.page ?? '')
const WAYS = [
  { key: 'template', label: 'As a copy of a template' },
  { key: 'page', label: 'From a page: its sections become starter sections' },
  { key: 'nothing', label: 'From nothing: a main zone, and the usual frame' },
]
const templates = computed(() => (site.catalog?.templates ?? []).map((t) => ({ value: t.id, title: t.name })))
const pages = computed(() => [...site.rows.values()].map((r) => ({ value: r.id, title: r.title })))

const kinds = computed(() => (site.catalog?.kinds ?? []).filter((k) => !k.pageless && !k.retired))
/** A kind that may wear all may wear this one; the others are asked about. */
const asked = computed(() => kinds.value.filter((k) => k.templates.length > 0))
const wearers = ref<string[]>(asked.value.filter((k) => mayWear(k, template.value)).map((k) => k.id))

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
  for (const kind of answer.ok ? asked.value.filter((k) => wearers.value.includes(k.id)) : [])
    await site.give(
      {
        verb: 'set-kind-templates',
        kind: kind.id,
        template: kind.template,
        allowed: [...kind.templates, id],
      },
      kind.id,
      group,
    )
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
