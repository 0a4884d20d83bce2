<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { get, post } from '@/api/client'
import type { FirstSteps } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import SiteFactsInput from '@/galley/SiteFactsInput.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSession } from '@/session/useSession'
import { FROM_ELSEWHERE } from '@/site/fromElsewhere'
import { useSite } from '@/site/useSite'

/** What a new site still lacks, ticked by how the site stands; gone when all is done, or put away. */
const site = useSite()
const session = useSession()
const router = useRouter()
const notices = useNotices()
const telling = ref(false)
const facts = computed(() =>
  (site.catalog?.siteFacts ?? []).map((f) => f.key).filter((key) => !FROM_ELSEWHERE.includes(key)),
)
const told = ref<FirstSteps | null>(null)
const steps = computed(() => told.value?.steps ?? [])
const left = computed(() => steps.value.filter((s) => !s.done))
const isOver = computed(() => told.value?.away || (told.value !== null && !left.value.length))
const at = () => ({ path: { site: site.id } })

async function load() {
  if (!session.manager || isOver.value) return
  const answer = await get('/api/sites/{site}/first-steps', at())
  if (answer.ok) told.value = answer.value
}
onMounted(load)
/** They look at the whole site, and nobody waits for a tick: asked when work has paused. */
let pause: ReturnType<typeof setTimeout> | undefined
watch(
  () => site.standing?.step,
  () => {
    clearTimeout(pause)
    pause = setTimeout(load, 1500)
  },
)
onUnmounted(() => clearTimeout(pause))

function go(where: string) {
  const [screen, page] = where.split('/')
  if (where === 'facts') telling.value = true
  else if (where === 'people' || where === 'upkeep') void router.push(`/-/${where}`)
  else if (where === 'plan')
    notices.tell('In the column “Main” above, press the place of each page that belongs into the menu.')
  else void router.push(page ? { name: screen!, params: { page } } : { name: where })
}
async function putAway() {
  const answer = await post('/api/sites/{site}/first-steps/put-away', at())
  if (answer.ok) told.value = { away: true, steps: [] }
}
</script>

<template>
  <section v-if="session.manager && left.length" class="first" aria-labelledby="first-steps">
    <div class="row-flex">
      <h2 id="first-steps" class="grow">First steps</h2>
      <span class="quiet">{{ steps.length - left.length }} of {{ steps.length }} done</span>
      <button type="button" class="textlink" @click="putAway">Put away</button>
    </div>
    <ol>
      <li v-for="s in steps" :key="s.key" :class="{ done: s.done }">
        <span class="tick" role="img" :aria-label="s.done ? 'done' : 'to do'">{{ s.done ? '✓' : '○' }}</span>
        <span v-if="s.done">{{ s.title }}</span>
        <button v-else type="button" class="textlink" @click="go(s.where)">{{ s.title }}</button>
        <span class="quiet note">{{ s.note }}</span>
      </li>
    </ol>
  </section>
  <SheetDialog v-if="telling" title="Who you are" @close="telling = false">
    <template #beside>
      <v-btn @click="telling = false">Close<span class="kbd">Esc</span></v-btn>
    </template>
    <SiteFactsInput class="gap" :keys="facts" />
  </SheetDialog>
</template>

<style scoped>
.first {
  border-top: 1px solid var(--ink);
  background: var(--sheet);
  padding: 12px 20px 14px;
}
ol {
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 4px 28px;
  margin-top: 6px;
}
li {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr);
  align-items: baseline;
}
.note {
  grid-column: 2;
  font-size: 12.5px;
  line-height: 17px;
}
.tick {
  color: var(--quiet);
}
.done .tick {
  color: var(--juniper);
}
.done {
  color: var(--quiet);
}
</style>
