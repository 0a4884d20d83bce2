<script setup lang="ts">
import { computed, ref } from 'vue'
import { freshId } from '@/api/client'
import NamingSheet from '@/edit/NamingSheet.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import type { Asked, Told } from './asked'
import { textOf } from './values'

/** One of the site's forms, with the way to it; or a new one, made in place: ready-made, empty or like another. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const site = useSite()
const session = useSession()
const NONE = ''
const chosen = computed(() => textOf(props.value))
const form = computed(() => site.catalog?.forms.find((f) => f.id === chosen.value))
const choices = computed(() => [
  ...(site.catalog?.forms ?? [])
    .filter((f) => !f.retired || f.id === chosen.value)
    .map((f) => ({ value: f.id, title: f.retired ? `${f.name} (retired)` : f.name })),
  { value: NONE, title: 'None' },
])
const starts = computed(() => [
  ...(site.catalog?.readyForms ?? []).map((f) => ({ value: f.id, title: f.name, group: 'Ready-made' })),
  ...(site.catalog?.forms ?? []).map((f) => ({ value: f.id, title: f.name, group: 'Those of this site' })),
  { value: NONE, title: 'Nothing: it is empty', group: '' },
])
const making = ref(false)
const from = ref(site.catalog?.readyForms[0]?.id ?? NONE)
const called = ref('')
async function make(words: string) {
  const id = freshId()
  const answer = await site.give({ verb: 'make-form', id, name: words, from: from.value || undefined })
  if (answer.ok) emit('change', id)
  return answer
}
function begin() {
  making.value = true
  pick(from.value)
}
/** It is called as what it begins with, until somebody calls it otherwise. */
function pick(start: string) {
  const known = starts.value.find((s) => s.value === from.value)?.title
  from.value = start
  if (!called.value || called.value === known)
    called.value = start ? (starts.value.find((s) => s.value === start)?.title ?? '') : ''
}
</script>

<template>
  <ChoiceOf
    :model-value="chosen"
    :items="choices"
    :label="props.name ?? property.label"
    :none="chosen && !form ? 'A form that is gone' : undefined"
    @update:model-value="(v?: string) => emit('change', v || undefined)"
  />
  <p v-if="form" class="quiet small">
    {{ form.retired ? 'Retired: visitors see nothing here.' : form.note }}
  </p>
  <p class="row-flex small">
    <router-link v-if="form" :to="{ name: 'form-item', params: { form: form.id } }">This form…</router-link>
    <button v-if="session.manager" type="button" class="textlink" @click="begin">New form…</button>
  </p>
  <NamingSheet
    v-if="making"
    v-model="called"
    heading="New form"
    act="Make it and place it"
    placeholder="Book a place, Contact, Feedback"
    :give="make"
    @close="making = false"
  >
    <span class="label">Begins with</span>
    <ChoiceOf
      :model-value="from"
      :items="starts"
      label="Begins with"
      @update:model-value="(v?: string) => pick(v ?? '')"
    />
  </NamingSheet>
</template>

<style scoped>
.small {
  font-size: 12.5px;
}
.row-flex {
  gap: 14px;
}
</style>
