<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, ref } from 'vue'
import type { Logged } from '@/api/types'
import { useSession } from '@/session/useSession'
import { counted } from '@/words/counted'

/** The releases so far, the latest first, and going back to one of them. */
defineProps<{ log: Logged[]; more: boolean }>()
const emit = defineEmits<{ back: [number: number]; earlier: [] }>()
const manager = computed(() => useSession().manager)
const returning = ref<number | null>(null)

function goBack() {
  if (returning.value !== null) emit('back', returning.value)
  returning.value = null
}
const when = (at: string) =>
  new Date(at).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  })
</script>

<template>
  <div>
    <h2 class="log">Releases so far</h2>
    <p v-if="log.length === 0" class="quiet">None yet. Visitors see nothing before the first.</p>
    <table v-else>
      <thead class="unseen">
        <tr>
          <th scope="col">Release</th>
          <th scope="col">Note</th>
          <th scope="col">Changes</th>
          <th scope="col">By</th>
          <th scope="col">When</th>
          <th scope="col">State</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(r, i) in log" :key="r.number">
          <td>
            <b>{{ r.number }}</b>
          </td>
          <td>{{ r.note || 'Without a note' }}</td>
          <td class="quiet">{{ counted(r.changes, 'change') }}</td>
          <td class="quiet">{{ r.who }}</td>
          <td class="quiet">{{ when(r.at) }}</td>
          <td class="back">
            <span v-if="i === 0" class="state LIVE">● live</span>
            <v-btn v-else-if="manager" @click="returning = r.number">Go back to it…</v-btn>
          </td>
        </tr>
      </tbody>
    </table>
    <v-btn v-if="more" @click="emit('earlier')">Earlier releases…</v-btn>
    <SheetDialog
      v-if="returning !== null"
      :title="`Go back to release ${returning}`"
      size="narrow"
      @close="returning = null"
    >
      <p class="gap">
        Visitors get the whole site as it was then. That is a release of its own, and the working copy keeps
        every change made since.
      </p>
      <div class="row-flex">
        <v-btn class="strong" @click="goBack">Go back</v-btn><v-btn @click="returning = null">Leave it</v-btn>
      </div>
    </SheetDialog>
  </div>
</template>

<style scoped>
.log {
  margin: 26px 0 6px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
td {
  border-bottom: 1px solid var(--line2);
  padding: 6px 12px 6px 0;
  height: 42px;
}
.back {
  text-align: right;
  white-space: nowrap;
}
@media (max-width: 820px) {
  tr {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 12px;
    padding: 8px 0;
    border-bottom: 1px solid var(--line2);
  }
  td {
    border: 0;
    padding: 0;
    height: auto;
  }
}
</style>
