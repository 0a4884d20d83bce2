<script setup lang="ts">
import { computed, ref } from 'vue'
import { post } from '@/api/client'
import { said } from '@/api/said'
import WordOf from '@/help/WordOf.vue'
import FilterTabs from '@/look/FilterTabs.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import GoesTo from '@/delivery/GoesTo.vue'
import ReleaseAsk from './ReleaseAsk.vue'
import ReleaseThen from './ReleaseThen.vue'
import WhenInput from './WhenInput.vue'
import { clockWords } from '@/words/clockWords'
import type { useReleasing } from './useReleasing'

/** Releasing what is chosen, now or on a day and hour; or asking for it, where one may not. */
const props = defineProps<{
  releasing: ReturnType<typeof useReleasing>
  chosen: readonly string[]
  zone: string
}>()
const emit = defineEmits<{ planned: [words: string]; asked: [] }>()
const site = useSite()
const manager = computed(() => useSession().manager)
const { preview, count, unfilled, grave, lesser, asks, busy, release } = props.releasing
const when = ref<'now' | 'day'>('now')
const wanted = ref('')
const note = ref('')
const problem = ref('')
const asking = ref(false)
const WHENS = [
  { key: 'now', name: 'now' },
  { key: 'day', name: 'on a day and hour…' },
] as const
const these = computed(() => {
  if (!count.value) return 'what is chosen'
  return count.value === 1 ? 'this one' : `these ${count.value}`
})
const path = () => ({ path: { site: site.id } })

/** Asked first, where there is something to ask: whoever sets a time is gone when it comes. */
function ask() {
  if (asks.value) asking.value = true
  else void go()
}
async function go() {
  asking.value = false
  problem.value = ''
  if (when.value === 'day') return plan()
  if (await release(note.value)) note.value = ''
}
async function plan() {
  busy.value = true
  const answer = await post('/api/sites/{site}/releases/planned', path(), {
    items: [...props.chosen],
    note: note.value,
    wanted: wanted.value,
  })
  busy.value = false
  if (!answer.ok) return (problem.value = said(answer.problem))
  const { wanted: meant, clock } = answer.value
  const shifted = meant === clock ? '' : ` The clocks leave out ${meant.slice(11, 16)} on that day.`
  note.value = wanted.value = ''
  when.value = 'now'
  emit('planned', `${clockWords(clock)}.${shifted}`)
}
async function askFor() {
  busy.value = true
  const answer = await post('/api/sites/{site}/releases/asked', path(), {
    items: [...props.chosen],
    word: note.value,
  })
  busy.value = false
  if (!answer.ok) return (problem.value = said(answer.problem))
  note.value = problem.value = ''
  emit('asked')
}
</script>

<template>
  <aside class="side side-pane" aria-labelledby="goes-live">
    <h2 id="goes-live">{{ manager ? 'Goes' : 'Ask that it goes' }} <WordOf word="release">live</WordOf></h2>
    <template v-if="manager">
      <FilterTabs v-model="when" :tabs="WHENS" label="When" />
      <WhenInput v-if="when === 'day'" v-model="wanted" :zone="zone" @trouble="problem = $event" />
    </template>
    <p v-if="unfilled.length" class="should">
      ◇ {{ counted(unfilled.length, 'of these pages has', 'of these pages have') }} places still to fill;
      visitors don’t see them.
    </p>
    <GoesTo v-if="manager && chosen.length" :items="preview?.items ?? []" />
    <ReleaseThen v-if="preview" :preview="preview" :grave="grave" :lesser="lesser" />
    <p v-else-if="chosen.length" class="quiet" role="status">Looking at what would be live then…</p>
    <p v-else class="quiet">Nothing is chosen.</p>
    <div class="foot">
      <label class="label" for="note">{{ manager ? 'A note for the log' : 'A word to the managers' }}</label>
      <v-text-field
        id="note"
        v-model="note"
        :maxlength="manager ? 200 : 300"
        :placeholder="manager ? 'What this release is about' : 'What it is, and until when'"
      />
      <p v-if="problem" class="must" role="alert">{{ problem }}</p>
      <template v-if="manager">
        <v-btn
          class="strong go"
          :disabled="busy || count === 0 || (when === 'day' && !wanted)"
          @click="ask"
          >{{ when === 'now' ? `Release ${these}…` : `Set ${these} for that time…` }}</v-btn
        >
        <p class="quiet">
          {{
            when === 'now'
              ? 'One step back brings all of it back.'
              : 'It holds what is chosen as it is now; what is changed later waits.'
          }}
        </p>
      </template>
      <template v-else>
        <v-btn class="yes go" :disabled="busy || count === 0 || !note.trim()" @click="askFor"
          >Ask for {{ these }}</v-btn
        >
        <p class="quiet">
          Only managers release. They see what you ask for here, and in a letter where mail is set up.
        </p>
      </template>
    </div>
    <ReleaseAsk
      v-if="asking"
      :goes="count"
      :at="when === 'day' ? clockWords(wanted) : ''"
      :unfilled="unfilled"
      :grave="grave.length"
      :busy="busy"
      @yes="go"
      @close="asking = false"
    />
  </aside>
</template>

<style scoped>
.side {
  --side: 276px;
  display: flex;
  flex-direction: column;
  gap: 9px;
  overflow-wrap: anywhere;
}
/* The button stays in sight, however much is told above it. */
.foot {
  position: sticky;
  bottom: -40px;
  margin: auto -20px -40px;
  padding: 8px 20px 14px;
  background: var(--sheet);
  border-top: 1px solid var(--line2);
  display: flex;
  flex-direction: column;
  gap: 7px;
}
.go {
  align-self: flex-start;
}
</style>
