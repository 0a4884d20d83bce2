<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { LetterDetail, LettersTold } from '@/api/types'
import { counted } from '@/words/counted'
import { whenWords } from '@/words/whenWords'
import { howLong, reached } from './letterWords'
import type { LetterDeed } from './useLetterDeeds'

/** A letter on its way, or gone: how many have it, who refused, and of whom nobody knows. */
const props = defineProps<{
  told: LettersTold
  detail: LetterDetail
  busy: boolean
  act: (deed: LetterDeed) => Promise<boolean>
  pace: (rate: number) => Promise<boolean>
  decide: (subscribers: string[], again: boolean) => Promise<boolean>
}>()
const emit = defineEmits<{ remove: [] }>()
const row = computed(() => props.detail.row)
const at = computed(() => reached(row.value))
const going = computed(() => row.value.state === 'SENDING')
const rate = ref(row.value.rate)
watch(
  () => row.value.rate,
  (now) => (rate.value = now),
)
const list = computed(() => props.told.lists.find((l) => l.id === row.value.list)?.name ?? '')
const said = computed(() => {
  if (row.value.state === 'SENT') return `Sent ${whenWords(row.value.started ?? '')}`
  if (row.value.state === 'STOPPED') return 'Stopped'
  return row.value.next && row.value.trouble ? 'Waits' : 'On its way'
})
const unsure = computed(() => props.detail.unsure.map((u) => u.subscriber))
function setRate() {
  const wanted = Math.round(Number(rate.value))
  if (wanted !== row.value.rate) void props.pace(wanted)
}
</script>

<template>
  <section class="gone" aria-label="The letter">
    <p class="label">{{ said }}</p>
    <h2 class="subject" dir="auto">{{ row.subject }}</h2>
    <p class="quiet small">{{ row.made }} · to {{ list }}</p>
    <div class="way" role="status">
      <div
        class="bar"
        role="progressbar"
        :aria-valuenow="at.all - at.waiting"
        aria-valuemin="0"
        :aria-valuemax="at.all"
        aria-label="How far it is"
      >
        <i class="have" :style="{ flexGrow: at.have }" />
        <i class="not" :style="{ flexGrow: at.refused + at.left }" />
        <i class="doubt" :style="{ flexGrow: at.unsure }" />
        <i :style="{ flexGrow: at.waiting }" />
      </div>
      <dl>
        <dt>Have it</dt>
        <dd>{{ at.have }}</dd>
        <template v-if="at.waiting"
          ><dt>Wait for it</dt>
          <dd>{{ at.waiting }}</dd></template
        >
        <template v-if="at.refused"
          ><dt>Refused</dt>
          <dd class="should">{{ at.refused }}</dd></template
        >
        <template v-if="at.left"
          ><dt>Left meanwhile</dt>
          <dd>{{ at.left }}</dd></template
        >
        <template v-if="at.unsure"
          ><dt>Unsure</dt>
          <dd class="should">{{ at.unsure }}</dd></template
        >
      </dl>
    </div>
    <p v-if="row.trouble" class="should small" role="alert">
      {{ row.trouble }}<template v-if="going && row.next"> · tried again {{ whenWords(row.next) }}</template>
    </p>
    <template v-if="row.state !== 'SENT'">
      <label class="rate"
        >At most
        <input v-model="rate" class="boxed" type="number" min="1" max="6000" @change="setRate" />
        a minute</label
      >
      <p v-if="going && !row.trouble" class="quiet small">
        The rest goes {{ howLong(at.waiting, row.rate) }}.
      </p>
      <div class="row-flex">
        <v-btn v-if="going" :disabled="busy" @click="act('stop')">Stop</v-btn>
        <v-btn v-if="!going || row.trouble" class="yes" :disabled="busy" @click="act('on')">{{
          going ? 'Try now' : 'Go on'
        }}</v-btn>
      </div>
    </template>
    <div v-if="detail.unsure.length" class="some">
      <h3>Unsure</h3>
      <p class="quiet small">
        The server stopped, or the line was cut, while
        {{ unsure.length === 1 ? 'this one was' : 'these were' }}
        written to. Nobody knows whether they have it, so it is not sent to them again by itself.
      </p>
      <ul>
        <li v-for="u in detail.unsure" :key="u.subscriber" class="row-flex">
          <span class="grow cut">{{ u.email }}</span>
          <button type="button" class="textlink" @click="decide([u.subscriber], false)">Has it</button>
          <button type="button" class="textlink" @click="decide([u.subscriber], true)">Send again</button>
        </li>
      </ul>
      <div v-if="unsure.length > 1" class="row-flex">
        <v-btn :disabled="busy" @click="decide(unsure, true)">Send again to all {{ unsure.length }}</v-btn>
        <v-btn :disabled="busy" @click="decide(unsure, false)">All have it</v-btn>
      </div>
    </div>
    <details v-if="detail.refused.length" class="some">
      <summary>{{ counted(at.refused, 'refusal') }}, as the mail server said it</summary>
      <ul>
        <li v-for="r in detail.refused" :key="r.subscriber">
          <b class="cut">{{ r.email }}</b>
          <span class="quiet">{{ r.said }}</span>
        </li>
      </ul>
    </details>
    <button v-if="!going" type="button" class="textlink small last" @click="emit('remove')">
      Remove this letter
    </button>
  </section>
</template>

<style scoped>
.gone {
  width: 348px;
  flex: none;
  overflow-y: auto;
  padding: 18px 20px 20px;
  border-right: 1px solid var(--line);
}
.subject {
  font: 600 21px/27px var(--display);
  overflow-wrap: anywhere;
}
.small {
  font-size: 13px;
  line-height: 19px;
}
.way {
  margin: 18px 0 14px;
}
.bar {
  display: flex;
  height: 8px;
  border-radius: 4px;
  overflow: hidden;
  background: var(--line2);
}
.bar i {
  flex-basis: 0;
}
.have {
  background: var(--juniper);
}
.not {
  background: var(--quiet);
}
.doubt {
  background: var(--ochre);
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 12px;
  margin-top: 12px;
}
dt {
  color: var(--quiet);
}
dd {
  font-weight: 600;
  text-align: right;
}
.rate {
  display: flex;
  align-items: center;
  gap: 8px;
  margin: 12px 0;
}
.rate input {
  width: 88px;
}
.row-flex {
  gap: 10px;
  margin-top: 10px;
}
.some {
  margin-top: 20px;
  padding-top: 14px;
  border-top: 1px solid var(--line);
}
.some h3 {
  font-size: 15px;
}
ul {
  list-style: none;
  margin: 8px 0;
  font-size: 13.5px;
}
li {
  padding: 5px 0;
  overflow-wrap: anywhere;
}
li b {
  display: block;
}
.last {
  margin-top: 22px;
}
@media (max-width: 1100px) {
  .gone {
    width: 288px;
  }
}
@media (max-width: 820px) {
  .gone {
    width: 100%;
    border-right: 0;
    border-bottom: 1px solid var(--line);
  }
}
</style>
