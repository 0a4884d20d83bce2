<script setup lang="ts">
import { ref } from 'vue'
import { post, question } from '@/api/client'
import { said } from '@/api/said'
import type { BinRow } from '@/api/types'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { nearDayWords } from '@/words/dates'

/** The pages that were removed lately, each of which comes back with what stood beneath it and what led to it. */
const emit = defineEmits<{ close: []; back: [page: string] }>()
const site = useSite()
const { value: bin, load } = useItem(() => question('/api/sites/{site}/bin', { path: { site: site.id } }))
const trouble = ref('')
const busy = ref(false)
async function back(row: BinRow) {
  if (busy.value) return
  busy.value = true
  const answer = await post('/api/sites/{site}/bin/back', { path: { site: site.id } }, { page: row.page })
  busy.value = false
  trouble.value = answer.ok ? '' : said(answer.problem)
  if (!answer.ok) return
  await site.refresh()
  await load()
  emit('back', row.page)
}
</script>

<template>
  <SheetDialog title="Bin" size="wide" @close="emit('close')">
    <AwaitedScreen v-if="!bin" />
    <template v-else>
      <p class="quiet gap">
        Removed pages lie here for {{ bin.days }} days, with what stood beneath them and the menu lines that
        led to them. It empties by itself.
      </p>
      <p v-if="!bin.rows.length" class="gap">Nothing lies here.</p>
      <ul v-else>
        <li v-for="r in bin.rows" :key="r.page" class="row-flex">
          <div class="grow">
            <b dir="auto">{{ r.title }}</b> <span class="mono quiet">{{ r.address }}</span>
            <p class="quiet">
              <template v-if="r.pages > 1">with {{ counted(r.pages - 1, 'page') }} beneath it · </template>
              removed {{ nearDayWords(r.time.at) }} by {{ r.who }} · lies here until
              {{ nearDayWords(r.time.until) }}
            </p>
            <p v-if="r.live" class="should">
              ◇ {{ r.pages === 1 ? 'Still live' : `${r.live} of ${r.pages} still live` }}: visitors have it
              until a release takes it off.
            </p>
          </div>
          <v-btn :disabled="busy" :aria-label="`Bring back ${r.title}`" @click="back(r)">Bring back</v-btn>
        </li>
      </ul>
      <p v-if="trouble" class="must gap" role="alert">{{ trouble }}</p>
    </template>
    <div class="row-flex foot">
      <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
ul {
  list-style: none;
  max-height: 420px;
  overflow-y: auto;
  margin-top: 10px;
}
li {
  border-top: 1px solid var(--line2);
  padding: 9px 0;
  overflow-wrap: anywhere;
}
</style>
