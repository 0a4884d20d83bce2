<script setup lang="ts">
import { useEventListener, watchDebounced } from '@vueuse/core'
import { computed, reactive, ref } from 'vue'
import type { MemberRow } from '@/api/types'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { inputOf } from '@/look/targets'
import { counted } from '@/words/counted'
import { whenWords } from '@/words/whenWords'
import GroupsSheet from './GroupsSheet.vue'
import InviteMemberSheet from './InviteMemberSheet.vue'
import JoiningSheet from './JoiningSheet.vue'
import MemberCard from './MemberCard.vue'
import MemberTableSheet from './MemberTableSheet.vue'
import { MEMBER_STATES } from './memberWords'
import PickedMembers from './PickedMembers.vue'
import { fitting, useMembers, type MemberDeed, type MembersAsked } from './useMembers'

/** The members of the site: a table with groups as lanes, who wants to join first. */
const asked = reactive<MembersAsked>({ q: '' })
const { told, rows, trouble, load, act, regroup } = useMembers(() => asked)
void load()
watchDebounced(
  () => ({ ...asked }),
  () => load(),
  { debounce: 150 },
)
useEventListener(window, 'focus', () => load())
const sheet = ref<'invite' | 'groups' | 'joining' | 'table' | 'remove' | null>(null)
const picked = ref<string[]>([])
const chosen = ref<string | null>(null)
const shown = computed(() => rows.value.find((r) => r.id === chosen.value))
const all = computed(() => Object.values(told.value?.states ?? {}).reduce((sum, n) => sum + n, 0))
const states = computed(() =>
  Object.entries(told.value?.states ?? {}).map(([state, count]) => ({
    state: state as MemberRow['state'],
    count,
    ...MEMBER_STATES[state as MemberRow['state']],
  })),
)
const pickedRows = computed(() => rows.value.filter((r) => picked.value.includes(r.id)))
function pick(id: string, on: boolean) {
  picked.value = on ? [...picked.value, id] : picked.value.filter((p) => p !== id)
}
async function doTo(deed: MemberDeed) {
  const ids = fitting(deed, pickedRows.value).map((r) => r.id)
  sheet.value = null
  await act(deed, ids)
  picked.value = []
}
const toggle = (row: MemberRow, group: string) =>
  row.groups.includes(group) ? regroup([row.id], [], [group]) : regroup([row.id], [group], [])
const only = (state?: MemberRow['state']) => (asked.state = asked.state === state ? undefined : state)
</script>

<template>
  <div class="screen">
    <AwaitedScreen v-if="!told && !trouble" />
    <p v-else-if="trouble" class="none" role="alert">{{ trouble }}</p>
    <template v-else-if="told">
      <div class="screen-head">
        <h1>Members</h1>
        <button type="button" class="textlink state" :aria-pressed="!asked.state" @click="only()">
          all <b>{{ all }}</b>
        </button>
        <button
          v-for="s in states"
          :key="s.state"
          type="button"
          class="textlink state"
          :aria-pressed="asked.state === s.state"
          @click="only(s.state)"
        >
          {{ s.mark }} {{ s.word }} <b>{{ s.count }}</b>
        </button>
        <div class="tools">
          <input
            v-model="asked.q"
            type="search"
            class="filter"
            placeholder="Name, address, what is kept"
            aria-label="Find members"
          />
          <template v-if="told.writes">
            <v-btn @click="sheet = 'table'">Table…</v-btn>
            <v-btn @click="sheet = 'groups'">Groups…</v-btn>
            <v-btn @click="sheet = 'joining'">How people come in…</v-btn>
            <v-btn class="ink" @click="sheet = 'invite'">Invite…</v-btn>
          </template>
        </div>
      </div>
      <PickedMembers
        v-if="picked.length"
        :rows="pickedRows"
        :groups="told.groups"
        @deed="doTo"
        @put="(g) => regroup(picked, [g], [])"
        @remove="sheet = 'remove'"
        @none="picked = []"
      />
      <div class="split">
        <div class="table">
          <table aria-label="Members">
            <thead>
              <tr class="label">
                <th v-if="told.writes" class="tick"><span class="unseen">Chosen</span></th>
                <th>Name</th>
                <th>Address</th>
                <th v-for="g in told.groups" :key="g.id" class="lane" :title="g.note">
                  <button
                    type="button"
                    class="textlink"
                    :aria-pressed="asked.group === g.id"
                    @click="asked.group = asked.group === g.id ? undefined : g.id"
                  >
                    {{ g.name }} {{ g.members }}
                  </button>
                </th>
                <th>State</th>
                <th>Last here</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="r in rows" :key="r.id" :class="{ chosen: r.id === chosen }" @click="chosen = r.id">
                <td v-if="told.writes" class="tick" @click.stop>
                  <input
                    type="checkbox"
                    :checked="picked.includes(r.id)"
                    :aria-label="`Choose ${r.name || r.email}`"
                    @change="(e) => pick(r.id, inputOf(e).checked)"
                  />
                </td>
                <td>
                  <button
                    type="button"
                    class="name cut"
                    :title="r.name"
                    dir="auto"
                    @click.stop="chosen = r.id"
                  >
                    {{ r.name || 'no name yet' }}
                  </button>
                </td>
                <td class="quiet cut">{{ r.email }}</td>
                <td v-for="g in told.groups" :key="g.id" class="lane">
                  <button
                    type="button"
                    class="mark"
                    :disabled="!told.writes"
                    :aria-pressed="r.groups.includes(g.id)"
                    :aria-label="`${r.name || r.email}: ${g.name}`"
                    :title="`${r.groups.includes(g.id) ? 'Belongs' : 'Does not belong'} to ${g.name}`"
                    @click.stop="toggle(r, g.id)"
                  >
                    <i />
                  </button>
                </td>
                <td :class="r.state">{{ MEMBER_STATES[r.state].mark }} {{ MEMBER_STATES[r.state].word }}</td>
                <td class="quiet">{{ r.seenAt ? whenWords(r.seenAt) : 'never' }}</td>
              </tr>
            </tbody>
          </table>
          <p v-if="!rows.length" class="none">
            {{
              all
                ? 'No member is like that.'
                : 'Nobody is a member yet. Invite somebody, or say how people come in by themselves.'
            }}
          </p>
          <p v-else-if="rows.length < told.found" class="none">
            {{ rows.length }} of {{ told.found }}.
            <button type="button" class="textlink" @click="load(true)">Show more</button>
          </p>
        </div>
        <MemberCard
          v-if="shown"
          :key="shown.id"
          :member="shown"
          :told="told"
          @changed="load()"
          @close="chosen = null"
        />
      </div>
      <InviteMemberSheet v-if="sheet === 'invite'" :told="told" @close="sheet = null" @invited="load()" />
      <GroupsSheet v-if="sheet === 'groups'" :told="told" @close="sheet = null" @changed="load()" />
      <MemberTableSheet v-if="sheet === 'table'" @close="sheet = null" @taken="load()" />
      <JoiningSheet v-if="sheet === 'joining'" @close="((sheet = null), load())" />
      <SheetDialog v-if="sheet === 'remove'" title="Remove members" size="narrow" @close="sheet = null">
        <p>
          {{ counted(picked.length, 'member goes', 'members go') }}, with all that is kept of them. That can’t
          be taken back.
        </p>
        <p class="quiet gap">To keep what is known of them, deactivate them instead.</p>
        <div class="row-flex gap">
          <v-btn class="danger" @click="doTo('remove')">Remove {{ picked.length }}</v-btn>
          <v-btn @click="sheet = null">Keep them</v-btn>
        </div>
      </SheetDialog>
    </template>
  </div>
</template>

<style scoped>
.state[aria-pressed='true'] {
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 4px;
}
.screen-head .tools {
  min-width: 0;
}
.screen-head .filter {
  width: 240px;
  min-width: 110px;
  flex-shrink: 1;
}
.table {
  flex: 1;
  min-width: 0;
  overflow: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  position: sticky;
  top: 0;
  z-index: 1;
  background: var(--paper);
  text-align: left;
  font-weight: 400;
  height: 32px;
  padding: 0 10px;
  border-bottom: 1px solid var(--line);
  white-space: nowrap;
}
td {
  height: 38px;
  padding: 0 10px;
  border-bottom: 1px solid var(--line2);
  max-width: 210px;
}
tr.chosen td {
  background: var(--sheet);
}
.tick {
  width: 34px;
  padding-left: 18px;
}
.lane {
  text-align: center;
  width: 84px;
}
.name {
  border: 0;
  background: none;
  padding: 0;
  font: 500 15px/24px var(--text);
  color: inherit;
  text-align: left;
  max-width: 100%;
}
.mark {
  width: 32px;
  height: 32px;
  border: 0;
  background: none;
  display: inline-grid;
  place-items: center;
}
.mark i {
  width: 11px;
  height: 11px;
  border-radius: 50%;
  box-shadow: inset 0 0 0 1px var(--line);
}
.mark[aria-pressed='true'] i {
  background: var(--ink);
  box-shadow: none;
}
.mark:not(:disabled):hover i {
  box-shadow: inset 0 0 0 2px var(--quiet);
}
.ASKED,
.UNCONFIRMED {
  color: var(--ochre-ink);
}
.DEACTIVATED {
  color: var(--quiet);
}
.none {
  padding: 20px 18px;
  color: var(--quiet);
}
</style>
