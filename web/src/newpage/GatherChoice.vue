<script setup lang="ts">
import { computed } from 'vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { useNewPageHere } from './useNewPage'

/** What the sections of a new page gather, asked once for all of them; what the kind lacks for it is added here. */
const site = useSite()
const session = useSession()
const { form, gathering } = useNewPageHere()
const kinds = computed(() => gathering.value.kinds.map((k) => ({ value: k.id, title: k.name })))
const fields = computed(() => gathering.value.fields.map((f) => ({ value: f.key, title: f.label })))
const kind = computed({ get: () => gathering.value.kind?.id, set: (id) => (form.gathers = id ?? '') })
const field = computed({ get: () => gathering.value.field, set: (key) => (form.byField = key ?? '') })
const lacked = computed(() => gathering.value.lacks.map((f) => `“${f.label}”`).join(', '))
function add() {
  const { kind: to, lacks } = gathering.value
  if (to) void site.give({ verb: 'set-fields', kind: to.id, fields: [...to.fields, ...lacks] }, to.id)
}
</script>

<template>
  <template v-if="gathering.asks">
    <h2>What it gathers</h2>
    <ChoiceOf v-if="gathering.asks.kind" v-model="kind" :items="kinds" label="Pages of which kind" />
    <p v-if="gathering.lacks.length" class="should label">
      ◇ {{ gathering.kind?.name }} has no {{ lacked }}, which this template shows or puts in order by.
      <button v-if="session.manager" type="button" class="textlink" @click="add">Add it to the kind</button>
      <template v-else>A manager can add it to the kind.</template>
    </p>
    <ChoiceOf v-if="gathering.asks.field" v-model="field" :items="fields" label="That name this page by" />
  </template>
</template>

<style scoped>
h2 {
  font-size: 16px;
  margin: 16px 0 8px;
}
</style>
