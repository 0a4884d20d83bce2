<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { freshId } from '@/api/client'
import NamingSheet from '@/edit/NamingSheet.vue'
import { useSite } from '@/site/useSite'

/** Makes a form: ready-made, like another one of the site, or empty. */
const props = defineProps<{ from?: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const router = useRouter()
const EMPTY = ''
const from = ref(props.from ?? site.catalog?.readyForms[0]?.id ?? EMPTY)
const name = ref('')
const starts = computed(() => [
  ...(site.catalog?.readyForms ?? []),
  ...(props.from ? (site.catalog?.forms ?? []).filter((f) => f.id === props.from) : []),
  { id: EMPTY, name: 'Empty', note: 'You say what it asks for.' },
])
/** It is called as what it begins with, until somebody calls it otherwise. */
function pick(id: string) {
  const known = starts.value.find((s) => s.id === from.value)?.name
  from.value = id
  if (!name.value || name.value === known)
    name.value = id ? (starts.value.find((s) => s.id === id)?.name ?? '') : ''
}
pick(from.value)
async function make(words: string) {
  const id = freshId()
  const answer = await site.give({ verb: 'make-form', id, name: words, from: from.value || undefined })
  if (answer.ok) await router.push({ name: 'form-item', params: { form: id } })
  return answer
}
</script>

<template>
  <NamingSheet
    v-model="name"
    heading="New form"
    act="Make it"
    placeholder="Book a place, Contact, Feedback"
    :give="make"
    @close="emit('close')"
  >
    <fieldset class="starts">
      <legend class="label">Begins with</legend>
      <label v-for="s in starts" :key="s.id" :class="{ on: from === s.id }">
        <input type="radio" name="start" :checked="from === s.id" @change="pick(s.id)" />
        <b>{{ s.name }}</b> <span class="quiet">{{ s.note }}</span>
      </label>
    </fieldset>
  </NamingSheet>
</template>

<style scoped>
.starts {
  border: 0;
  padding: 0;
  margin: 12px 0;
}
.starts label {
  display: grid;
  grid-template-columns: 22px 1fr;
  gap: 0 6px;
  padding: 6px 8px;
  border-left: 3px solid transparent;
  font-size: 14px;
}
.starts label.on {
  border-color: var(--juniper);
  background: var(--juniper-wash);
}
.starts span {
  grid-column: 2;
  font-size: 12.5px;
}
</style>
