<script setup lang="ts">
import { useEventListener, watchDebounced } from '@vueuse/core'
import { computed, nextTick, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import NewFormSheet from '@/form/NewFormSheet.vue'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { whenWords } from '@/words/whenWords'
import AnswersBar from './AnswersBar.vue'
import AnswersTable from './AnswersTable.vue'
import AnswerSlip from './AnswerSlip.vue'
import { ANSWER_STATES } from './answerWords'
import FormsList from './FormsList.vue'
import PickedAnswers from './PickedAnswers.vue'
import SeatStrips from './SeatStrips.vue'
import { useAnswerDeeds } from './useAnswerDeeds'
import { useAnswers, type AnswersAsked } from './useAnswers'
import WriteSheet from './WriteSheet.vue'

/** What visitors sent: forms at the left, the places that run out and the table, one answer as a slip of paper. */
const route = useRoute()
const router = useRouter()
const site = useSite()
const asked = reactive<AnswersAsked>({ which: 'OPEN', q: '' })
const form = computed(() => String(route.params.form ?? ''))
const answers = useAnswers(
  () => form.value,
  () => asked,
)
const { told, found, rows, trouble, load, overview } = answers
const { both, work, remove, give, back, move, off } = useAnswerDeeds(() => form.value, answers)
const here = computed(() => told.value?.forms.find((f) => f.id === form.value))
const chosen = ref<string | null>(null)
const picked = ref<string[]>([])
/** So many come at once. */
const PAGE = 100
const sheet = ref<'new' | 'write' | 'remove' | 'off' | null>(null)
const row = computed(() => rows.value.find((r) => r.id === chosen.value))
const pickedRows = computed(() => rows.value.filter((r) => picked.value.includes(r.id)))
/** What is worked on by a sheet: those that are chosen together, or the one at hand. */
const meant = computed(() => (pickedRows.value.length ? pickedRows.value : row.value ? [row.value] : []))
const fresh = computed(() => told.value?.forms.reduce((n, f) => n + f.fresh, 0) ?? 0)
const oldest = computed(
  () =>
    told.value?.forms
      .map((f) => f.oldest)
      .filter(Boolean)
      .sort()[0],
)
const states = computed(() => [
  ...new Set(rows.value.map((r) => r.state).filter((s) => !ANSWER_STATES.some((a) => a.value === s))),
])
const night = computed(() => found.value?.seats.find((s) => s.item === asked.item))

void both().then(() => {
  const first = [...(told.value?.forms ?? [])].sort((a, b) => b.fresh - a.fresh)[0]
  if (!form.value && first) void router.replace({ name: 'answers', params: { form: first.id } })
})
watch(form, () => {
  Object.assign(asked, {
    which: 'OPEN',
    q: '',
    item: undefined,
    state: undefined,
    works: undefined,
    from: undefined,
  })
  chosen.value = null
  picked.value = []
  // What stood here is another form's: it can't be pressed any more.
  found.value = null
  rows.value = []
  void load()
})
watchDebounced(
  () => ({ ...asked }),
  () => load(),
  { debounce: 150 },
)
useEventListener(window, 'focus', () => both())
/** What comes meanwhile is shown where nothing is chosen together; else it is counted at the left alone. */
watchDebounced(
  () => site.answered,
  () => (picked.value.length || rows.value.length > PAGE ? overview() : both()),
  { debounce: 400 },
)
const formNames = computed(() => Object.fromEntries((told.value?.forms ?? []).map((f) => [f.id, f.name])))
/** A comment that was let through is done. */
const stand = (ids: string[], shown: boolean) => work(ids, shown ? { shown, state: 'done' } : { shown })
/** By keys it is looked at there and then; Esc leads back to its row. */
function open(id: string, byKey = false) {
  chosen.value = id
  if (byKey) void nextTick(() => document.querySelector<HTMLElement>('.slip-pane')?.focus())
  const state = rows.value.find((r) => r.id === id)?.state
  if (state === 'new') void work([id], { state: 'read' })
}
const toRow = () => document.querySelector<HTMLElement>('tr.chosen .name')?.focus()
async function removeMeant() {
  sheet.value = null
  await remove(meant.value.map((r) => r.id))
  picked.value = []
  chosen.value = null
}
</script>

<template>
  <div class="screen answers">
    <AwaitedScreen v-if="!told && !trouble" />
    <p v-else-if="trouble && !told" class="none" role="alert">{{ trouble }}</p>
    <template v-else-if="told">
      <div class="screen-head">
        <h1>Answers</h1>
        <span class="quiet">{{
          fresh ? `${fresh} are new · the oldest came ${whenWords(oldest ?? '')}` : 'Nothing new'
        }}</span>
        <div class="tools">
          <v-btn v-if="told.writes" @click="sheet = 'new'">New form…</v-btn>
        </div>
      </div>
      <p v-if="!told.forms.length" class="none">
        No form stands here yet. Make one, place it on a page, and what visitors send by it comes here.
      </p>
      <div v-else class="split">
        <FormsList :told="told" :chosen="form" @spam="asked.which = 'APART'" />
        <div v-if="here && found" class="middle">
          <SeatStrips
            v-if="found.seats.length"
            :seats="found.seats"
            :chosen="asked.item"
            @choose="(i) => (asked.item = asked.item === i ? undefined : i)"
          />
          <AnswersBar
            v-model:asked="asked"
            :told="told"
            :here="here"
            :rows="rows"
            :night="night"
            :states="states"
            @off="sheet = 'off'"
            @remove-all="((picked = rows.map((r) => r.id)), (sheet = 'remove'))"
          />
          <PickedAnswers
            v-if="picked.length"
            :rows="pickedRows"
            :mail="told.mail"
            :writes="told.writes"
            :seats="found.seats"
            @state="(state) => work(picked, { state })"
            @shown="(shown) => stand(picked, shown)"
            @move="(item) => move(picked, item)"
            @write="sheet = 'write'"
            @remove="sheet = 'remove'"
            @none="picked = []"
          />
          <AnswersTable
            v-model:picked="picked"
            :found="found"
            :rows="rows"
            :form="form"
            :chosen="chosen"
            :order="asked.order ?? 'NEWEST'"
            :forms="asked.from ? formNames : undefined"
            :empty="
              here.all || here.apart
                ? 'Nothing is like that.'
                : here.placed
                  ? 'Nothing was sent by it yet.'
                  : 'It stands on no page yet, so nobody can send it.'
            "
            @sort="(by) => (asked.order = by)"
            @open="open"
            @more="load(true)"
          />
        </div>
        <p v-else-if="trouble" class="none" role="alert">{{ trouble }}</p>
        <AwaitedScreen v-else />
        <AnswerSlip
          v-if="row && here"
          :key="row.id"
          :row="row"
          :form="formNames[row.form] ?? here.name"
          :told="told"
          :sender="!!asked.from"
          :seats="found?.seats ?? []"
          :states="states"
          @sender="asked.from = row!.email"
          @work="(what) => work([row!.id], what)"
          @shown="(shown) => stand([row!.id], shown)"
          @place="(deed) => (deed === 'give' ? give(row!.id) : back(row!.id))"
          @move="(item) => move([row!.id], item)"
          @write="((picked = []), (sheet = 'write'))"
          @remove="((picked = []), (sheet = 'remove'))"
          @close="chosen = null"
          @leave="toRow"
        />
      </div>
      <NewFormSheet v-if="sheet === 'new'" @close="sheet = null" />
      <WriteSheet
        v-if="sheet === 'write'"
        :rows="meant"
        :form="here?.name ?? ''"
        :begins="here?.reply ?? ''"
        @sent="both()"
        @close="sheet = null"
      />
      <SheetDialog v-if="sheet === 'remove'" title="Remove answers" size="narrow" @close="sheet = null">
        <p>{{ counted(meant.length, 'answer goes', 'answers go') }} for good. That can’t be taken back.</p>
        <div class="row-flex gap">
          <v-btn class="danger" @click="removeMeant">Remove {{ meant.length }}</v-btn>
          <v-btn @click="sheet = null">Keep {{ meant.length === 1 ? 'it' : 'them' }}</v-btn>
        </div>
      </SheetDialog>
      <SheetDialog
        v-if="sheet === 'off' && night"
        :title="`Call off ${night.title}`"
        size="narrow"
        @close="sheet = null"
      >
        <p>
          Whoever has a place of it or waits is told
          {{ told.mail ? 'by mail' : 'where they look; mail is not set up' }}, and their places are gone. Take
          the page away, or say on it that it is off, besides.
        </p>
        <div class="row-flex gap">
          <v-btn class="danger" @click="((sheet = null), off(night!.item))">Call it off</v-btn>
          <v-btn @click="sheet = null">It takes place</v-btn>
        </div>
      </SheetDialog>
    </template>
  </div>
</template>

<style scoped>
.middle {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
}
.none {
  padding: 20px 18px;
  color: var(--quiet);
}
@media print {
  .answers :deep(:is(.screen-head, .middle, .forms, .unprinted)) {
    display: none;
  }
  .answers :deep(.side-pane) {
    width: 100%;
    border: 0;
  }
}
</style>
