<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { freshId } from '@/api/client'
import { useSite } from '@/site/useSite'

/** Makes a template: from nothing, from another, or from a page. */
const props = defineProps<{ from?: string; page?: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const router = useRouter()
const name = ref('')
const way = ref(props.page ? 'page' : props.from ? 'template' : 'template')
const template = ref(props.from ?? site.catalog?.templates[0]?.id ?? '')
const page = ref(props.page ?? '')
const trouble = ref('')
const WAYS = [
  { key: 'template', label: 'As a copy of a template' },
  { key: 'page', label: 'From a page: its sections become starter sections' },
  { key: 'nothing', label: 'From nothing: a main zone, and the usual frame' },
]
const templates = computed(() => (site.catalog?.templates ?? []).map((t) => ({ value: t.id, title: t.name })))
const pages = computed(() => [...site.rows.values()].map((r) => ({ value: r.id, title: r.title })))

const busy = ref(false)
async function make() {
  if (busy.value) return
  busy.value = true
  const id = freshId()
  const answer = await site.give({
    verb: 'make-template',
    id,
    name: name.value,
    from: way.value === 'template' ? template.value : undefined,
    page: way.value === 'page' ? page.value : undefined,
  })
  busy.value = false
  if (!answer.ok) return (trouble.value = `${answer.problem.detail} ${answer.problem.fix}`)
  emit('close')
  await router.push({ name: 'template', params: { template: id } })
}
</script>

<template>
  <v-dialog :model-value="true" max-width="480" @update:model-value="emit('close')">
    <form class="sheet" @submit.prevent="make">
      <h2>New template</h2>
      <label class="label" for="template-name">Name</label>
      <v-text-field id="template-name" v-model="name" autofocus :error-messages="trouble" />
      <v-radio-group v-model="way" aria-label="What it begins with">
        <v-radio v-for="w in WAYS" :key="w.key" :value="w.key" :label="w.label" />
      </v-radio-group>
      <v-select
        v-if="way === 'template'"
        v-model="template"
        :items="templates"
        aria-label="Template to copy"
      />
      <v-autocomplete v-if="way === 'page'" v-model="page" :items="pages" aria-label="Page to make it from" />
      <div class="row-flex foot">
        <v-btn type="submit" class="yes" :disabled="!name.trim() || (way === 'page' && !page)">Make it</v-btn>
        <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.label {
  display: block;
  margin: 12px 0 3px;
}
.foot {
  margin-top: 16px;
}
</style>
