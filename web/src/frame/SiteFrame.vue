<script setup lang="ts">
import { defineAsyncComponent, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { drawAhead, forgetDrawings } from '@/drawing/ahead'
import { helpOf } from '@/help/pages'
import KeysSheet from './KeysSheet.vue'
import NoticeLine from './NoticeLine.vue'
import RunningHead from './RunningHead.vue'
import StandingLine from './StandingLine.vue'
import { useGlobalKeys } from './useGlobalKeys'
import { saidAloud } from '@/edit/aloud'
import ConflictSheet from '@/edit/ConflictSheet.vue'
import AsEditorLine from './AsEditorLine.vue'
import { useSession } from '@/session/useSession'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import { useWorking } from '@/look/useWorking'
import { useMenuSheet } from '@/site/useMenuSheet'
import { useSite } from '@/site/useSite'

const MenuSheet = defineAsyncComponent(() => import('@/menu/MenuSheet.vue'))
const HelpSheet = defineAsyncComponent(() => import('@/help/HelpSheet.vue'))
const route = useRoute()
const site = useSite()
const { slow } = useWorking()
const session = useSession()
const menus = useMenuSheet()
const ready = ref(false)
const room = ref<HTMLElement | null>(null)
const head = ref<InstanceType<typeof RunningHead> | null>(null)
const help = ref('')
const keys = ref(false)

const place = () => String(route.params.page ?? route.name ?? '')

async function open() {
  ready.value = false
  await site.open(String(route.params.site), place())
  ready.value = true
}

const helpHere = (page = helpOf(String(route.name))) => (help.value = page)
useGlobalKeys({ find: () => head.value?.find(), help: () => helpHere() })
onMounted(open)
onBeforeUnmount(() => {
  site.close()
  forgetDrawings()
})
watch(
  () => ready.value && site.catalog,
  (catalog) => catalog && site.standing && drawAhead(site.standing, catalog),
)
watch(() => route.params.site, open)
/** A new screen has focus, unless something on it has taken it. */
watch(
  () => [route.name, route.params.template, route.params.kind].join('/'),
  async () => {
    await nextTick()
    const at = document.activeElement
    if (!at || at === document.body || !room.value?.contains(at)) room.value?.focus({ preventScroll: true })
  },
  { flush: 'post' },
)
watch(
  () => route.fullPath,
  () => site.at(place()),
)
</script>

<template>
  <div v-if="site.taken" class="gone">
    <h1>This site is no longer yours to work on</h1>
    <p class="quiet">
      An owner has taken you away from it, or deactivated your account. What you did is kept.
      <a href="/">Go to your sites</a>
    </p>
  </div>
  <div v-else-if="site.missing" class="gone">
    <h1>No such site</h1>
    <p class="quiet">There is no site under this address. <a href="/">Go to your sites</a></p>
  </div>
  <div v-else-if="ready && site.standing" class="frame">
    <a class="skip" href="#room" @click.prevent="room?.focus()">To the screen</a>
    <p class="unseen" role="status">{{ saidAloud }}</p>
    <RunningHead ref="head" @keys="keys = true" @help="helpHere" />
    <AsEditorLine v-if="session.asEditor && session.mayAll" />
    <main id="room" ref="room" class="room" tabindex="-1" :aria-busy="slow">
      <router-view /><AwaitedScreen class="until" :shape="route.meta.shape" />
    </main>
    <NoticeLine />
    <StandingLine />
    <HelpSheet v-if="help" v-model="help" @close="help = ''" @keys="((help = ''), (keys = true))" />
    <MenuSheet v-if="menus.menu.value" @close="menus.close" />
    <KeysSheet v-model="keys" />
    <ConflictSheet />
  </div>
  <div v-else class="frame">
    <div class="head-to-be" />
    <main class="room" aria-busy="true"><AwaitedScreen :shape="route.meta.shape" /></main>
  </div>
</template>

<style scoped>
.frame {
  height: 100dvh;
  display: flex;
  flex-direction: column;
}
.skip {
  position: absolute;
  left: -9999px;
  z-index: 3001;
  background: var(--sheet);
  padding: 8px 14px;
}
.skip:focus {
  left: 8px;
  top: 8px;
}
.room:focus {
  outline: none;
}
.room {
  flex: 1;
  min-height: 0;
  position: relative;
}
.head-to-be {
  height: 48px;
  flex: none;
  border-bottom: 1px solid var(--ink);
}
.until:not(:only-child) {
  display: none;
}
.gone {
  padding: 80px;
}
</style>
