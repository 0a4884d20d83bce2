<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { useFindings } from '@/upkeep/useFindings'
import { counted } from '@/words/counted'
import SiteMenu from './SiteMenu.vue'

const BringInSheet = defineAsyncComponent(() => import('@/pack/BringInSheet.vue'))
const emit = defineEmits<{ find: []; keys: [] }>()
const site = useSite()
const session = useSession()
const route = useRoute()
const router = useRouter()
const bringing = ref(false)
const findings = useFindings()
const urgent = computed(() => findings.value.filter((f) => f.urgent).length)
const ALL: { name: string; label: string; also: string[]; managers?: boolean }[] = [
  { name: 'plan', label: 'Plan', also: ['page', 'form', 'new'] },
  { name: 'templates', label: 'Templates', also: ['template', 'roll-out', 'kind'], managers: true },
  { name: 'theme', label: 'Theme', also: [] },
  { name: 'media', label: 'Media', also: [] },
  { name: 'survey', label: 'Survey', also: [] },
  { name: 'releases', label: 'Releases', also: [] },
]
/** Editors don't see what is not theirs to do. */
const workspaces = computed(() => ALL.filter((w) => !w.managers || session.manager))

const initials = (name: string) =>
  name
    .split(/\s+/)
    .map((word) => Array.from(word)[0] ?? '')
    .slice(0, 2)
    .join('')
const others = computed(() => {
  const mine = session.person?.name
  return [...new Set((site.standing?.here ?? []).map((h) => h.name))].filter((n) => n !== mine)
})

/** Where the workspaces don't all fit, the one at hand is in sight. */
const nav = ref<HTMLElement | null>(null)
watch(
  () => route.name,
  () => nav.value?.querySelector('.on')?.scrollIntoView({ inline: 'nearest', block: 'nearest' }),
  { flush: 'post' },
)
onMounted(() => nav.value?.querySelector('.on')?.scrollIntoView({ inline: 'nearest', block: 'nearest' }))

async function leave() {
  site.close()
  await session.signOut()
  await router.push('/')
}
</script>

<template>
  <header class="head">
    <router-link :to="{ name: 'plan' }" class="mark" aria-label="Venue">
      <img src="/mark.svg" alt="" width="18" height="20" /> Venue
    </router-link>
    <SiteMenu @bring-in="bringing = true" />
    <nav ref="nav" aria-label="Workspaces">
      <router-link
        v-for="w in workspaces"
        :key="w.name"
        :to="{ name: w.name }"
        :class="{ on: w.name === $route.name || w.also.includes(String($route.name)) }"
      >
        {{ w.label }}
      </router-link>
    </nav>
    <div class="right">
      <a class="visit" :href="site.standing?.origin + '/'" target="_blank" rel="noopener"
        >See the live site</a
      >
      <button type="button" class="find" @click="emit('find')">
        <span>Find</span><span class="kbd">Ctrl K</span>
      </button>
      <span
        v-for="name in others"
        :key="name"
        class="who other"
        :title="`${name} is here`"
        role="img"
        :aria-label="`${name} is here`"
      >
        {{ initials(name) }}
      </span>
      <v-menu>
        <template #activator="{ props: menu }">
          <button
            type="button"
            class="who"
            :class="{ wanted: urgent }"
            v-bind="menu"
            :aria-label="`${initials(session.person?.name ?? '')}, account of ${session.person?.name}${urgent ? ', upkeep wants you' : ''}`"
          >
            {{ initials(session.person?.name ?? '') }}
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
          <v-list-item title="Keys" @click="emit('keys')" />
          <v-list-item title="Sign out" @click="leave" />
        </v-list>
      </v-menu>
    </div>
    <BringInSheet v-if="bringing" @close="bringing = false" />
  </header>
</template>

<style scoped>
.head {
  height: 48px;
  flex: none;
  display: flex;
  align-items: stretch;
  gap: 20px;
  padding: 0 20px;
  border-bottom: 1px solid var(--ink);
  background: var(--paper);
}
.mark {
  display: flex;
  align-items: center;
  gap: 9px;
  font: 700 17px/1 var(--display);
  color: var(--ink);
  text-decoration: none;
}
nav {
  display: flex;
  gap: 22px;
  margin-left: 14px;
}
nav a {
  display: flex;
  align-items: center;
  font-weight: 500;
  color: var(--quiet);
  border-bottom: 3px solid transparent;
  padding-top: 3px;
  text-decoration: none;
}
nav a.on {
  color: var(--ink);
  border-color: var(--juniper);
  font-weight: 600;
}
.right {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 12px;
}
.visit {
  font-size: 13px;
  color: var(--quiet);
  white-space: nowrap;
}
.find {
  border: 1px solid var(--line);
  background: var(--sheet);
  border-radius: 3px;
  padding: 4px 8px;
  color: var(--quiet);
  width: 170px;
  display: flex;
  justify-content: space-between;
  font: 13px/20px var(--text);
}
.who {
  font: 600 11px/24px var(--text);
  width: 26px;
  height: 26px;
  border: 0;
  border-radius: 50%;
  text-align: center;
  color: #fff;
  background: var(--deed);
}
.who.wanted {
  box-shadow:
    0 0 0 2px var(--paper),
    0 0 0 4px var(--brick);
}
.who.other {
  background: var(--held);
  margin-right: -6px;
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
@media (max-width: 1100px) {
  .visit {
    display: none;
  }
  .find {
    width: 110px;
  }
}
@media (max-width: 820px) {
  .find {
    width: auto;
  }
}
</style>
