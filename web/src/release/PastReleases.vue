<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { get } from '@/api/client'
import type { Logged, ReleaseEntry } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { useDeliveries } from '@/delivery/useDeliveries'
import { weight } from '@/media/weight'
import { counted } from '@/words/counted'
import BeforeAfter from './BeforeAfter.vue'
import EntryPicker from './EntryPicker.vue'
import { cameWords } from './releaseWords'

/** One release beside the one before it, or two compared. */
const props = defineProps<{ numbers: number[]; log: Logged[] }>()
const emit = defineEmits<{ back: [number: number]; close: [] }>()
const site = useSite()
const { all, arrived } = useDeliveries()
const manager = computed(() => useSession().manager)
const entries = ref<ReleaseEntry[]>([])
const more = ref(0)
const at = ref('')
const of = (number?: number) => props.log.find((r) => r.number === number)
const last = computed(() => props.numbers.at(-1) ?? 0)
const first = computed(() => (props.numbers.length > 1 ? (props.numbers[0] ?? 0) : last.value - 1))
const one = computed(() => (props.numbers.length === 1 ? of(last.value) : undefined))
const isLive = computed(() => last.value === site.standing?.release)
watch(() => [first.value, last.value, site.standing?.release], load, { immediate: true })
async function load() {
  entries.value = []
  if (first.value < 1) return
  const answer = await get('/api/sites/{site}/releases/compared', {
    path: { site: site.id },
    query: { before: String(first.value), after: String(last.value) },
  })
  if (!answer.ok) return useNotices().refuse(answer.problem)
  entries.value = answer.value.entries
  more.value = answer.value.more
  at.value = entries.value.find((e) => e.pages.length)?.item ?? entries.value[0]?.item ?? ''
}
const entry = computed(() => entries.value.find((e) => e.item === at.value))
/** A page that went has no page to look at now, but it had one. */
const pages = computed(() => {
  const e = entry.value
  if (!e) return []
  return e.pages.length ? e.pages : e.sort === 'PAGE' ? [e.item] : []
})
/** What went to deliveries for it. */
const sent = computed(() =>
  arrived.value
    .filter((a) => a.release === one.value?.number)
    .map((a) => {
      const name = all.value.find((d) => d.id === a.id)?.name
      return name ? `${name}: ${counted(a.objects, 'object')}, ${weight(a.bytes)}` : ''
    })
    .filter(Boolean),
)
const side = (number: number) => ({ of: String(number), word: `release ${number}` })
</script>

<template>
  <div class="past">
    <header>
      <div class="grow">
        <h2 v-if="one">Release {{ one.number }}<span v-if="isLive" class="state LIVE"> ● live</span></h2>
        <h2 v-else>Release {{ first }} and release {{ last }}</h2>
        <p v-if="one" class="quiet">
          {{ cameWords(one) }} · by {{ one.who }} · {{ counted(one.changes, 'item')
          }}<template v-if="one.note"> · {{ one.note }}</template
          ><template v-if="sent.length"> · {{ sent.join(', ') }}</template>
        </p>
        <p v-else class="quiet">
          {{ counted(entries.length + more, 'item differs', 'items differ') }} between them
        </p>
      </div>
      <v-btn v-if="one && manager && !isLive" @click="emit('back', one.number)">Go back to it…</v-btn>
      <v-btn @click="emit('close')">What waits<span class="kbd">Esc</span></v-btn>
    </header>
    <p v-if="first < 1" class="quiet none">
      The first release: before it, visitors saw nothing. Choose another one on the line to compare it.
    </p>
    <BeforeAfter
      v-else
      :title="entry?.name ?? ''"
      :pages="pages"
      :more="Math.max(0, (entry?.reaches ?? 0) - pages.length)"
      :before="side(first)"
      :after="side(last)"
    >
      <EntryPicker v-model="at" :entries="entries" :more="more" />
    </BeforeAfter>
  </div>
</template>

<style scoped>
.past {
  display: flex;
  flex-direction: column;
  flex: 1;
  min-height: 0;
  background: var(--table);
}
header {
  display: flex;
  gap: 10px;
  align-items: flex-start;
  padding: 10px 18px;
  background: var(--paper);
  border-bottom: 1px solid var(--line);
}
.none {
  padding: 30px 18px;
}
</style>
