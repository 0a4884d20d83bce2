<script setup lang="ts">
import { computed, ref } from 'vue'
import { del, post } from '@/api/client'
import { said } from '@/api/said'
import type { PlannedRelease } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import BeforeAfter from './BeforeAfter.vue'
import EntryPicker from './EntryPicker.vue'
import WhenInput from './WhenInput.vue'
import { clockWords } from '@/words/clockWords'

/** A release that is set for a time: what it holds, what has come between, another time for it, or none. */
const props = defineProps<{ planned: PlannedRelease; zone: string }>()
const emit = defineEmits<{ close: []; changed: [] }>()
const site = useSite()
const manager = computed(() => useSession().manager)
const moving = ref(false)
const wanted = ref('')
const note = ref('')
const problem = ref('')
const at = ref(props.planned.entries.find((e) => e.pages.length)?.item ?? '')
const entry = computed(() => props.planned.entries.find((e) => e.item === at.value))
const path = () => ({ path: { site: site.id, id: props.planned.id } })
const shifted = computed(() => props.planned.when.wanted !== props.planned.when.clock)
const named = (names: string[]) =>
  names.slice(0, 6).join(', ') + (names.length > 6 ? ` and ${names.length - 6} more` : '')

function open() {
  wanted.value = props.planned.when.wanted
  note.value = props.planned.when.note
  problem.value = ''
  moving.value = true
}
async function move() {
  const answer = await post('/api/sites/{site}/releases/planned/{id}', path(), {
    wanted: wanted.value,
    note: note.value,
  })
  if (!answer.ok) return (problem.value = said(answer.problem))
  moving.value = false
  emit('changed')
}
async function cancel() {
  const answer = await del('/api/sites/{site}/releases/planned/{id}', path())
  if (!answer.ok) return useNotices().refuse(answer.problem)
  emit('changed')
  emit('close')
}
</script>

<template>
  <div class="planned">
    <header>
      <div class="grow">
        <h2>Set for {{ clockWords(planned.when.clock) }}</h2>
        <p class="quiet">
          by {{ planned.when.by }} · {{ counted(planned.changes, 'change')
          }}<template v-if="planned.when.note"> · {{ planned.when.note }}</template>
          <template v-if="shifted"> · the clocks leave out {{ planned.when.wanted.slice(11, 16) }}</template>
        </p>
        <div v-if="planned.holds.missing.length" class="must" role="alert">
          <b>◆ {{ planned.holds.overdue ? 'All of it waits' : 'It would wait' }}:</b>
          {{ planned.holds.missing.join(' ') }} Mend that, or cancel this and choose anew; it goes live by
          itself as soon as nothing is in its way.
        </div>
        <p v-if="planned.holds.since.length" class="should">
          ◇ Changed since, which waits: {{ named(planned.holds.since) }}
        </p>
        <p v-if="planned.holds.newer.length" class="should">
          ◇ Newer already live, which stays: {{ named(planned.holds.newer) }}
        </p>
      </div>
      <template v-if="manager">
        <v-btn @click="open">Another time…</v-btn>
        <v-btn @click="cancel">Cancel it</v-btn>
      </template>
      <v-btn @click="emit('close')">What waits<span class="kbd">Esc</span></v-btn>
    </header>
    <BeforeAfter
      :title="entry?.name ?? ''"
      :pages="entry?.pages ?? []"
      :more="Math.max(0, (entry?.reaches ?? 0) - (entry?.pages.length ?? 0))"
      :before="{ of: 'live', word: 'live now' }"
      :after="{ of: `planned-${planned.id}`, word: 'then' }"
    >
      <EntryPicker v-model="at" :entries="planned.entries" />
    </BeforeAfter>
    <SheetDialog
      v-if="moving"
      title="Another time for this release"
      size="narrow"
      form
      @submit="move"
      @close="moving = false"
    >
      <WhenInput v-model="wanted" class="gap" :zone="zone" @trouble="problem = $event" />
      <label class="label" for="planned-note">A note for the log</label>
      <v-text-field id="planned-note" v-model="note" maxlength="200" />
      <p class="quiet small">It holds the versions that were chosen; only when they go live changes.</p>
      <p v-if="problem" class="must" role="alert">{{ problem }}</p>
      <div class="row-flex foot">
        <v-btn type="submit" class="yes" :disabled="!wanted">Set it</v-btn>
        <v-btn @click="moving = false">Leave it<span class="kbd">Esc</span></v-btn>
      </div>
    </SheetDialog>
  </div>
</template>

<style scoped>
.planned {
  display: flex;
  flex-direction: column;
  flex: 1;
  min-height: 0;
  background: var(--table);
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: flex-start;
  padding: 10px 18px;
  background: var(--paper);
  border-bottom: 1px solid var(--line);
}
header .grow {
  flex: 1 1 220px;
  overflow-wrap: anywhere;
}
</style>
