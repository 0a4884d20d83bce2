<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { watchDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import ForeseenWords from '@/together/ForeseenWords.vue'
import { useForeseen } from '@/together/useForeseen'
import { useSite } from '@/site/useSite'
import PropertyInput from '@/property/PropertyInput.vue'
import { hasOwnSheet } from '@/parts/ownSheet'
import { useGalley } from '@/galley/useGalley'
import { said } from '@/api/said'

const emit = defineEmits<{ close: [] }>()
const site = useSite()
const galley = useGalley()
const page = computed(() => galley.page.value!)
const settings = computed(() =>
  (site.catalog?.pageSettings ?? []).filter((p) => !hasOwnSheet(p) && p.key !== 'beneathOrder'),
)
const segment = ref(page.value.segment)
const trouble = ref('')

/** What comes of it is told before; over ten addresses it is asked. */
const ASKED = 10
const SOON = 250
const { coming, foresee } = useForeseen()
const sure = ref(false)
const asks = computed(() => (coming.value?.moves ?? 0) > ASKED)
const pending = computed(() => segment.value !== page.value.segment)
let told = ''
async function tell() {
  sure.value = false
  told = segment.value
  if (!pending.value) return
  const answer = await foresee([{ verb: 'set-segment', page: page.value.id, segment: segment.value }])
  const refused = answer?.refused[0]
  trouble.value = refused ? `${refused.says} ${refused.fix}` : ''
}
watchDebounced(segment, () => told !== segment.value && tell(), { debounce: SOON })
async function readdress() {
  if (told !== segment.value) await tell()
  if (!pending.value || (asks.value && !sure.value)) return
  const answer = await site.give(
    { verb: 'set-segment', page: page.value.id, segment: segment.value },
    page.value.id,
  )
  trouble.value = answer.ok ? '' : said(answer.problem)
}
/** What was written of the address is not lost: it is changed, or the sheet stays until it is meant. */
async function done() {
  if (pending.value) await readdress()
  if (!trouble.value && !(asks.value && pending.value && !sure.value)) emit('close')
}
</script>

<template>
  <SheetDialog title="Search text, settings and address" @close="emit('close')">
    <div class="found">
      <div class="mono">{{ site.standing?.origin }}{{ page.address }}</div>
      <b>{{ page.searchTitle }}</b>
      <p>{{ page.description || 'No description yet: search engines will pick words of their own.' }}</p>
    </div>
    <template v-for="(p, i) in settings" :key="p.key">
      <p v-if="p.group && p.group !== settings[i - 1]?.group" class="label gap">{{ p.group }}</p>
      <PropertyInput
        :class="{ gap: !p.group }"
        :property="p"
        :value="page.settings[p.key]"
        @change="(v) => galley.set(null, null, p.key, v === '' ? undefined : v)"
        @leave="galley.leave()"
      />
    </template>
    <label class="label" for="segment">Last part of the address</label>
    <v-text-field id="segment" v-model="segment" :error-messages="trouble" @keydown.enter="readdress" />
    <template v-if="pending && coming">
      <ForeseenWords :coming="coming" :of="[page.title]" />
      <v-checkbox v-if="asks" v-model="sure" :label="`All ${coming.moves} addresses are meant`" />
      <v-btn :disabled="asks && !sure" @click="readdress">Change the address</v-btn>
    </template>
    <p v-else-if="page.liveAddress" class="label">
      From the next release on, {{ page.liveAddress }} leads to the new address.
    </p>
    <v-btn class="gap" @click="done">Done</v-btn>
  </SheetDialog>
</template>

<style scoped>
.found {
  border: 1px solid var(--line);
  padding: 10px 12px;
  margin: 10px 0;
  overflow-wrap: anywhere;
}
</style>
