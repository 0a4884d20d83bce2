<script setup lang="ts">
import { computed, ref } from 'vue'
import { get, post } from '@/api/client'
import { said } from '@/api/said'
import type { GoingBack } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { FATES } from './releaseWords'
import ReleaseThen from './ReleaseThen.vue'
import { bySeverity } from './useReleasing'

/** What going back to a release would undo and lose, before it is done. */
const props = defineProps<{ number: number }>()
const emit = defineEmits<{ close: []; back: [] }>()
const site = useSite()
const told = ref<GoingBack | null>(null)
const problem = ref('')
const busy = ref(false)
const FEW = 8
const path = () => ({ path: { site: site.id, number: props.number } })
const entries = computed(() => told.value?.differing.entries ?? [])
const all = computed(() => entries.value.length + (told.value?.differing.more ?? 0))
void look()
async function look() {
  const answer = await get('/api/sites/{site}/releases/{number}/return', path())
  if (answer.ok) told.value = answer.value
  else problem.value = said(answer.problem)
}
async function go() {
  busy.value = true
  const answer = await post('/api/sites/{site}/releases/{number}/return', path())
  busy.value = false
  if (!answer.ok) return (problem.value = said(answer.problem))
  await site.refresh()
  emit('back')
}
</script>

<template>
  <SheetDialog :title="`Go back to release ${number}`" size="wide" @close="emit('close')">
    <p class="gap">
      Visitors get the whole site as it was then. That is a release of its own, and the working copy keeps
      every change made since.
    </p>
    <p v-if="!told && !problem" class="quiet gap" role="status">Looking at what would be otherwise…</p>
    <div v-if="told" class="sides gap">
      <div>
        <h3>{{ counted(all, 'item') }} as {{ all === 1 ? 'it was' : 'they were' }}</h3>
        <p v-if="told.lost.length" class="must">
          ◆ Visitors lose {{ counted(told.lost.length, 'page') }}: {{ told.lost.slice(0, FEW).join(', ')
          }}{{ told.lost.length > FEW ? ` and ${told.lost.length - FEW} more` : '' }}.
        </p>
        <ul>
          <li v-for="e in entries.slice(0, FEW)" :key="e.item">
            <b dir="auto">{{ e.name }}</b>
            <span class="quiet"> {{ FATES[e.fate].word }}: {{ e.says.join('; ') }}</span>
          </li>
          <li v-if="all > FEW" class="quiet">and {{ all - FEW }} more</li>
        </ul>
      </div>
      <div>
        <ReleaseThen
          :preview="told.preview"
          :grave="bySeverity(told.preview, 'MUST_FIX')"
          :lesser="bySeverity(told.preview, 'SHOULD_FIX')"
        />
      </div>
    </div>
    <p v-if="problem" class="must" role="alert">{{ problem }}</p>
    <div class="row-flex foot">
      <v-btn class="strong" :disabled="busy || !told" @click="go">Go back</v-btn>
      <v-btn v-focus @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 0 28px;
  overflow-wrap: anywhere;
}
ul {
  list-style: none;
}
li {
  padding: 4px 0;
  border-top: 1px solid var(--line2);
}
</style>
