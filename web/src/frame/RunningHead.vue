<script setup lang="ts">
import LeaveSheet from '@/edit/LeaveSheet.vue'
import { useEdits } from '@/edit/useEdits'
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useMediaQuery } from '@vueuse/core'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { useFindings } from '@/upkeep/useFindings'
import { counted } from '@/words/counted'
import FindIndex from '@/find/FindIndex.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useScheme } from '@/look/useScheme'
import SiteMenu from './SiteMenu.vue'

const BringInSheet = defineAsyncComponent(() => import('@/pack/BringInSheet.vue'))
const emit = defineEmits<{ keys: []; help: [page?: string] }>()
const site = useSite()
const session = useSession()
const route = useRoute()
const router = useRouter()
const bringing = ref(false)
const scheme = useScheme()
const SCHEMES = [
  { value: 'system', title: 'as the machine' },
  { value: 'light', title: 'light' },
  { value: 'dark', title: 'dark' },
] as const
const findings = useFindings()
const urgent = computed(() => findings.value.filter((f) => f.urgent).length)
const ALL: { name: string; label: string; also: string[]; managers?: boolean }[] = [
  { name: 'plan', label: 'Plan', also: ['page', 'form', 'new'] },
  { name: 'templates', label: 'Templates', also: ['template', 'roll-out', 'kind'], managers: true },
  { name: 'patterns', label: 'Patterns', also: ['pattern'], managers: true },
  { name: 'theme', label: 'Theme', also: [] },
  { name: 'media', label: 'Media', also: [] },
  { name: 'survey', label: 'Survey', also: [] },
  { name: 'releases', label: 'Releases', also: [] },
  { name: 'answers', label: 'Answers', also: ['form-item'] },
  { name: 'letters', label: 'Letters', also: ['subscribers'], managers: true },
  { name: 'members', label: 'Members', also: [], managers: true },
]
/** Editors don't see what is not theirs to do; where there is no form, there are no answers. */
const workspaces = computed(() =>
  ALL.filter(
    (w) =>
      (w.name !== 'answers' || site.catalog?.forms.length) &&
      (!w.managers ||
        session.manager ||
        (w.name === 'members' && site.catalog?.facts.editorsSeeMembers === true)),
  ),
)

const tight = useMediaQuery('(min-width: 821px) and (max-width: 1199.9px)')
/** Below 1200 pixels not all fit: the last ones fold into a list. */
const FITTING = 6
const shown = computed(() => workspaces.value.slice(0, tight.value ? FITTING : undefined))
const folded = computed(() => workspaces.value.slice(shown.value.length))
const isOn = (w: { name: string; also: string[] }) =>
  w.name === route.name || w.also.includes(String(route.name))
const foldedOn = computed(() => folded.value.find(isOn))

/** How somebody is called in a line that is short of room. */
const called = (name?: string) => name?.trim().split(/\s+/)[0] ?? ''
const others = computed(() => {
  const mine = session.person?.name
  const here = (site.standing?.here ?? []).filter((h) => h.name !== mine)
  return [...new Map(here.map((h) => [h.name, { name: h.name, where: whereWords(h.at) }])).values()]
})
function whereWords(at: string) {
  const page = site.rows.get(at)?.title
  const screen = ALL.find((w) => w.name === at || w.also.includes(at))?.label
  return page || screen ? `on ${page ?? screen}` : ''
}
const edits = useEdits()
const leaving = ref(false)
const find = ref<InstanceType<typeof FindIndex> | null>(null)
defineExpose({ find: () => find.value?.begin() })

/** Where the workspaces don't all fit, the one at hand is in sight. */
const nav = ref<HTMLElement | null>(null)
watch(
  () => route.name,
  () => nav.value?.querySelector('.on')?.scrollIntoView({ inline: 'nearest', block: 'nearest' }),
  { flush: 'post' },
)
onMounted(() => nav.value?.querySelector('.on')?.scrollIntoView({ inline: 'nearest', block: 'nearest' }))

/** Asks first where something of theirs has not been sent. */
function leave() {
  if (edits.waiting) leaving.value = true
  else void signOut()
}
async function signOut() {
  leaving.value = false
  site.close()
  await session.signOut()
  await router.push('/')
}
</script>

<template>
  <header class="head running-head">
    <router-link :to="{ name: 'plan' }" class="mark" aria-label="Venue">
      <img src="/mark.svg" alt="" width="18" height="20" /> Venue
    </router-link>
    <SiteMenu @bring-in="bringing = true" />
    <nav ref="nav" aria-label="Workspaces">
      <router-link v-for="w in shown" :key="w.name" :to="{ name: w.name }" :class="{ on: isOn(w) }">
        {{ w.label }}
      </router-link>
      <v-menu v-if="folded.length">
        <template #activator="{ props: menu }">
          <button type="button" class="folded" :class="{ on: foldedOn }" v-bind="menu">
            {{ foldedOn?.label ?? 'More' }} ▾
          </button>
        </template>
        <v-list>
          <v-list-item v-for="w in folded" :key="w.name" :title="w.label" :to="{ name: w.name }" />
        </v-list>
      </v-menu>
    </nav>
    <FindIndex ref="find" @keys="emit('keys')" @help="(page) => emit('help', page)" @leave="leave" />
    <div class="right">
      <span
        v-for="other in others"
        :key="other.name"
        class="who other"
        role="img"
        :aria-label="`${other.name} is here, ${other.where}`"
        :title="`${other.name} is here, ${other.where}`"
      >
        <span class="cut"
          >{{ called(other.name) }}<span class="where">, {{ other.where }}</span></span
        >
      </span>
      <v-menu>
        <template #activator="{ props: menu }">
          <button
            type="button"
            class="who"
            :class="{ wanted: urgent }"
            v-bind="menu"
            :aria-label="`${called(session.person?.name)}, account of ${session.person?.name}${urgent ? ', upkeep wants you' : ''}`"
          >
            <span class="cut">{{ called(session.person?.name) || 'You' }}</span>
          </button>
        </template>
        <v-list>
          <v-list-item :title="session.person?.name" :subtitle="session.person?.email" />
          <v-list-item
            v-if="session.manager"
            title="See as an editor"
            subtitle="In this window only"
            @click="session.seeAsEditor(true)"
          />
          <v-list-item title="My account" to="/-/account" />
          <v-list-item v-if="session.person?.owner || session.manager" title="People" to="/-/people" />
          <v-list-item v-if="session.person?.owner || session.manager" title="Record" to="/-/record" />
          <v-list-item
            v-if="session.person?.owner"
            title="Upkeep"
            :subtitle="urgent ? `${counted(urgent, 'thing')} to see to` : undefined"
            to="/-/upkeep"
          />
          <v-list-item :active="false" @click.stop>
            <span class="label" aria-hidden="true">The interface is</span>
            <ChoiceOf v-model="scheme" :items="SCHEMES" label="The interface is" in-line />
          </v-list-item>
          <v-list-item title="Help" @click="emit('help')" />
          <v-list-item title="Keys" @click="emit('keys')" />
          <v-list-item title="What is new" @click="emit('help', 'whats-new')" />
          <v-list-item title="Sign out" @click="leave" />
        </v-list>
      </v-menu>
    </div>
    <BringInSheet v-if="bringing" @close="bringing = false" />
    <LeaveSheet v-if="leaving" @leave="signOut" @close="leaving = false" />
  </header>
</template>

<style scoped>
.head {
  gap: 20px;
  background: var(--paper);
  position: relative;
}
nav {
  margin-left: 14px;
}
.right {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 12px;
}
.folded {
  border: 0;
  border-bottom: 3px solid transparent;
  background: none;
  padding: 3px 0 0;
  font: inherit;
  color: var(--quiet);
  white-space: nowrap;
  align-self: stretch;
}
.folded.on {
  color: var(--ink);
  font-weight: 600;
  border-color: var(--deed);
}
.who {
  display: flex;
  align-items: center;
  max-width: 190px;
  min-height: 24px;
  border: 0;
  border-left: 4px solid var(--deed);
  background: none;
  color: var(--ink);
  font: 13px/20px var(--text);
  padding: 0 0 0 7px;
}
.who.other {
  border-color: var(--ochre);
}
.who.wanted {
  border-color: var(--brick);
  font-weight: 600;
}
@media (forced-colors: active) {
  nav a {
    border-color: Canvas;
  }
  nav a.on {
    border-color: Highlight;
  }
}
@media (max-width: 820px) {
  .head {
    flex-wrap: wrap;
    height: auto;
    gap: 0 10px;
    padding: 0 14px;
  }
  .mark {
    font-size: 0;
    gap: 0;
  }
  nav {
    order: 3;
    flex: 0 0 100%;
    margin: 0 -14px;
    padding: 0 14px;
    gap: 18px;
    overflow-x: auto;
    border-top: 1px solid var(--line);
  }
  nav a {
    min-height: 40px;
  }
}
@media (max-width: 1180px) {
  .head {
    gap: 14px;
  }
  nav {
    gap: 15px;
    margin-left: 4px;
  }
  .where {
    display: none;
  }
}
</style>
