<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { said } from '@/api/said'
import type { Command } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import ForeseenWords from '@/together/ForeseenWords.vue'
import { useForeseen } from '@/together/useForeseen'

/**
 * Something done to many pages at once: what comes of it is told first, and it is one step to take back.
 *
 * @param commands one for each page
 * @param of what each of them is about
 * @param does what each of them does, where that is not the same for all
 */
const props = defineProps<{
  title: string
  yes: string
  name: string
  commands: Command[]
  of: string[]
  does?: string[]
}>()
const FIRST = 12
const emit = defineEmits<{ close: []; done: [] }>()
const site = useSite()
const { coming, problem, foresee } = useForeseen()
const busy = ref(false)
const trouble = ref('')
const ASKED = 10
const sure = ref(false)
/** What is refused is left out: of more than are told, none is known by itself, and so nothing is done. */
const good = computed(() => {
  const refused = new Set(coming.value?.refused.map((r) => r.at))
  return props.commands.filter((_, i) => !refused.has(i))
})
const whole = computed(() => (coming.value?.refusals ?? 0) <= (coming.value?.refused.length ?? 0))
const asks = computed(() => good.value.length > ASKED)
const ready = computed(
  () => !!coming.value && whole.value && good.value.length > 0 && (!asks.value || sure.value) && !busy.value,
)
onMounted(() => foresee(props.commands))
async function go() {
  if (!ready.value) return
  busy.value = true
  const answer = await site.give({ verb: 'together', name: props.name, commands: good.value })
  busy.value = false
  trouble.value = answer.ok ? '' : said(answer.problem)
  if (answer.ok) emit('done')
}
</script>

<template>
  <SheetDialog :title="title" form @submit="go" @close="emit('close')">
    <p v-if="!coming && !problem" class="quiet gap" role="status">Looking at what comes of it…</p>
    <p v-if="problem" class="must gap" role="alert">{{ said(problem) }}</p>
    <template v-if="coming">
      <p v-if="good.length < commands.length" class="gap">
        {{ good.length }} of {{ commands.length }} can be done.
      </p>
      <ul v-if="does" class="does">
        <li v-for="(d, i) in does.slice(0, FIRST)" :key="i">
          <b dir="auto">{{ of[i] }}</b> {{ d }}
        </li>
        <li v-if="does.length > FIRST" class="quiet">and {{ does.length - FIRST }} more</li>
      </ul>
      <ForeseenWords :coming="coming" :of="of" />
      <p v-if="!whole" class="must">More are refused than can be told here. Choose fewer pages.</p>
      <v-checkbox v-if="asks" v-model="sure" :label="`All ${good.length} are meant`" />
      <p v-if="busy" class="quiet" role="status">Doing it…</p>
      <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
      <p class="label">It is undone in one step.</p>
    </template>
    <div class="row-flex foot">
      <v-btn v-focus type="submit" class="yes" :disabled="!ready">{{ yes }}</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.does {
  list-style: none;
  margin-bottom: 10px;
}
</style>
