<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { freshId } from '@/api/client'
import { useSite } from '@/site/useSite'

/** Makes a kind: with the two fields that every listing shows, or like another. */
const props = defineProps<{ from?: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const router = useRouter()
const name = ref('')
const from = ref(props.from ?? '')
const trouble = ref('')
const busy = ref(false)
const kinds = computed(() => [
  { value: '', title: 'None: a summary and a picture' },
  ...(site.catalog?.kinds ?? []).map((k) => ({ value: k.id, title: k.name })),
])

async function make() {
  if (busy.value) return
  busy.value = true
  const id = freshId()
  const answer = await site.give({ verb: 'make-kind', id, name: name.value, from: from.value || undefined })
  busy.value = false
  if (!answer.ok) return (trouble.value = `${answer.problem.detail} ${answer.problem.fix}`)
  emit('close')
  await router.push({ name: 'kind', params: { kind: id } })
}
</script>

<template>
  <v-dialog :model-value="true" max-width="480" @update:model-value="emit('close')">
    <form class="sheet" @submit.prevent="make">
      <h2>New kind of page</h2>
      <label class="label" for="kind-name">Name</label>
      <v-text-field
        id="kind-name"
        v-model="name"
        autofocus
        placeholder="Course, Member, Recipe"
        :error-messages="trouble"
      />
      <span class="label">With the fields and rules of</span>
      <v-select v-model="from" :items="kinds" aria-label="With the fields and rules of" />
      <div class="row-flex foot">
        <v-btn type="submit" class="yes" :disabled="!name.trim()">Make it</v-btn>
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
