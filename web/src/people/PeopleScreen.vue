<script setup lang="ts">
import { computed, ref } from 'vue'
import InviteSheet from './InviteSheet.vue'
import PersonSheet from './PersonSheet.vue'
import { useMembers } from './useMembers'
import { post } from '@/api/client'
import type { TeamMember } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { counted } from '@/words/counted'
import { whenWords } from '@/words/whenWords'
import AwaitedScreen from '@/look/AwaitedScreen.vue'

/** Who is here, what they are in each site, and who is invited and has not come yet. */
const session = useSession()
const notices = useNotices()
const { members, sites, refused, load, act, link } = useMembers()
const owner = computed(() => session.person?.owner === true)
const inviting = ref<true | TeamMember | null>(null)
const open = ref('')
const shown = computed(() => members.value?.people.find((p) => p.id === open.value))
const GROUPS: { state: TeamMember['state']; title: string }[] = [
  { state: 'ACTIVE', title: 'Here' },
  { state: 'INVITED', title: 'Invited, not yet come' },
  { state: 'DEACTIVATED', title: 'Deactivated' },
]
const groups = computed(() =>
  GROUPS.map((g) => ({
    ...g,
    people: (members.value?.people ?? []).filter((p) => p.state === g.state),
  })).filter((g) => g.people.length),
)
const without = computed(
  () => (members.value?.people ?? []).filter((p) => p.state === 'ACTIVE' && !p.secondStep).length,
)

function roles(person: TeamMember) {
  if (person.owner) return 'owner'
  const named = sites.value
    .filter((s) => person.seats[s.id])
    .map((s) => `${person.seats[s.id] === 'MANAGER' ? 'manager' : 'editor'} of ${s.name}`)
  return named.join(', ') || 'in no site'
}
async function letter() {
  const answer = await post('/api/people/test-letter', {})
  if (answer.ok) notices.tell(`A test letter is on its way to ${session.person?.email}.`)
  else notices.refuse(answer.problem)
}
</script>

<template>
  <div class="people">
    <p v-if="refused" class="quiet">{{ refused }}</p>
    <template v-else-if="members">
      <div class="row-flex">
        <h1 class="grow">People</h1>
        <v-btn v-if="owner" class="strong" @click="inviting = true">Invite somebody…</v-btn>
      </div>
      <section v-for="g in groups" :key="g.state">
        <h2>{{ g.title }}</h2>
        <table class="stacks">
          <thead class="unseen">
            <tr>
              <th scope="col">Name</th>
              <th scope="col">E-mail</th>
              <th scope="col">Sites</th>
              <th scope="col">Second step</th>
              <th scope="col">Last seen</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="p in g.people" :key="p.id">
              <td class="name">
                <button v-if="owner" type="button" class="textlink" @click="open = p.id">
                  {{ p.name || p.email }}
                </button>
                <b v-else>{{ p.name || p.email }}</b>
                <span v-if="p.id === session.person?.id" class="quiet"> (you)</span>
              </td>
              <td class="quiet mail">{{ p.name ? p.email : '' }}</td>
              <td>{{ roles(p) }}</td>
              <td class="quiet">{{ p.secondStep ? 'second step' : '' }}</td>
              <td class="quiet seen">{{ p.seenAt ? `here ${whenWords(p.seenAt)}` : 'never here' }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <section v-if="owner" class="asks">
        <h2>What is asked of everybody</h2>
        <v-checkbox
          :model-value="members.secondStepAsked"
          label="A second step at sign-in, by an authenticator app"
          @update:model-value="act(post('/api/people/rules', {}, { secondStepAsked: Boolean($event) }))"
        />
        <p class="quiet">
          {{
            without === 0
              ? 'Everybody who is here has one.'
              : `${counted(without, 'person', 'people')} without one: asked to set it up before they go on.`
          }}
        </p>
        <h2>Mail</h2>
        <div class="row-flex">
          <p class="grow quiet">
            {{
              members.mail
                ? 'Invitations and links for a new password are sent by mail.'
                : 'No mail is set up: links are handed over by hand. Whoever runs the server can set it up in venue.properties.'
            }}
          </p>
          <v-btn v-if="members.mail" @click="letter">Send me a test letter</v-btn>
        </div>
      </section>
    </template>
    <AwaitedScreen v-if="!members && !refused" />
    <InviteSheet
      v-if="inviting"
      :sites="sites"
      :again="inviting === true ? undefined : inviting"
      @invited="load"
      @close="inviting = null"
    />
    <PersonSheet
      v-if="shown && !inviting"
      :person="shown"
      :sites="sites"
      :act="act"
      :link="link"
      @invite="inviting = shown ?? null"
      @close="open = ''"
    />
  </div>
</template>

<style scoped>
.people {
  max-width: 1080px;
  margin: 0 auto;
  padding: 28px 24px 60px;
}
h2 {
  margin: 26px 0 6px;
}
table {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}
td {
  border-bottom: 1px solid var(--line2);
  padding: 9px 12px 9px 0;
  overflow-wrap: anywhere;
  vertical-align: top;
}
.name {
  font-weight: 600;
}
.seen {
  text-align: right;
  white-space: nowrap;
  padding-right: 0;
}
.asks {
  max-width: 720px;
}
@media (max-width: 1100px) {
  td.mail {
    display: none;
  }
}
</style>
