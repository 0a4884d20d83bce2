<script setup lang="ts">
import { computed, ref } from 'vue'
import { post } from '@/api/client'
import { said } from '@/api/said'
import type { MemberRow, MembersTold } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSite } from '@/site/useSite'
import HandOver from './HandOver.vue'
import { APART, MEMBER_STATES } from './memberWords'

/** What is kept of one member, and how they come in. */
const props = defineProps<{ member: MemberRow; told: MembersTold }>()
const emit = defineEmits<{ changed: []; close: [] }>()
const site = useSite()
const notices = useNotices()
const name = ref(props.member.name)
const fields = ref<Record<string, string>>({ ...props.member.fields })
const trouble = ref('')
const address = ref('')
const changed = computed(
  () =>
    name.value !== props.member.name || JSON.stringify(fields.value) !== JSON.stringify(props.member.fields),
)
const at = computed(() => ({ path: { site: site.id, member: props.member.id } }))
async function save() {
  const answer = await post('/api/sites/{site}/members/{member}', at.value, {
    name: name.value,
    fields: Object.fromEntries(Object.entries(fields.value).filter(([, v]) => v)),
  })
  trouble.value = answer.ok ? '' : said(answer.problem)
  if (answer.ok) emit('changed')
}
const busy = ref(false)
async function link() {
  if (busy.value) return
  busy.value = true
  const answer = await post('/api/sites/{site}/members/{member}/link', at.value)
  busy.value = false
  if (!answer.ok) return void notices.refuse(answer.problem)
  address.value = answer.value.address ?? ''
  if (!address.value) notices.tell(`A letter is on its way to ${props.member.email}.`)
}
</script>

<template>
  <aside class="card side-pane" aria-label="The chosen member">
    <div class="row-flex">
      <h2 class="grow cut" dir="auto">{{ member.name || member.email }}</h2>
      <v-btn @click="emit('close')">Close</v-btn>
    </div>
    <p class="quiet">{{ member.email }}</p>
    <p v-if="member.ours" class="note-box gap">{{ APART }}</p>
    <p class="gap">{{ MEMBER_STATES[member.state].mark }} {{ MEMBER_STATES[member.state].word }}</p>
    <form class="kept" @submit.prevent="save">
      <label
        ><span class="label">Name</span>
        <input v-model="name" class="boxed" maxlength="120" :disabled="!told.writes" />
      </label>
      <label v-for="f in told.fields" :key="f.key">
        <span class="label">{{ f.label }}{{ f.theirs ? '' : ' · they see it, and don’t change it' }}</span>
        <select v-if="f.sort === 'CHOICE'" v-model="fields[f.key]" class="boxed" :disabled="!told.writes">
          <option value="" />
          <option v-for="c in f.choices" :key="c" :value="c">{{ c }}</option>
        </select>
        <select v-else-if="f.sort === 'YES'" v-model="fields[f.key]" class="boxed" :disabled="!told.writes">
          <option value="">no</option>
          <option value="yes">yes</option>
        </select>
        <textarea
          v-else-if="f.sort === 'LINES'"
          v-model="fields[f.key]"
          class="boxed"
          rows="3"
          :disabled="!told.writes"
        />
        <input
          v-else
          v-model="fields[f.key]"
          class="boxed"
          :type="f.sort === 'DATE' ? 'date' : 'text'"
          :disabled="!told.writes"
        />
      </label>
      <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
      <div v-if="told.writes" class="row-flex">
        <v-btn type="submit" class="ink" :disabled="!changed">Save</v-btn>
        <v-btn v-if="member.state === 'ACTIVE' || member.state === 'INVITED'" @click="link">{{
          told.mail ? 'Send a link to sign in' : 'A link to hand over…'
        }}</v-btn>
      </div>
    </form>
    <HandOver v-if="address" :address="address" />
  </aside>
</template>

<style scoped>
.kept {
  display: grid;
  gap: 12px;
  margin: 16px 0;
}
.kept label {
  display: grid;
  gap: 4px;
}
</style>
