<script setup lang="ts">
import { useEventListener, useIntervalFn, watchDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { LetterDetail } from '@/api/types'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import LetterDraft from './LetterDraft.vue'
import LetterReader from './LetterReader.vue'
import LettersList from './LettersList.vue'
import LetterSent from './LetterSent.vue'
import { inAll } from './letterWords'
import SubscribersTable from './SubscribersTable.vue'
import { useLetterDeeds } from './useLetterDeeds'
import { useLetters } from './useLetters'

/** Letters and who gets them: what there is at the left, one letter as it is written, and beside it as its readers see it. */
const LOOK_MS = 1000
const route = useRoute()
const router = useRouter()
const site = useSite()
const letter = computed(() => String(route.params.letter ?? ''))
const list = computed(() => String(route.params.list ?? ''))
const letters = useLetters(() => letter.value)
const { told, detail, trouble } = letters
const { busy, act, pace, decide, begin, remove } = useLetterDeeds(() => letter.value, letters)
const removing = ref(false)
const here = computed(() => told.value?.lists.find((l) => l.id === list.value))
const shown = computed(() => (detail.value?.row.id === letter.value ? detail.value : null))
/** Also where the letter at hand is said to be on its way, and the list, asked for a moment later, says that it has gone. */
const sending = computed(
  () =>
    shown.value?.row.state === 'SENDING' || (told.value?.letters.some((l) => l.state === 'SENDING') ?? false),
)

void letters.both().then(() => {
  const first = told.value?.letters[0]
  if (!letter.value && !list.value && first)
    void router.replace({ name: 'letters', params: { letter: first.id } })
})
watch(letter, () => void letters.open())
useEventListener(window, 'focus', () => letters.both())
watchDebounced(
  () => site.answered,
  () => letters.both(),
  { debounce: 400 },
)
/** The letter at hand is looked at again only where it is on its way itself, or was a moment ago: a draft is rendered by that. */
useIntervalFn(async () => {
  if (!sending.value || document.hidden) return
  await letters.load()
  const state = told.value?.letters.find((l) => l.id === letter.value)?.state
  if (state === 'SENDING' || state !== shown.value?.row.state) await letters.open()
}, LOOK_MS)

/** What was kept of a letter that is left meanwhile doesn’t come back before the one at hand. */
function written(kept: LetterDetail) {
  if (kept.row.id === letter.value) letters.did(kept)
  void letters.load()
}
const list0 = computed(() => told.value?.lists.find((l) => !l.removed))
async function write() {
  const id = await begin(list0.value?.id ?? '')
  if (id) await router.push({ name: 'letters', params: { letter: id } })
}
async function throwAway() {
  removing.value = false
  if (!(await remove())) return
  const next = told.value?.letters[0]
  await router.replace({ name: 'letters', params: next ? { letter: next.id } : {} })
}
</script>

<template>
  <div class="screen letters">
    <AwaitedScreen v-if="!told && !trouble" />
    <p v-else-if="trouble && !told" class="none" role="alert">{{ trouble }}</p>
    <template v-else-if="told">
      <div class="screen-head">
        <h1>Letters</h1>
        <span class="quiet">{{ counted(inAll(told), 'reader gets', 'readers get') }} them</span>
        <span v-if="!told.mail" class="should">Mail is not set up on this server: nothing can be sent</span>
        <div class="tools">
          <v-btn v-if="list0" class="ink" @click="write">New letter</v-btn>
        </div>
      </div>
      <p v-if="!told.lists.length && !told.letters.length" class="none">
        Nobody can ask for letters yet. Place the form “Subscribe” where visitors find it, as in the footer:
        it makes a list, and asks each to confirm. Any form makes one that says so in its settings, under
        Letters.
        <router-link class="block" :to="{ name: 'answers' }">To the forms</router-link>
      </p>
      <div v-else class="split">
        <LettersList :told="told" :letter="letter" :list="list" />
        <SubscribersTable v-if="here" :key="here.id" :list="here" @changed="letters.load()" />
        <template v-else-if="shown">
          <LetterDraft
            v-if="shown.row.state === 'DRAFT'"
            :key="shown.row.id"
            :told="told"
            :detail="shown"
            :busy="busy"
            :act="act"
            @written="written"
            @remove="removing = true"
          />
          <LetterSent
            v-else
            :key="`${shown.row.id} sent`"
            :told="told"
            :detail="shown"
            :busy="busy"
            :act="act"
            :pace="pace"
            :decide="decide"
            @remove="removing = true"
          />
          <LetterReader :detail="shown" :sender="told.sender" />
        </template>
        <AwaitedScreen v-else-if="letter" />
        <p v-else class="none">
          No letter has been written yet. Begin one: it is made of a page, or of what is new in a listing.
        </p>
      </div>
      <SheetDialog
        v-if="removing && shown"
        title="Remove this letter"
        size="narrow"
        @close="removing = false"
      >
        <p>
          “{{ shown.row.subject || 'Without a subject' }}” goes for good{{
            shown.row.state === 'DRAFT' ? '' : ', and what is known of whom it went to'
          }}.
        </p>
        <div class="row-flex gap">
          <v-btn class="danger" @click="throwAway">Remove it</v-btn>
          <v-btn @click="removing = false">Keep it</v-btn>
        </div>
      </SheetDialog>
    </template>
  </div>
</template>

<style scoped>
.none {
  padding: 20px 18px;
  color: var(--quiet);
  max-width: 620px;
}
.block {
  display: block;
  margin-top: 10px;
}
</style>
