<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { post, type Problem } from '@/api/client'
import { said } from '@/api/said'
import type { LibraryLook, ShelfLine } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { SORTS } from '@/words/sorts'
import { useSite } from '@/site/useSite'

/** What the library has changed in an item since it was taken, looked at before it is carried over. */
const props = defineProps<{ line: ShelfLine; take: (line: ShelfLine) => Promise<string | null> }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const look = ref<LibraryLook | null>(null)
const problem = ref<Problem | null>(null)
const busy = ref(false)
const STATES = { SAME: 'stays', CHANGED: 'changes', ADDED: 'comes', REMOVED: 'goes' }
const others = computed(() =>
  [...(look.value?.report.fresh ?? []), ...(look.value?.report.differing ?? [])].filter(
    (l) => l.id !== props.line.id && l.choice !== 'MINE',
  ),
)

onMounted(async () => {
  const answer = await post(
    '/api/sites/{site}/library/look',
    { path: { site: site.id } },
    { item: props.line.id },
  )
  if (answer.ok) look.value = answer.value
  else problem.value = answer.problem
})
async function carry() {
  busy.value = true
  const done = await props.take(props.line)
  busy.value = false
  if (done) emit('close')
}
</script>

<template>
  <SheetDialog :title="`The library’s ${line.name} has moved on`" size="wide" @close="emit('close')">
    <p class="quiet">
      {{
        line.adapted
          ? 'You have changed it here too: both changes come together.'
          : 'Here it is as it was when you took it.'
      }}
      Pages that wear it are not touched; they are offered the change afterwards, under Roll out.
    </p>
    <p v-if="problem" class="must gap" role="alert">{{ said(problem) }}</p>
    <template v-if="look">
      <ul class="parts">
        <li v-for="p in look.parts" :key="p.section ?? 'facts'">
          <b>{{ p.name }}</b> <span class="label">{{ STATES[p.state] }}</span>
          <div v-if="p.before.length || p.after.length" class="pair">
            <p class="quiet" dir="auto">{{ p.before.join(' · ') || '—' }}</p>
            <p dir="auto">{{ p.after.join(' · ') || '—' }}</p>
          </div>
        </li>
        <li v-if="!look.parts.length" class="quiet">
          {{
            look.report.steps
              ? 'Its sections stay as they are; its name or settings change.'
              : 'Nothing changes here.'
          }}
        </li>
      </ul>
      <p v-if="others.length" class="quiet">
        With it: {{ others.map((l) => `${l.name} (${SORTS[l.sort].one})`).join(', ') }}
      </p>
      <p v-if="look.report.clashing.length" class="should gap">
        The same part was changed here and there. What you have here stays in it.
      </p>
    </template>
    <div class="row-flex foot">
      <v-btn class="yes" :disabled="!look || busy" @click="carry">{{
        look && !look.report.steps ? 'Take note of it' : 'Carry it over'
      }}</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.parts {
  list-style: none;
  border-top: 1px solid var(--line);
  margin: 12px 0;
  max-height: 320px;
  overflow-y: auto;
}
.parts li {
  padding: 8px 0;
  border-bottom: 1px solid var(--line2);
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px;
}
</style>
