<script setup lang="ts">
import { computed } from 'vue'
import type { Installation } from '@/api/types'
import { weight } from '@/media/weight'
import { whenWords } from '@/words/whenWords'

/** What the installation holds, as parts of one bar, and what runs it. */
const props = defineProps<{ told: Installation }>()
const parts = computed(() => {
  const { database, history, media } = props.told.sizes
  const past = Math.min(history, database)
  return [
    { key: 'media', title: 'Pictures and files', bytes: media },
    { key: 'now', title: 'Pages, people and the record', bytes: database - past },
    { key: 'past', title: 'History', bytes: past },
  ]
})
const whole = computed(() => parts.value.reduce((sum, p) => sum + p.bytes, 0))
</script>

<template>
  <section aria-labelledby="held">
    <h2 id="held">It holds {{ weight(whole) }}</h2>
    <div class="bar" aria-hidden="true">
      <span v-for="p in parts" :key="p.key" :class="p.key" :style="{ flexGrow: p.bytes }"></span>
    </div>
    <dl>
      <template v-for="p in parts" :key="p.key">
        <dt><span class="key" :class="p.key" aria-hidden="true"></span>{{ p.title }}</dt>
        <dd>{{ weight(p.bytes) || 'nothing' }}</dd>
      </template>
      <dt class="rest">Left on the disk</dt>
      <dd class="rest">{{ weight(told.free) }}</dd>
    </dl>
    <p class="quiet runs">
      Venue {{ told.version }} on Java {{ told.java }}, running since {{ whenWords(told.since) }}.
    </p>
  </section>
</template>

<style scoped>
h2 {
  line-height: 30px;
}
.bar {
  forced-color-adjust: none;
  display: flex;
  gap: 2px;
  height: 14px;
  margin-top: 12px;
}
.bar span {
  min-width: 2px;
  flex-basis: 0;
}
.media {
  background: var(--juniper);
}
.now {
  background: var(--ink);
}
.past {
  background: var(--quiet);
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  margin: 14px 0 0;
}
dt,
dd {
  margin: 0;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
dd {
  text-align: right;
}
.key {
  display: inline-block;
  width: 10px;
  height: 10px;
  margin-right: 9px;
}
.runs {
  margin-top: 14px;
}
</style>
