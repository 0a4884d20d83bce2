<script setup lang="ts">
import { computed, ref } from 'vue'
import type { LetterDetail, LettersTold, Property } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import DateInput from '@/property/DateInput.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { howLong } from './letterWords'
import { useLetterDraft } from './useLetterDraft'
import type { LetterDeed } from './useLetterDeeds'
import { useLetterSources } from './useLetterSources'

/** A letter that is written: to whom, of what, and the words before it; tried on oneself, then sent. */
const props = defineProps<{
  told: LettersTold
  detail: LetterDetail
  busy: boolean
  act: (deed: LetterDeed) => Promise<boolean>
}>()
const emit = defineEmits<{ written: [detail: LetterDetail]; remove: [] }>()
const SINCE: Property = {
  key: 'since',
  label: 'New since',
  type: 'DATE',
  choices: [],
  entries: [],
  group: '',
  help: '',
  onlyWhen: '',
  required: false,
  searchable: false,
  shown: false,
  unit: '',
}
const MADE = [
  { value: false, title: 'The page itself' },
  { value: true, title: 'What is new in its listing' },
]
const site = useSite()
const notices = useNotices()
const sure = ref(false)
const { wording, trouble, keep } = useLetterDraft(
  () => props.detail,
  (d) => emit('written', d),
)
const { listings, newest } = useLetterSources(wording)
const lists = computed(() =>
  props.told.lists.map((l) => ({
    value: l.id,
    title: `${l.name} · ${l.in}`,
  })),
)
const pages = computed(() =>
  [...site.rows.values()]
    .filter((r) => r.state === 'LIVE' || r.state === 'CHANGED')
    .map((r) => ({ value: r.id, title: r.title, props: { subtitle: r.address } })),
)
const what = computed(() => {
  if (!wording.page) return ''
  if (props.detail.cannot) return props.detail.cannot
  if (newest.value && !props.detail.told) return 'Nothing is new since that day.'
  return ''
})
const ready = computed(
  () => props.told.mail && !what.value && !!wording.page && !!wording.subject.trim() && props.detail.to > 0,
)
const missing = computed(() =>
  !props.told.mail
    ? 'Mail is not set up on this server.'
    : !wording.page
      ? 'Choose what it is made of.'
      : !wording.subject.trim()
        ? 'Write its subject.'
        : what.value || (props.detail.to ? '' : 'Nobody on this list has confirmed yet.'),
)
async function test() {
  if ((await keep()) && (await props.act('test'))) notices.tell('A test is on its way to your own address')
}
async function ask() {
  if (await keep()) sure.value = true
}
async function send() {
  sure.value = false
  await props.act('send')
}
</script>

<template>
  <section class="draft" aria-label="The letter">
    <div class="block">
      <span class="label">To the list</span>
      <ChoiceOf v-model="wording.list" label="To the list" :items="lists" none="Choose a list" />
    </div>
    <label class="block">
      <span class="label">Subject</span>
      <input v-model="wording.subject" class="boxed" maxlength="150" dir="auto" @blur="keep" />
    </label>
    <label class="block">
      <span class="label">Made of</span>
      <v-autocomplete
        :model-value="wording.page || null"
        :items="pages"
        aria-label="Made of the page"
        placeholder="Name a page that is live"
        no-data-text="No live page is called that"
        @update:model-value="(v: unknown) => (wording.page = v ? String(v) : '')"
      />
    </label>
    <template v-if="listings.length">
      <ChoiceOf v-model="newest" class="block" label="What of it" :items="MADE" />
      <div v-if="newest" class="block">
        <v-select
          v-if="listings.length > 1"
          v-model="wording.listing"
          :items="listings.map((l, i) => ({ value: l, title: l || `listing ${i + 1}` }))"
          aria-label="Which listing"
        />
        <span class="label">New since</span>
        <DateInput
          :property="SINCE"
          :value="wording.since"
          @change="(v) => (wording.since = v ? String(v) : wording.since)"
          @trouble="(why) => (trouble = why)"
        />
        <span v-if="detail.told" class="quiet small">{{ counted(detail.told, 'entry', 'entries') }}</span>
      </div>
    </template>
    <p v-else-if="wording.page && !detail.cannot" class="quiet small note">
      Of a page with a listing that can be followed (one of its settings), a letter can tell what is new
      there.
    </p>
    <label class="block">
      <span class="label">Words before it</span>
      <textarea v-model="wording.lead" class="boxed" rows="4" maxlength="2000" dir="auto" @blur="keep" />
    </label>
    <p v-if="trouble || what" class="must" role="alert">{{ trouble || what }}</p>
    <div class="end">
      <p v-if="missing && !what" class="quiet small">{{ missing }}</p>
      <p v-else-if="detail.tested" class="quiet small">✓ A test of it as it is was sent.</p>
      <p v-else-if="ready" class="quiet small">No test of it as it is was sent yet.</p>
      <div class="row-flex">
        <v-btn :disabled="!ready || busy" @click="test">Send me a test</v-btn>
        <v-btn class="yes" :disabled="!ready || busy" @click="ask"
          >Send to {{ counted(detail.to, 'reader') }}…</v-btn
        >
      </div>
      <button type="button" class="textlink small" @click="emit('remove')">Remove this draft</button>
    </div>
    <SheetDialog v-if="sure" title="Send this letter" size="narrow" @close="sure = false">
      <p>
        “{{ wording.subject }}” goes to <b>{{ counted(detail.to, 'reader') }}</b>,
        {{ howLong(detail.to, detail.row.rate) }}. It can be stopped on its way; what has gone can’t be taken
        back.
      </p>
      <p v-if="!detail.tested" class="should gap">You have not seen a test of it as it is now.</p>
      <p v-if="!told.signed" class="quiet gap small">
        Readers leave by one click where your mail server signs letters (DKIM); else by the link in it.
      </p>
      <div class="row-flex gap">
        <v-btn class="yes" :disabled="busy" @click="send">Send it</v-btn>
        <v-btn v-if="!detail.tested" @click="((sure = false), test())">Send me a test first</v-btn>
        <v-btn v-else @click="sure = false">Not yet</v-btn>
      </div>
    </SheetDialog>
  </section>
</template>

<style scoped>
.draft {
  width: 348px;
  flex: none;
  overflow-y: auto;
  padding: 6px 20px 20px;
  border-right: 1px solid var(--line);
}
.block {
  display: grid;
  gap: 4px;
  margin-top: 14px;
}
.small {
  font-size: 13px;
}
.must,
.note {
  margin-top: 12px;
}
.end {
  display: grid;
  gap: 10px;
  margin-top: 22px;
  justify-items: start;
}
.end .row-flex {
  flex-wrap: wrap;
}
@media (max-width: 1100px) {
  .draft {
    width: 288px;
    padding-inline: 16px;
  }
}
@media (max-width: 820px) {
  .draft {
    width: 100%;
    border-right: 0;
    border-bottom: 1px solid var(--line);
  }
}
</style>
