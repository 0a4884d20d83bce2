<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Logged } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { counted } from '@/words/counted'
import { fold } from '@/words/fold'
import { cameWords } from './releaseWords'

/** All releases, the latest first: one is looked at, or two compared. */
const props = defineProps<{ log: Logged[]; more: boolean; numbers: number[] }>()
const emit = defineEmits<{ close: []; earlier: []; choose: [numbers: number[]] }>()
const filter = ref('')
const ticked = ref([...props.numbers])
const FEW = 12
const shown = computed(() => {
  const words = fold(filter.value.trim())
  return props.log.filter((r) => fold(`${r.number} ${r.note} ${r.who} ${cameWords(r)}`).includes(words))
})
const tick = (n: number, on: boolean) =>
  (ticked.value = on ? [...ticked.value.slice(-1), n] : ticked.value.filter((t) => t !== n))
const sorted = () => [...ticked.value].sort((a, b) => a - b)
</script>

<template>
  <SheetDialog title="Releases so far" size="wide" @close="emit('close')">
    <input
      v-if="log.length > FEW"
      v-model="filter"
      type="search"
      class="boxed gap"
      placeholder="Number, note, name or day"
      aria-label="Look through the releases"
    />
    <div class="rows">
      <table>
        <thead class="unseen">
          <tr>
            <th scope="col">Compare</th>
            <th scope="col">Release</th>
            <th scope="col">Note</th>
            <th scope="col">Items</th>
            <th scope="col">By</th>
            <th scope="col">When</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(r, i) in shown" :key="r.number">
            <td>
              <v-checkbox
                :model-value="ticked.includes(r.number)"
                :aria-label="`Compare release ${r.number}`"
                @update:model-value="(v: unknown) => tick(r.number, v === true)"
              />
            </td>
            <td>
              <button type="button" class="textlink" @click="emit('choose', [r.number])">
                {{ r.number }}
              </button>
            </td>
            <td dir="auto">
              {{ r.note || 'Without a note' }}
              <b v-if="i === 0 && !filter" class="state LIVE">● live</b>
            </td>
            <td class="quiet">{{ counted(r.changes, 'item') }}</td>
            <td class="quiet">{{ r.who }}</td>
            <td class="quiet">{{ cameWords(r) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="!shown.length" class="quiet gap">No release is so.</p>
      <v-btn v-if="more" @click="emit('earlier')">Earlier releases…</v-btn>
    </div>
    <div class="row-flex foot">
      <v-btn class="yes" :disabled="!ticked.length" @click="emit('choose', sorted())">{{
        ticked.length === 2 ? 'Compare these two' : 'Look at it'
      }}</v-btn>
      <span class="quiet grow">Tick two to compare them.</span>
      <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.rows {
  max-height: 56vh;
  overflow-y: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
td {
  border-bottom: 1px solid var(--line2);
  padding: 2px 12px 2px 0;
  height: 36px;
  overflow-wrap: anywhere;
}
.boxed {
  max-width: 320px;
}
</style>
