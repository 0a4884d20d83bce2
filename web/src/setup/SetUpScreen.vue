<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import BeginningChoice from './BeginningChoice.vue'
import { blankSite } from './proposed'
import SiteFields from './SiteFields.vue'
import { get, post, type Problem } from '@/api/client'
import { said } from '@/api/said'
import type { Offer } from '@/api/types'
import NewPasswordInput from '@/session/NewPasswordInput.vue'

/** The first run: the code, who you are, the site, and what it begins with. */
const asked = reactive({
  code: '',
  name: '',
  email: '',
  password: '',
  beginWith: 'small',
})
const site = ref(blankSite())
const offers = ref<Offer[]>([])
const problem = ref<Problem | null>(null)
const busy = ref(false)
const LATER = ['name', 'email', 'password', 'siteName', 'siteHost', 'language', 'timeZone']
const at = (field: string) => (problem.value?.field === field ? said(problem.value) : '')
const elsewhere = computed(() =>
  problem.value && ![...LATER, 'code'].includes(problem.value.field ?? '') ? said(problem.value) : '',
)
const chosen = computed(() => offers.value.find((o) => o.id === asked.beginWith))

async function look() {
  const code = asked.code.replace(/[\s-]/g, '')
  if (busy.value || offers.value.length || code.length === 0) return
  busy.value = true
  await get('/api/me')
  const answer = await post('/api/set-up/code', {}, { code: asked.code })
  busy.value = false
  problem.value = answer.ok ? null : answer.problem
  if (answer.ok) offers.value = answer.value
}

async function begin() {
  if (!offers.value.length) return look()
  if (busy.value) return
  busy.value = true
  problem.value = null
  const { code, beginWith, ...owner } = asked
  const answer = await post('/api/set-up', {}, { code, owner, site: { ...site.value, beginWith } })
  // The page is loaded anew: what it may frame was told before the site was there.
  if (answer.ok) return location.assign(`/${answer.value.site}/plan`)
  busy.value = false
  problem.value = answer.problem
}
</script>

<template>
  <form class="set-up" @submit.prevent="begin">
    <header>
      <span class="venue"><img src="/mark.svg" alt="" width="20" height="22" /> Venue</span>
      <span class="quiet"
        >Nobody is set up here yet. This takes three minutes, and everything can be changed later.</span
      >
    </header>
    <div>
      <h1>A site of your own</h1>
      <label class="label" for="code">Code, from the window in which Venue was started</label>
      <v-text-field
        id="code"
        v-model="asked.code"
        v-focus
        class="code"
        autocomplete="off"
        spellcheck="false"
        :readonly="offers.length > 0"
        @blur="look"
        @keydown.enter.prevent="look"
      >
        <template #append-inner><span v-if="offers.length" class="right">✓ right</span></template>
      </v-text-field>
      <p v-if="at('code')" class="must" role="alert">{{ at('code') }}</p>
      <p v-if="!offers.length && !at('code')" class="quiet gap">
        The server prints a line such as “Set up at http://localhost:8080/ with the code …” when it starts. It
        shows that the server is yours.
      </p>
      <template v-if="offers.length">
        <fieldset class="asked">
          <legend>You</legend>
          <label class="label" for="name">Name, as colleagues know it</label>
          <v-text-field id="name" v-model="asked.name" v-focus autocomplete="name" />
          <p v-if="at('name')" class="must" role="alert">{{ at('name') }}</p>
          <label class="label" for="email">E-mail, to sign in with</label>
          <v-text-field id="email" v-model="asked.email" type="email" autocomplete="username" />
          <p v-if="at('email')" class="must" role="alert">{{ at('email') }}</p>
          <NewPasswordInput v-model="asked.password" />
          <p v-if="at('password')" class="must" role="alert">{{ at('password') }}</p>
        </fieldset>
        <SiteFields v-model="site" :wrong="at" />
        <p v-if="elsewhere" class="must" role="alert">{{ elsewhere }}</p>
        <div class="row-flex act">
          <v-btn type="submit" class="strong" :disabled="busy">{{
            busy ? 'Making the site…' : 'Begin'
          }}</v-btn>
          <span v-if="chosen" class="quiet">
            makes {{ chosen.pages.length }} pages; {{ chosen.live }} of them, and the page for wrong
            addresses, are live at once, the others are drafts
          </span>
        </div>
      </template>
      <v-btn v-else class="yes act" :disabled="busy" @click="look">{{ busy ? 'Looking…' : 'Go on' }}</v-btn>
    </div>
    <BeginningChoice v-if="offers.length" v-model="asked.beginWith" :offers="offers" />
  </form>
</template>

<style scoped>
.set-up {
  height: 100vh;
  overflow-y: auto;
  padding: 26px 48px 48px;
  display: grid;
  grid-template-columns: 372px minmax(0, 1fr);
  grid-template-rows: auto 1fr;
  gap: 18px 44px;
  width: 100%;
  max-width: 1480px;
  margin: 0 auto;
}
header {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 24px;
}
.venue {
  display: flex;
  align-items: center;
  gap: 10px;
  font: 700 18px/24px var(--display);
}
h1 {
  font-size: 32px;
  line-height: 38px;
  margin-bottom: 14px;
}
.must {
  margin-top: 4px;
}
.code :deep(input) {
  font: 16px/22px var(--code);
}
.right {
  font: 13px/20px var(--code);
  color: var(--juniper);
  white-space: nowrap;
}
.act {
  margin-top: 20px;
  gap: 14px;
}
@media (max-width: 1100px) {
  .set-up {
    padding: 20px 24px 40px;
    grid-template-columns: 320px minmax(0, 1fr);
    gap: 14px 28px;
  }
}
@media (max-width: 760px) {
  .set-up {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: none;
  }
}
</style>
