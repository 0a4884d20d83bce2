<script setup lang="ts">
import { inputOf } from '@/look/targets'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, onMounted, ref } from 'vue'
import { get, post } from '@/api/client'
import type { SentProof } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { whenWords } from '@/words/whenWords'
import { useSite } from '@/site/useSite'

/** A link by which somebody without an account sees a page as it is in the working copy, or the whole live site. */
const props = defineProps<{ page: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const notices = useNotices()
const sent = ref<SentProof[]>([])
const days = ref(7)
const address = ref('')
const copied = ref(false)
const here = () => ({ site: site.id, id: props.page })
const whole = computed(() => props.page === 'site')
const CHOICES = [
  { value: 1, title: 'one day' },
  { value: 7, title: 'a week' },
  { value: 30, title: 'thirty days' },
]

onMounted(load)
async function load() {
  const answer = await get('/api/sites/{site}/pages/{id}/sent', { path: here() })
  if (answer.ok) sent.value = answer.value
}
async function make() {
  const answer = await post('/api/sites/{site}/pages/{id}/sent', { path: here() }, { days: days.value })
  if (!answer.ok) return notices.refuse(answer.problem)
  address.value = answer.value.address
  copied.value = await copy(address.value)
  await load()
}
async function copy(words: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(words)
    return true
  } catch {
    return false
  }
}
async function withdraw(id: string) {
  const answer = await post('/api/sites/{site}/pages/{id}/sent/{proof}/withdraw', {
    path: { ...here(), proof: id },
  })
  if (!answer.ok) return notices.refuse(answer.problem)
  sent.value = answer.value
  address.value = ''
}
</script>

<template>
  <SheetDialog :title="whole ? 'A link to look' : 'Send a proof'" @close="emit('close')">
    <template #beside>
      <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
    </template>
    <p class="quiet words">
      {{
        whole
          ? 'Whoever has the link sees the whole live site, with all that is closed.'
          : 'Whoever has the link sees this page as it is in the working copy, with later changes, and nothing else.'
      }}
      No account is needed; search engines are kept out.
    </p>
    <form class="row-flex" @submit.prevent="make">
      <span>Good for</span>
      <ChoiceOf v-model="days" :items="CHOICES" label="Good for" class="grow" />
      <v-btn type="submit" class="yes">Make a link</v-btn>
    </form>
    <p v-if="address" class="made" role="status">
      <input :value="address" readonly aria-label="The link" @focus="inputOf($event).select()" />
      <span class="label">{{
        copied ? 'Copied. It is told this once.' : 'Copy it now: it is told this once.'
      }}</span>
    </p>
    <ul v-if="sent.length">
      <li v-for="s in sent" :key="s.id" class="row-flex">
        <span class="grow"
          >Sent by {{ s.who }}, {{ whenWords(s.at) }} · good until {{ whenWords(s.until) }}</span
        >
        <button type="button" class="textlink" @click="withdraw(s.id)">Withdraw</button>
      </li>
    </ul>
    <p v-else class="quiet">No link {{ whole ? 'to the site' : 'to this page' }} is out.</p>
  </SheetDialog>
</template>

<style scoped>
.words {
  margin: 8px 0 14px;
}
.made {
  margin: 14px 0;
}
.made input {
  width: 100%;
  border: 1px solid var(--juniper);
  border-radius: 3px;
  background: var(--juniper-wash);
  color: inherit;
  font: 12px/20px var(--code);
  padding: 5px 9px;
}
ul {
  list-style: none;
  margin-top: 14px;
  border-top: 1px solid var(--line);
}
li {
  padding: 7px 0;
  border-bottom: 1px solid var(--line2);
}
</style>
