<script setup lang="ts">
import { question } from '@/api/client'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import WordOf from '@/help/WordOf.vue'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import { useSession } from '@/session/useSession'
import type { FoundByRule } from '@/api/types'
import ManySheet from '@/together/ManySheet.vue'
import AddressesPane from './AddressesPane.vue'
import AsideList from './AsideList.vue'
import AsideSheet from './AsideSheet.vue'
import OutsideLinks from './OutsideLinks.vue'
import SitemapPane from './SitemapPane.vue'
import SoughtPane from './SoughtPane.vue'

const site = useSite()
const route = useRoute()
const router = useRouter()
const session = useSession()
const { value: survey, load } = useItem(() =>
  question('/api/sites/{site}/survey', { path: { site: site.id } }),
)
const part = computed(() => PARTS.find((p) => p === route.query.part) ?? 'findings')
const PARTS = ['sitemap', 'addresses', 'sought'] as const
const only = computed(() => String(route.query.rule ?? ''))
const MARKS: Record<string, string> = { MUST_FIX: '◆', SHOULD_FIX: '◇', NOTE: '·' }
const GRAVEST = ['MUST_FIX', 'SHOULD_FIX', 'NOTE']
const WORDS: Record<string, string> = { MUST_FIX: 'Must fix', SHOULD_FIX: 'Should fix', NOTE: 'To note' }
const TONES: Record<string, string> = { MUST_FIX: 'must', SHOULD_FIX: 'should', NOTE: 'quiet' }

const rules = computed(() =>
  (survey.value?.rules ?? [])
    .map((r) => ({ ...r, found: (survey.value?.findings ?? []).filter((f) => f.finding.rule === r.key) }))
    .filter((r) => !only.value || r.key === only.value)
    .sort((a, b) => GRAVEST.indexOf(a.severity) - GRAVEST.indexOf(b.severity)),
)
const clean = computed(() => rules.value.filter((r) => r.found.length === 0))

function mendAll(rule: string, found: FoundByRule[]) {
  const first = found.flatMap((f) => f.finding.mends.slice(0, 1))
  const title = `Mend all of “${rule}”`
  const name = title.charAt(0).toLowerCase() + title.slice(1)
  return {
    title,
    yes: `Mend ${found.length}`,
    name,
    commands: first.map((m) => m.command),
    of: found.map((f) => f.name),
    does: first.map((m) => m.label),
  }
}
/** Findings that are being set aside. */
const aside = ref<FoundByRule[]>([])
/** A rule of which all is being mended, each by the first of its mends. */
const mending = ref<(typeof rules.value)[number] | null>(null)
const mendable = (found: FoundByRule[]) => found.length > 1 && found.every((f) => f.finding.mends.length)
function putAside() {
  aside.value = []
  void load()
}

/** Rules that look at what visitors asked for. */
const OF_ADDRESSES = ['asked-in-vain', 'redirect-idle']
function go(rule: string, page: boolean, item: string, section?: string) {
  if (rule === 'group-without-members') void router.push({ name: 'members' })
  else if (OF_ADDRESSES.includes(rule)) void router.push({ name: 'survey', query: { part: 'addresses' } })
  else if (page) void router.push({ name: 'page', params: { page: item }, query: section ? { section } : {} })
  else void router.push({ name: 'theme' })
}
</script>

<template>
  <div class="screen">
    <div class="screen-head">
      <h1>Survey</h1>
      <nav class="parts" aria-label="Parts of the survey">
        <router-link :to="{ name: 'survey' }" :class="{ on: part === 'findings' }">Findings</router-link>
        <router-link :to="{ name: 'survey', query: { part: 'sitemap' } }" :class="{ on: part === 'sitemap' }"
          >Sitemap</router-link
        >
        <router-link
          :to="{ name: 'survey', query: { part: 'addresses' } }"
          :class="{ on: part === 'addresses' }"
          >Addresses</router-link
        >
        <router-link
          v-if="session.manager"
          :to="{ name: 'survey', query: { part: 'sought' } }"
          :class="{ on: part === 'sought' }"
          >Sought in vain</router-link
        >
      </nav>
      <span v-if="survey && part === 'findings'" class="quiet">
        on the <WordOf word="working copy" />: <b class="must">{{ survey.mustFix }}</b> must fix ·
        <b class="should">{{ survey.shouldFix }}</b> should fix · {{ survey.notes }} to note
      </span>
      <router-link v-if="only" :to="{ name: 'survey' }">Show all rules</router-link>
    </div>
    <SitemapPane v-if="part === 'sitemap'" />
    <AddressesPane v-else-if="part === 'addresses'" />
    <SoughtPane v-else-if="part === 'sought'" />
    <AwaitedScreen v-else-if="!survey" />
    <div v-else class="findings">
      <section v-for="r in rules.filter((x) => x.found.length)" :key="r.key">
        <div>
          <h2>
            <span :class="TONES[r.severity]">{{ MARKS[r.severity] }}</span> {{ r.name }}
          </h2>
          <p class="quiet">{{ WORDS[r.severity] }} · {{ r.why }}</p>
          <p class="row-flex whole">
            <button v-if="mendable(r.found)" type="button" class="textlink" @click="mending = r">
              Mend all {{ r.found.length }}…
            </button>
            <button
              v-if="session.manager && r.found.length > 1"
              type="button"
              class="textlink"
              @click="aside = r.found"
            >
              Set all aside…
            </button>
          </p>
        </div>
        <ul>
          <li v-for="(f, i) in r.found" :key="i">
            <button
              type="button"
              class="textlink name cut"
              @click="go(f.finding.rule, f.page, f.finding.item, f.finding.section)"
            >
              {{ f.name }}
            </button>
            <span class="mono cut address">{{ f.address }}</span>
            <span class="grow"
              >{{ f.finding.says }}
              <span v-if="f.fresh" class="should fresh" title="Found since the last release">new</span></span
            >
            <span class="row-flex">
              <v-btn v-for="m in f.finding.mends" :key="m.label" @click="site.give(m.command)">{{
                m.label
              }}</v-btn>
              <v-btn @click="go(f.finding.rule, f.page, f.finding.item, f.finding.section)">Go there</v-btn>
              <v-btn v-if="session.manager" aria-label="Set aside…" title="Set aside…" @click="aside = [f]"
                >Aside…</v-btn
              >
            </span>
          </li>
        </ul>
      </section>
      <OutsideLinks v-if="!only" @done="load" />
      <AsideList v-if="!only" :aside="survey.aside" @back="load" />
      <p v-if="survey && clean.length" class="quiet clean">
        ● Nothing found by: {{ clean.map((r) => r.name.toLowerCase()).join(', ') }}.
      </p>
    </div>
    <AsideSheet v-if="aside.length" :found="aside" @close="aside = []" @done="putAside" />
    <ManySheet
      v-if="mending"
      v-bind="mendAll(mending.name, mending.found)"
      @close="mending = null"
      @done="mending = null"
    />
  </div>
</template>

<style scoped>
.parts {
  display: flex;
  gap: 16px;
}
.parts a {
  color: var(--quiet);
  text-decoration: none;
  font-weight: 500;
  border-bottom: 2px solid transparent;
}
.parts a.on {
  color: var(--ink);
  border-color: var(--juniper);
}
.whole {
  gap: 14px;
  margin-top: 4px;
}
.fresh {
  font-size: 12px;
  font-weight: 600;
}
.findings {
  overflow-y: auto;
  padding: 8px 20px 40px;
}
section {
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 24px;
  border-bottom: 1px solid var(--line);
  padding: 16px 0;
}
h2 {
  font-size: 16px;
}
ul {
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 6px 14px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--line2);
}
li:last-child {
  border: 0;
}
.name {
  width: 190px;
  flex: none;
  font-weight: 500;
  color: var(--ink);
}
.address {
  width: 170px;
  flex: none;
}
li > .grow {
  min-width: 240px;
}
.clean {
  padding: 16px 0;
}
@media (max-width: 1150px) {
  .address {
    display: none;
  }
  .name {
    width: 150px;
  }
}
@media (max-width: 820px) {
  .findings {
    padding: 4px 14px 20px;
  }
  section {
    display: block;
  }
  li {
    justify-content: flex-start;
  }
  .name,
  li > .grow {
    width: auto;
    flex: 1 0 100%;
  }
}
</style>
