<script setup lang="ts">
import { computed, ref } from 'vue'
import InviteSheet from './InviteSheet.vue'
import PersonSheet from './PersonSheet.vue'
import ReachLine from './ReachLine.vue'
import { lanes, STOPS } from './reach'
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

/** The stripe that somebody's name has: theirs as long as they are here. */
function stripe(person: TeamMember) {
  const sum = [...person.id].reduce((all, letter) => all + letter.charCodeAt(0), 0)
  return { '--own': `var(--lens-${1 + (sum % 8)})` }
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
        <div v-if="g.state === 'ACTIVE'" class="stops" aria-hidden="true">
          <span v-for="stop in STOPS" :key="stop.key" class="label">{{ stop.head }}</span>
        </div>
        <ul class="roll" :aria-label="g.title">
          <li v-for="p in g.people" :key="p.id" class="one" :style="stripe(p)">
            <div class="who">
              <button
                v-if="owner"
                type="button"
                class="name"
                :aria-label="`${p.name || p.email}: what they may`"
                @click="open = p.id"
              >
                {{ p.name || p.email }}
              </button>
              <b v-else class="name">{{ p.name || p.email }}</b>
              <span v-if="p.id === session.person?.id" class="quiet"> (you)</span>
              <p v-if="p.name" class="quiet cut">{{ p.email }}</p>
            </div>
            <ul class="lanes">
              <li v-for="lane in lanes(p, sites)" :key="lane.key">
                <span
                  ><b>{{ lane.role }}</b> {{ lane.where }}</span
                >
                <ReachLine :reach="lane.reach" />
              </li>
              <li v-if="!lanes(p, sites).length" class="quiet">in no site</li>
            </ul>
            <p class="quiet seen">
              {{ p.seenAt ? `here ${whenWords(p.seenAt)}` : 'never here' }}
              <span v-if="p.secondStep">second step at sign-in</span>
              <span v-if="p.mayGive && !p.owner">gives to all sites</span>
            </p>
          </li>
        </ul>
      </section>
      <div v-if="owner" class="asks">
        <section>
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
        </section>
        <section v-if="members.hosts.length">
          <h2>Answers are handed on to</h2>
          <ul class="hosts" aria-label="Hosts that are allowed">
            <li v-for="host in members.hosts" :key="host" class="row-flex">
              <span class="grow cut" :title="host">{{ host }}</span>
              <v-btn
                :aria-label="`${host}: no longer`"
                @click="act(post('/api/people/hosts/bar', {}, { host }))"
                >No longer</v-btn
              >
            </li>
          </ul>
          <p class="quiet">
            Allowed for every form of every site, also on this machine or in a private network.
          </p>
        </section>
        <section>
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
      </div>
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
.hosts {
  list-style: none;
  padding: 0;
}
.people {
  max-width: 1080px;
  margin: 0 auto;
  padding: 28px 24px 60px;
}
h2 {
  margin: 26px 0 6px;
}
/* Name, what they are, and when they were here: the stops stand above the lines. */
.one {
  display: grid;
  grid-template-columns: minmax(180px, 250px) minmax(0, 1fr) 140px;
  gap: 4px 24px;
  padding: 12px 0;
  border-top: 1px solid var(--line);
}
.stops {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 0;
  margin: -22px 164px 4px 504px;
  text-align: right;
}
.roll,
.lanes {
  list-style: none;
}
.who {
  border-left: 4px solid var(--own);
  padding-left: 12px;
  min-width: 0;
}
.name {
  border: 0;
  background: none;
  color: inherit;
  padding: 0;
  font: 600 17px/24px var(--display);
  text-align: left;
  overflow-wrap: anywhere;
}
button.name {
  text-decoration: underline 1px var(--juniper);
  text-underline-offset: 4px;
}
.lanes li {
  display: grid;
  grid-template-columns: 206px minmax(0, 1fr);
  gap: 0 24px;
  align-items: start;
  line-height: 24px;
}
.lanes span {
  overflow-wrap: anywhere;
}
.seen {
  text-align: right;
  line-height: 24px;
}
.seen span {
  display: block;
  line-height: 20px;
}
.asks {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 0 48px;
  margin-top: 14px;
  border-top: 1px solid var(--ink);
}
@media (max-width: 1050px) {
  .stops {
    display: none;
  }
  .lanes li {
    grid-template-columns: minmax(0, 1fr);
    padding-bottom: 6px;
  }
}
@media (max-width: 820px) {
  .one {
    grid-template-columns: minmax(0, 1fr);
  }
  .lanes,
  .seen {
    padding-left: 16px;
    text-align: left;
  }
}
</style>
