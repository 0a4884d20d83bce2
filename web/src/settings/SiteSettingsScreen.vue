<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import HostNames from './HostNames.vue'
import RobotsCard from './RobotsCard.vue'
import DeliveriesCard from '@/delivery/DeliveriesCard.vue'
import { get, post, type Problem } from '@/api/client'
import { said } from '@/api/said'
import type { SiteSettings } from '@/api/types'
import WrittenInput from '@/edit/WrittenInput.vue'
import SiteFactsInput from '@/galley/SiteFactsInput.vue'
import HoldsInput from '@/property/HoldsInput.vue'
import PropertyInput from '@/property/PropertyInput.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { packHref } from '@/pack/packHref'
import { useSession } from '@/session/useSession'
import { allZones } from '@/setup/proposed'
import { FROM_ELSEWHERE } from '@/site/fromElsewhere'
import SiteGate from '@/gate/SiteGate.vue'
import { useSite } from '@/site/useSite'
import { LANGUAGES } from '@/words/languages'
import AwaitedScreen from '@/look/AwaitedScreen.vue'

/** What concerns the site as a whole: what it is called, who is behind it, where it is found. */
const site = useSite()
const session = useSession()
const settings = ref<SiteSettings | null>(null)
const problem = ref<Problem | null>(null)
const retiring = ref(false)
const facts = computed(() =>
  (site.catalog?.siteFacts ?? []).map((f) => f.key).filter((key) => !FROM_ELSEWHERE.includes(key)),
)
/** A language that is set and stands in no list is shown as its tag. */
const languages = computed(() => {
  const tag = settings.value?.language
  return !tag || LANGUAGES.some((l) => l.value === tag)
    ? LANGUAGES
    : [{ value: tag, title: tag }, ...LANGUAGES]
})

async function load() {
  const answer = await get('/api/sites/{site}/settings', { path: { site: site.id } })
  problem.value = answer.ok ? null : answer.problem
  if (answer.ok) settings.value = answer.value
}
onMounted(load)
watch(() => site.standing?.step, load)

async function describe(change: Partial<SiteSettings>) {
  if (!settings.value) return
  const { name, language, timeZone } = { ...settings.value, ...change }
  await site.give({ verb: 'describe-site', name, language, timeZone }, 'site')
  await load()
}
async function retire() {
  const answer = await post('/api/sites/{site}/retire', { path: { site: site.id } })
  if (answer.ok) return location.assign('/-/sites')
  retiring.value = false
  problem.value = answer.problem
}
</script>

<template>
  <div class="screen">
    <header class="screen-head">
      <h1>Site settings</h1>
      <span class="grow" />
    </header>
    <AwaitedScreen v-if="!settings && !problem" />
    <div v-if="settings" class="room">
      <div class="column">
        <article class="letter" aria-label="What the site says of itself">
          <WrittenInput
            id="site-name"
            class="name"
            :value="settings.name"
            aria-label="Name of the site"
            @written="(name) => describe({ name })"
          />
          <div class="speech">
            <span>written in</span>
            <ChoiceOf
              class="tongue"
              :model-value="settings.language"
              :items="languages"
              label="Language"
              @update:model-value="(language?: string) => describe({ language })"
            />
            <span>by the clock of</span>
            <v-autocomplete
              class="clock"
              :model-value="settings.timeZone"
              :items="allZones()"
              aria-label="Time zone"
              @update:model-value="(zone: unknown) => zone && describe({ timeZone: String(zone) })"
            />
          </div>
          <h2>Who is behind it</h2>
          <SiteFactsInput :keys="facts" hanging />
          <p class="quiet small end">
            Listings and showing times keep to that clock. Visitors see what changes here with the next
            release.
          </p>
        </article>
        <section aria-labelledby="elsewhere">
          <h2 id="elsewhere">From elsewhere</h2>
          <SiteFactsInput :keys="FROM_ELSEWHERE" />
        </section>
        <SiteGate />
        <section aria-labelledby="tasks">
          <h2 id="tasks">Pages with a task</h2>
          <PropertyInput
            v-for="p in site.catalog?.boundPages ?? []"
            :key="p.key"
            class="gap"
            :property="p"
            :value="site.catalog?.facts[p.key]"
            @change="(value) => site.give({ verb: 'set-value', item: 'site', key: p.key, value })"
          />
          <p class="quiet small">
            They can’t be removed or taken off while they have one. The home page is chosen in the Plan.
          </p>
        </section>
        <section aria-labelledby="top">
          <h2 id="top">At the top of the plan</h2>
          <HoldsInput
            :value="site.catalog?.facts.mayHold"
            inherited="Anything may stand there"
            label="At the top of the plan"
            @change="(v) => site.give({ verb: 'set-value', item: 'site', key: 'mayHold', value: v }, 'site')"
          />
          <p class="quiet small">
            Editors are held to it. What stands there already stays, and the survey names it.
          </p>
        </section>
      </div>
      <div class="column">
        <HostNames :hosts="settings.hosts" @set="(s) => (settings = s)" />
        <RobotsCard />
        <DeliveriesCard />
        <section aria-labelledby="carried">
          <h2 id="carried">Carried elsewhere</h2>
          <p class="quiet">
            A pack holds all of it but the host names: to keep, or for another installation.
          </p>
          <v-btn class="gap" :href="packHref(site.id)" download>Save the whole site as a pack</v-btn>
        </section>
        <section v-if="session.person?.owner" aria-labelledby="retire">
          <h2 id="retire">Out of service</h2>
          <p class="quiet">
            A retired site is served to nobody. It is kept for 30 days at least and can be brought back as it
            was.
          </p>
          <v-btn class="danger gap" @click="retiring = true">Retire this site…</v-btn>
        </section>
      </div>
    </div>
    <p v-if="problem" class="must gap" role="alert">{{ said(problem) }}</p>
    <SheetDialog v-if="retiring" title="Retire this site" size="narrow" @close="retiring = false">
      <p class="gap">
        From now on nobody gets {{ settings?.name }} under {{ settings?.hosts.join(', ') }}. Owners find it
        under Sites and can bring it back.
      </p>
      <div class="row-flex foot">
        <v-btn class="danger" @click="retire">Retire it</v-btn>
        <v-btn @click="retiring = false">Leave it<span class="kbd">Esc</span></v-btn>
      </div>
    </SheetDialog>
  </div>
</template>

<style scoped>
.room {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  display: grid;
  grid-template-columns: minmax(0, 640px) minmax(0, 440px);
  gap: 0 64px;
  padding: 20px 28px 48px;
  align-content: start;
}
section {
  margin-bottom: 34px;
}
h2 {
  font-size: 16px;
  margin-bottom: 10px;
}
/* A sheet of letter paper: the name at its head, what stands on it hung from a margin. */
.letter {
  background: var(--sheet);
  border: 1px solid var(--line);
  border-top: 5px solid var(--ink);
  padding: 22px 26px 20px;
  margin-bottom: 34px;
}
.name {
  width: 100%;
  border: 1px solid transparent;
  border-radius: 3px;
  background: none;
  color: inherit;
  font: 600 28px/36px var(--display);
  letter-spacing: -0.01em;
  margin-left: -7px;
  padding: 0 6px;
}
.name:hover {
  border-color: var(--line);
}
.speech {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 10px;
  color: var(--quiet);
  border-bottom: 1px solid var(--line);
  padding: 8px 0 20px;
  margin-bottom: 18px;
}
.tongue {
  flex: 1 1 150px;
}
.clock {
  flex: 1 1 170px;
}
.end {
  border-top: 1px solid var(--line);
  padding-top: 10px;
}
.small {
  font-size: 12.5px;
  line-height: 17px;
  margin-top: 8px;
}
@media (max-width: 1100px) {
  .room {
    gap: 0 36px;
    padding: 16px 20px 40px;
  }
}
@media (max-width: 820px) {
  .room {
    grid-template-columns: minmax(0, 1fr);
    padding: 14px;
  }
  .letter {
    padding: 16px;
  }
  .name {
    font-size: 22px;
    line-height: 30px;
  }
}
</style>
