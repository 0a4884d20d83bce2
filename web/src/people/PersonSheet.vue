<script setup lang="ts">
import { post, type Outcome } from '@/api/client'
import { computed, ref } from 'vue'
import LinkBox from './LinkBox.vue'
import type { LinkMade, SiteName, TeamMember } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSession } from '@/session/useSession'

/** What may be done about somebody who is here. */
const { person, act, link } = defineProps<{
  person: TeamMember
  sites: SiteName[]
  act: (asking: Promise<Outcome<unknown>>) => Promise<boolean>
  link: (person: TeamMember) => Promise<LinkMade | null>
}>()
const emit = defineEmits<{ close: []; invite: [] }>()
const session = useSession()
const NONE = ''
const ROLES = [
  { value: NONE, title: 'not there', role: undefined },
  { value: 'EDITOR', title: 'editor', role: 'EDITOR' },
  { value: 'MANAGER', title: 'manager', role: 'MANAGER' },
] as const
const at = computed(() => ({ path: { id: person.id } }))
const me = computed(() => person.id === session.person?.id)
const made = ref<LinkMade | null>(null)
const sure = ref<'' | 'deactivate' | 'erase'>('')

const seat = (site: string, role: string) =>
  act(post('/api/people/{id}/seat', at.value, { site, role: ROLES.find((r) => r.value === role)?.role }))
async function doIt() {
  const what = sure.value
  sure.value = ''
  const asking =
    what === 'erase'
      ? post('/api/people/{id}/erase', at.value)
      : post('/api/people/{id}/deactivate', at.value)
  if ((await act(asking)) && what === 'erase') emit('close')
}
</script>

<template>
  <SheetDialog :title="person.name || person.email" @close="emit('close')">
    <template #beside>
      <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
    </template>
    <p class="quiet">{{ person.email }}</p>
    <template v-if="sure">
      <div class="note-box must-box gap" role="alertdialog" aria-live="assertive">
        <p v-if="sure === 'deactivate'">
          {{ person.name || person.email }} is signed out everywhere at once and can’t sign in any more. What
          they did keeps their name; they can be brought back.
        </p>
        <p v-else>
          Name and address go for good: in history and record they become “a former member of the team”. This
          can’t be taken back.
        </p>
        <div class="row-flex gap">
          <v-btn v-focus class="danger" @click="doIt">{{
            sure === 'erase' ? 'Erase for good' : 'Deactivate'
          }}</v-btn>
          <v-btn @click="sure = ''">Leave it</v-btn>
        </div>
      </div>
    </template>
    <template v-else-if="person.state === 'DEACTIVATED'">
      <p class="gap">Deactivated: can’t sign in. What they did keeps their name.</p>
      <div class="row-flex foot">
        <v-btn class="yes" @click="act(post('/api/people/{id}/bring-back', at))">Bring back</v-btn>
        <v-btn class="danger" @click="sure = 'erase'">Erase name and address…</v-btn>
      </div>
    </template>
    <template v-else>
      <h3 class="gap">What they are in each site</h3>
      <p v-if="person.owner" class="quiet">As an owner they manage every site, whatever stands here.</p>
      <div class="seats">
        <template v-for="s in sites" :key="s.id">
          <label class="cut" :for="`seat-${s.id}`">{{ s.name }}</label>
          <ChoiceOf
            :model-value="person.seats[s.id] ?? NONE"
            :items="ROLES"
            :label="`In ${s.name}`"
            @update:model-value="seat(s.id, String($event))"
          />
        </template>
      </div>
      <v-checkbox
        :model-value="person.owner"
        label="Owner: may everything here, also make sites and people"
        @update:model-value="act(post('/api/people/{id}/owner', at, { owner: Boolean($event) }))"
      />
      <v-checkbox
        v-if="!person.owner"
        :model-value="person.mayGive"
        label="May give templates, patterns, kinds and looks to all sites"
        @update:model-value="act(post('/api/people/{id}/give', at, { may: Boolean($event) }))"
      />
      <LinkBox v-if="made" class="gap" :made="made" :to="person.email" good="for two hours" />
      <div class="row-flex foot">
        <v-btn v-if="person.state === 'INVITED'" @click="emit('invite')">Make a new invitation…</v-btn>
        <v-btn v-else @click="link(person).then((l) => (made = l))">Make a link for a new password</v-btn>
        <span class="grow" />
        <v-btn v-if="!me" class="danger" @click="sure = 'deactivate'">Deactivate…</v-btn>
      </div>
    </template>
  </SheetDialog>
</template>

<style scoped>
.seats {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 180px;
  gap: 6px 12px;
  align-items: center;
  margin: 6px 0 10px;
  max-height: 260px;
  overflow-y: auto;
}
</style>
