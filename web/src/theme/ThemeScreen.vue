<script setup lang="ts">
import { useSite } from '@/site/useSite'
import { question } from '@/api/client'
import { useEventListener } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import LibraryShelf from '@/library/LibraryShelf.vue'
import { useSession } from '@/session/useSession'
import { isWriting, lettersAct } from '@/look/keys'
import { useItem } from '@/site/useItem'
import { counted } from '@/words/counted'
import ContactSheet from './ContactSheet.vue'
import DifferingSheet from './DifferingSheet.vue'
import LookCompare from './LookCompare.vue'
import LookMenu from './LookMenu.vue'
import PageDrawing from './PageDrawing.vue'
import { provideTrial } from './useTrial'

const session = useSession()
const trial = provideTrial()
const differing = ref(false)
const site = useSite()
const { value: theme } = useItem(
  () => question('/api/sites/{site}/theme', { path: { site: site.id } }),
  (t) => [
    { item: t.id, revision: t.revision },
    { item: t.identity.item, revision: t.identity.revision },
  ],
)
const route = useRoute()
const router = useRouter()
const open = ref('header')
/** Find leads to a part, and to the setting in it. */
watch(
  [() => route.query.at, () => route.query.set, () => theme.value?.id],
  async ([at, set]) => {
    if (!at) return
    open.value = String(at)
    await nextTick()
    const row = document.querySelector<HTMLElement>(`[data-setting="${CSS.escape(String(set ?? ''))}"]`)
    row?.scrollIntoView({ block: 'center' })
    row?.querySelector<HTMLElement>('input, button, select')?.focus({ preventScroll: true })
  },
  { immediate: true },
)
const before = ref(false)
const comparing = computed(() => route.query.looks !== undefined)
/** The looks beside the worn one stand in the address, so that Back and a link lead to them. */
const others = computed<string[]>({
  get: () =>
    String(route.query.looks ?? '')
      .split(' ')
      .filter((id) => id && id !== theme.value?.id),
  set: (ids) => void router.replace({ query: { ...route.query, looks: ids.join(' ') } }),
})
function compare(on: boolean) {
  void router.push({ query: { ...route.query, looks: on ? '' : undefined } })
}
const holdB = (down: boolean) => (event: KeyboardEvent) => {
  if (event.key.toLowerCase() === 'b' && !isWriting(event) && !event.ctrlKey && lettersAct(event))
    before.value = down
}
useEventListener(window, 'keydown', holdB(true))
useEventListener(window, 'keyup', holdB(false))
</script>

<template>
  <div v-if="theme" class="screen">
    <div class="screen-head">
      <h1>Theme</h1>
      <span class="quiet"
        >wears <b class="worn">{{ theme.name }}</b> ·
        {{ counted(theme.following, 'page follows', 'pages follow') }}</span
      >
      <button
        v-if="theme.differing.length || theme.apart.all"
        type="button"
        class="textlink"
        @click="differing = true"
      >
        differ: {{ theme.differing.length + theme.apart.all }}
      </button>
      <span class="grow" />
      <span v-if="!comparing && session.manager" class="quiet keys"
        >hold <span class="kbd">B</span> for before</span
      >
      <button type="button" class="textlink" @click="compare(!comparing)">
        {{ comparing ? 'Back to the contact sheet' : `Compare ${counted(theme.looks.length, 'look')}` }}
      </button>
      <LookMenu v-if="session.manager" :theme="theme" />
    </div>
    <div class="split halves">
      <div class="settings">
        <PageDrawing v-model:open="open" :theme="theme" />
        <LibraryShelf v-if="session.manager" class="shelf" :sorts="['THEME']" />
      </div>
      <div class="table">
        <LookCompare v-if="comparing" v-model:others="others" :theme="theme" />
        <ContactSheet v-else :theme="theme" :before="before" :trial="trial" @part="(key) => (open = key)" />
      </div>
    </div>
    <DifferingSheet v-if="differing" :theme="theme" @close="differing = false" />
  </div>
</template>

<style scoped>
.worn {
  color: var(--ink);
}
.keys {
  white-space: nowrap;
}
.split {
  grid-template-columns: 372px minmax(0, 1fr);
}
.settings {
  overflow-y: auto;
  border-right: 1px solid var(--line);
  scrollbar-width: thin;
  padding: 16px 12px 16px 18px;
}
.shelf {
  margin-top: 16px;
}
.table {
  background: var(--table);
  overflow-y: auto;
}
@media (max-width: 1150px) {
  .keys {
    display: none;
  }
}
</style>
