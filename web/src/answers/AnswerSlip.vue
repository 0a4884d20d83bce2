<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { get } from '@/api/client'
import type { AnswerRow, AnswersTold, SeatRow, SentLetter } from '@/api/types'
import WrittenInput from '@/edit/WrittenInput.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { whenWords } from '@/words/whenWords'
import { ANSWER_STATES, filesOf, onPageWords, ordinal } from './answerWords'

/** One answer as a slip of paper, with what is done about it beneath. */
const props = defineProps<{
  row: AnswerRow
  form: string
  told: AnswersTold
  seats: SeatRow[]
  states: string[]
  /** Whether all of one sender are looked at already. */
  sender?: boolean
}>()
const emit = defineEmits<{
  work: [what: { state?: string; works?: string; note?: string; apart?: boolean }]
  shown: [shown: boolean]
  place: [deed: 'give' | 'back']
  move: [item: string]
  write: []
  remove: []
  close: []
  leave: []
  sender: []
}>()
const site = useSite()
const session = useSession()
const letters = ref<SentLetter[]>([])
const place = computed(() => props.row.place)
const title = (item: string) =>
  props.seats.find((s) => s.item === item)?.title ??
  props.row.said.find((s) => s.value === item)?.words ??
  'what is not there any more'
const onPage = computed(() => props.row.onPage)
const pageOf = computed(() => site.rows.get(props.row.onPage?.page ?? ''))
const wants = computed(() => counted(place.value?.people ?? 0, 'place'))
const states = computed<{ value: string; title: string }[]>(() => [
  ...ANSWER_STATES.map((s) => ({ value: s.value, title: s.value })),
  ...props.states.map((s) => ({ value: s, title: s })),
])
const own = ref<string | null>(null)
const people = computed(() => [
  { value: '', title: 'nobody' },
  ...props.told.people.map((p) => ({ value: p.id, title: p.name.split(' ')[0] ?? p.name })),
])
const elsewhere = computed(() =>
  props.seats
    .filter((s) => s.item !== place.value?.item)
    .map((s) => ({ value: s.item, title: `${s.title} (${Math.max(0, s.places - s.given)} left)` })),
)
const holds = computed(() => place.value?.stands === 'PLACE' || place.value?.stands === 'WAITS')
watch(
  () => [props.row.id, props.row.state],
  async () => {
    const answer = await get('/api/sites/{site}/answers/{form}/{answer}/letters', {
      path: { site: site.id, form: props.row.form, answer: props.row.id },
    })
    letters.value = answer.ok ? answer.value : []
  },
  { immediate: true },
)
const fileAt = (id: string) => `/api/sites/${site.id}/answers/${props.row.form}/${props.row.id}/files/${id}`
const nameOf = (id?: string | null) => props.told.people.find((p) => p.id === id)?.name ?? 'somebody'
function ownState() {
  if (own.value?.trim()) emit('work', { state: own.value.trim() })
  own.value = null
}
const print = () => window.print()
</script>

<template>
  <aside
    class="side-pane slip-pane"
    aria-label="The chosen answer"
    tabindex="-1"
    @keydown.esc="$event.defaultPrevented || emit('leave')"
  >
    <article class="slip">
      <header class="row-flex">
        <span class="grow">{{ form }} · no. {{ row.number }}</span>
        <time :datetime="row.came">{{ whenWords(row.came) }}</time>
      </header>
      <dl>
        <template v-for="s in row.said" :key="s.key">
          <dt>{{ s.label }}</dt>
          <dd v-if="s.type === 'files'">
            <a
              v-for="f in filesOf(s)"
              :key="f.id"
              class="textlink file"
              :href="fileAt(f.id)"
              download
              dir="auto"
              >{{ f.name }}</a
            >
          </dd>
          <dd v-else dir="auto">{{ s.words }}</dd>
        </template>
      </dl>
      <p v-if="!row.said.length" class="quiet">Nothing was written.</p>
    </article>
    <p v-if="row.apart" class="note-box unprinted">
      Set apart: {{ row.apart }}
      <button type="button" class="textlink" @click="emit('work', { apart: false })">It is not spam</button>
    </p>
    <section v-if="place" class="stands unprinted">
      <p v-if="place.stands === 'WAITS'">
        <b class="should">Waits, {{ ordinal(place.line) }} in line</b>
        <span class="quiet"> for {{ wants }} of {{ title(place.item) }}; moves up by itself</span>
      </p>
      <p v-else-if="place.stands === 'PLACE'">
        <b>Has {{ wants }}</b>
        <span class="quiet">
          of {{ title(place.item) }}{{ place.over ? ', given over the number' : '' }}</span
        >
      </p>
      <p v-else class="quiet">
        {{ place.stands === 'BACK' ? 'Gave it back' : 'Called off' }}: {{ title(place.item) }}
      </p>
    </section>
    <section v-if="onPage" class="stands unprinted">
      <p>
        <b :class="{ should: !onPage.shown || onPage.reported }">{{ onPageWords(onPage) }}</b>
        <span class="quiet"
          >{{ onPage.to ? ', as an answer,' : '' }} on
          <RouterLink v-if="pageOf" class="textlink" :to="{ name: 'plan', params: { page: onPage.page } }">{{
            pageOf.title
          }}</RouterLink>
          <template v-else>a page that is not there any more</template
          >{{ onPage.edited ? '; changed by whoever wrote it' : '' }}</span
        >
      </p>
    </section>
    <div class="row-flex acts unprinted">
      <template v-if="onPage && !row.apart">
        <v-btn v-if="!onPage.shown" class="ink" @click="emit('shown', true)">Let through</v-btn>
        <v-btn v-if="onPage.shown && onPage.reported" @click="emit('shown', true)">It may stand</v-btn>
        <v-btn v-if="onPage.shown" @click="emit('shown', false)">Take off the page</v-btn>
      </template>
      <v-btn v-if="row.email && told.mail" class="ink" @click="emit('write')">Answer by mail…</v-btn>
      <a v-else-if="row.email" class="textlink" :href="`mailto:${row.email}`">Write to {{ row.email }}</a>
      <template v-if="session.manager && holds">
        <v-btn v-if="place!.stands === 'WAITS'" @click="emit('place', 'give')"
          >Give places all the same</v-btn
        >
        <v-btn @click="emit('place', 'back')">{{
          place!.stands === 'WAITS' ? 'Take off the line' : 'Give back'
        }}</v-btn>
      </template>
    </div>
    <div class="about unprinted">
      <div v-if="session.manager && holds && elsewhere.length">
        <span class="label">Move to</span>
        <ChoiceOf
          :model-value="''"
          :items="elsewhere"
          label="Move to"
          none="another one…"
          @update:model-value="(v?: string) => v && emit('move', v)"
        />
      </div>
      <div>
        <span class="label">Who works on it</span>
        <ChoiceOf
          :model-value="row.works ?? ''"
          :items="people"
          label="Who works on it"
          @update:model-value="(v?: string) => emit('work', { works: v ?? '' })"
        />
      </div>
      <div>
        <span class="label">State</span>
        <ChoiceOf
          :model-value="row.state"
          :items="states"
          label="State"
          in-line
          @update:model-value="(v?: string) => v && emit('work', { state: v })"
        />
        <button v-if="own === null" type="button" class="textlink small" @click="own = ''">
          a word of your own…
        </button>
        <form v-else class="row-flex" @submit.prevent="ownState">
          <input
            v-model="own"
            v-focus
            class="boxed grow"
            maxlength="30"
            aria-label="A state of your own"
            placeholder="rang back"
          />
          <v-btn type="submit">Set it</v-btn>
        </form>
      </div>
      <label>
        <span class="label">A note among us</span>
        <WrittenInput
          class="boxed"
          :rows="2"
          maxlength="2000"
          :value="row.note"
          dir="auto"
          @written="(note) => emit('work', { note })"
        />
      </label>
      <ol v-if="letters.length" class="letters" aria-label="Letters sent">
        <li v-for="l in letters" :key="l.at">
          <span class="label">{{ nameOf(l.by) }} wrote {{ whenWords(l.at) }}: {{ l.subject }}</span>
          <p class="words" dir="auto">{{ l.words }}</p>
        </li>
      </ol>
      <p v-if="row.email && !sender">
        <button type="button" class="textlink" @click="emit('sender')">
          All that came from {{ row.email }}
        </button>
      </p>
      <p class="label">
        Removed by itself on {{ new Date(row.until).toLocaleDateString('en-GB', { dateStyle: 'long' }) }}.
      </p>
      <div class="row-flex">
        <v-btn @click="print">Print</v-btn>
        <v-btn v-if="!row.apart" @click="emit('work', { apart: true })">It is spam</v-btn>
        <v-btn v-if="session.manager" class="danger" @click="emit('remove')">Remove…</v-btn>
        <span class="grow" />
        <v-btn @click="emit('close')">Close</v-btn>
      </div>
    </div>
  </aside>
</template>

<style scoped>
.slip-pane {
  --side: 376px;
  background: var(--paper2, var(--paper));
}
.slip {
  background: var(--sheet);
  border: 1px solid var(--line);
  padding: 16px 22px 20px;
}
.slip header {
  font-size: 13px;
  color: var(--quiet);
  margin-bottom: 8px;
}
dt {
  font: 13px/18px var(--text);
  color: var(--quiet);
  margin-top: 8px;
}
dd {
  font: 16px/23px var(--reading, var(--text));
  white-space: pre-line;
  overflow-wrap: anywhere;
}
.file {
  display: block;
}
.stands {
  margin: 14px 2px 0;
}
.acts {
  flex-wrap: wrap;
  margin: 12px 0;
}
.about {
  display: grid;
  gap: 14px;
  margin-top: 14px;
}
.about label {
  display: grid;
  gap: 4px;
}
.small {
  font-size: 12.5px;
}
.letters {
  list-style: none;
  border-top: 1px solid var(--line);
}
.words {
  white-space: pre-line;
  overflow-wrap: anywhere;
}
</style>
