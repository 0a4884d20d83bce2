<script setup lang="ts">
import { ref } from 'vue'
import { post } from '@/api/client'
import { said } from '@/api/said'
import type { MembersTold } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import HandOver from './HandOver.vue'
import { APART } from './memberWords'

/** Somebody is invited to be a member. */
const props = defineProps<{ told: MembersTold }>()
const emit = defineEmits<{ close: []; invited: [] }>()
const site = useSite()
const notices = useNotices()
const email = ref('')
const name = ref('')
const groups = ref<string[]>([])
const trouble = ref('')
const address = ref('')
const apart = ref('')
const busy = ref(false)
async function invite() {
  if (busy.value) return
  busy.value = true
  const answer = await post(
    '/api/sites/{site}/members/invite',
    { path: { site: site.id } },
    { email: email.value, name: name.value, groups: groups.value },
  )
  busy.value = false
  if (!answer.ok) return void (trouble.value = said(answer.problem))
  emit('invited')
  apart.value = answer.value.member.ours ? APART : ''
  address.value = answer.value.address ?? ''
  if (address.value) return
  notices.tell(`A letter is on its way to ${email.value}.`, apart.value)
  emit('close')
}
</script>

<template>
  <SheetDialog title="Invite somebody" size="narrow" form @close="emit('close')" @submit="invite">
    <template v-if="!address">
      <label class="line"
        ><span class="label">E-mail</span>
        <input v-model="email" v-focus type="email" class="boxed" maxlength="254" @input="trouble = ''" />
      </label>
      <label class="line"
        ><span class="label">Name, if you know it</span>
        <input v-model="name" class="boxed" maxlength="120" />
      </label>
      <fieldset v-if="props.told.groups.length">
        <legend class="label">Groups</legend>
        <label v-for="g in props.told.groups" :key="g.id" class="row-flex">
          <input v-model="groups" type="checkbox" :value="g.id" /> {{ g.name }}
          <span class="quiet">{{ g.note }}</span>
        </label>
      </fieldset>
      <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
      <div class="row-flex gap">
        <v-btn type="submit" class="ink" :disabled="!email.trim()">Invite</v-btn>
        <v-btn @click="emit('close')">Not now</v-btn>
      </div>
    </template>
    <template v-else>
      <HandOver :address="address" />
      <p v-if="apart" class="note-box gap">{{ apart }}</p>
      <v-btn class="ink gap" @click="emit('close')">Done</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.line {
  display: grid;
  gap: 4px;
  margin-bottom: 12px;
}
fieldset {
  border: 0;
  padding: 0;
}
</style>
