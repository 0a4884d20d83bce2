<script setup lang="ts">
import { reactive, ref } from 'vue'
import LinkBox from './LinkBox.vue'
import { post, type Problem } from '@/api/client'
import { said } from '@/api/said'
import type { LinkMade, SiteName, TeamMember } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'

/** Invites somebody; whoever has not come yet gets a new link. */
const { sites, again = undefined } = defineProps<{ sites: SiteName[]; again?: TeamMember }>()
const emit = defineEmits<{ close: []; invited: [] }>()
const NONE = ''
type Role = 'EDITOR' | 'MANAGER'
const ROLES: { value: Role | typeof NONE; title: string }[] = [
  { value: NONE, title: 'not there' },
  { value: 'EDITOR', title: 'editor: writes pages' },
  { value: 'MANAGER', title: 'manager: may change anything' },
]
const asked = reactive({ email: again?.email ?? '', name: again?.name ?? '', owner: again?.owner ?? false })
const seats = reactive<Record<string, Role | typeof NONE>>(
  Object.fromEntries(
    sites.map((s) => [s.id, again ? (again.seats[s.id] ?? NONE) : sites.length === 1 ? 'EDITOR' : NONE]),
  ),
)
const problem = ref<Problem | null>(null)
const made = ref<LinkMade | null>(null)
const busy = ref(false)

async function invite() {
  if (busy.value) return
  busy.value = true
  const given: Record<string, Role> = {}
  for (const [site, role] of Object.entries(seats)) if (role) given[site] = role
  const answer = await post('/api/people/invite', {}, { ...asked, seats: given })
  busy.value = false
  problem.value = answer.ok ? null : answer.problem
  if (!answer.ok) return
  made.value = answer.value
  emit('invited')
}
</script>

<template>
  <SheetDialog v-if="made" :title="`${asked.name || asked.email} is invited`" @close="emit('close')">
    <LinkBox class="gap" :made="made" :to="asked.email" good="for seven days" />
    <div class="row-flex foot"><v-btn v-focus class="yes" @click="emit('close')">Done</v-btn></div>
  </SheetDialog>
  <SheetDialog v-else title="Invite somebody" form @submit="invite" @close="emit('close')">
    <p class="quiet">They get a link, say what they are called and choose a password.</p>
    <div class="two gap">
      <div>
        <label class="label" for="invite-email">E-mail</label>
        <v-text-field id="invite-email" v-model="asked.email" v-focus type="email" autocomplete="off" />
      </div>
      <div>
        <label class="label" for="invite-name">Name, if you know it</label>
        <v-text-field id="invite-name" v-model="asked.name" autocomplete="off" />
      </div>
    </div>
    <h3 class="gap">What they are in each site</h3>
    <div class="seats">
      <template v-for="s in sites" :key="s.id">
        <span class="cut">{{ s.name }}</span>
        <ChoiceOf v-model="seats[s.id]" :items="ROLES" :label="`In ${s.name}`" />
      </template>
    </div>
    <v-checkbox
      v-model="asked.owner"
      class="gap"
      label="Owner: may everything here, also make sites and people"
    />
    <p v-if="problem" class="must" role="alert">{{ said(problem) }}</p>
    <div class="row-flex foot">
      <v-btn type="submit" class="yes" :disabled="busy">Make the invitation</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.seats {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 280px;
  gap: 6px 12px;
  align-items: center;
  max-height: 260px;
  overflow-y: auto;
}
</style>
