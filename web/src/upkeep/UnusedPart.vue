<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get, post, type Problem } from '@/api/client'
import { said } from '@/api/said'
import type { UnusedFile } from '@/api/types'
import { weight } from '@/media/weight'
import SheetDialog from '@/look/SheetDialog.vue'
import { counted } from '@/words/counted'

/** Files that no site has any more; those that are chosen go, after a question. */
const emit = defineEmits<{ removed: [] }>()
const files = ref<UnusedFile[] | null>(null)
const chosen = ref<string[]>([])
const asking = ref(false)
const problem = ref<Problem | null>(null)
const picked = computed(() => (files.value ?? []).filter((f) => chosen.value.includes(f.file)))
const bytes = computed(() => picked.value.reduce((sum, f) => sum + f.bytes, 0))
const past = computed(() => picked.value.filter((f) => f.was).length)
const isAll = computed(() => chosen.value.length === files.value?.length)

async function load() {
  const answer = await get('/api/upkeep/unused-files')
  problem.value = answer.ok ? null : answer.problem
  if (!answer.ok) return
  files.value = answer.value
  chosen.value = []
}
async function remove() {
  const answer = await post('/api/upkeep/unused-files/remove', {}, { files: chosen.value })
  problem.value = answer.ok ? null : answer.problem
  if (!answer.ok) return
  asking.value = false
  await load()
  emit('removed')
}
const chooseAll = () => (chosen.value = isAll.value ? [] : files.value!.map((f) => f.file))
onMounted(load)
</script>

<template>
  <section aria-labelledby="unused">
    <div class="row-flex">
      <h2 id="unused" class="grow">Files nobody uses</h2>
      <v-btn v-if="files?.length" class="danger" :disabled="!chosen.length" @click="asking = true">
        {{ chosen.length ? `Remove ${counted(chosen.length, 'file')}…` : 'Remove…' }}
      </v-btn>
    </div>
    <p v-if="problem && !asking" class="must gap" role="alert">{{ said(problem) }}</p>
    <p v-if="files?.length === 0" class="quiet gap">None: every file is in some site.</p>
    <table v-if="files?.length" class="list">
      <thead>
        <tr>
          <th class="box">
            <input type="checkbox" aria-label="All of them" :checked="isAll" @change="chooseAll" />
          </th>
          <th>File</th>
          <th>Why it is here</th>
          <th class="size">Size</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="f in files" :key="f.file">
          <td class="box">
            <input v-model="chosen" type="checkbox" :value="f.file" :aria-label="f.was ?? f.file" />
          </td>
          <td class="cut" dir="auto">
            {{ f.was ?? 'without a name' }}<span class="quiet">.{{ f.format }}</span>
          </td>
          <td class="quiet">{{ f.was ? 'earlier versions of pages show it' : 'nothing names it' }}</td>
          <td class="size">{{ weight(f.bytes) }}</td>
        </tr>
      </tbody>
    </table>
    <SheetDialog v-if="asking" title="Remove files for good" size="narrow" @close="asking = false">
      <p class="gap">
        {{ counted(picked.length, 'file') }} with {{ weight(bytes) }} can’t be brought back.
        <template v-if="past">
          Earlier versions of pages show {{ past === 1 ? 'one' : past }} of them: they will lack it when
          somebody goes back to them.
        </template>
      </p>
      <p v-if="problem" class="must" role="alert">{{ said(problem) }}</p>
      <div class="row-flex foot">
        <v-btn class="danger" @click="remove">Remove for good</v-btn>
        <v-btn @click="asking = false">Leave them<span class="kbd">Esc</span></v-btn>
      </div>
    </SheetDialog>
  </section>
</template>

<style scoped>
td {
  max-width: 340px;
}
section {
  margin-top: 30px;
}
.box {
  width: 30px;
}
.size {
  text-align: right;
  white-space: nowrap;
}
</style>
