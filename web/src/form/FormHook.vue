<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { ref, watch } from 'vue'
import { get, post } from '@/api/client'
import { said } from '@/api/said'
import type { FormHook } from '@/api/types'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { whenWords } from '@/words/whenWords'

/** Where answers are handed on: the secret by which the other machine knows them, and what came of each. */
const props = defineProps<{ form: string; to: string }>()
const site = useSite()
const session = useSession()
const hook = ref<FormHook | null>(null)
const trouble = ref('')
const shown = ref(false)
const at = () => ({ path: { site: site.id, id: props.form } })
async function load() {
  const answer = await get('/api/sites/{site}/forms/{id}/hook', at())
  trouble.value = answer.ok ? '' : said(answer.problem)
  if (answer.ok) hook.value = answer.value
}
async function again() {
  const answer = await post('/api/sites/{site}/forms/{id}/hook/again', at())
  if (answer.ok) hook.value = answer.value
  else trouble.value = said(answer.problem)
}
watch(() => [props.form, props.to], load, { immediate: true })
useIntervalFn(load, 10_000)
async function allow(allowed: boolean) {
  const answer = await post('/api/sites/{site}/forms/{id}/hook/host', at(), { allowed })
  if (answer.ok) hook.value = answer.value
  else trouble.value = said(answer.problem)
}
const isTaken = (words: string) => words === 'taken'
</script>

<template>
  <section class="hook" aria-label="Answers handed on">
    <p v-if="trouble" class="should" role="alert">{{ trouble }}</p>
    <template v-if="hook">
      <p class="label">
        Each comes as JSON, with the header <code>Venue-Signed</code>: the second (Unix time), a space, and
        the HMAC-SHA256 of that second, a dot and what was sent, by this secret:
      </p>
      <p class="row-flex">
        <code v-if="shown" class="secret">{{ hook.secret }}</code>
        <button type="button" class="textlink" @click="shown = !shown">
          {{ shown ? 'hide it' : 'show the secret' }}
        </button>
      </p>
      <p v-if="hook.host" class="label">
        <template v-if="hook.allowed">
          {{ hook.host }} is asked wherever it stands, also where it is this machine or in a private network.
        </template>
        <template v-else>
          Where {{ hook.host }} is this machine or stands in a private network it isn’t asked, unless an owner
          allows it.
        </template>
        <button v-if="session.person?.owner" type="button" class="textlink" @click="allow(!hook.allowed)">
          {{ hook.allowed ? 'No longer' : 'Allow it' }}
        </button>
      </p>
      <ol v-if="hook.calls.length" class="calls" aria-label="What came of it">
        <li v-for="c in hook.calls" :key="c.id" class="row-flex">
          <span class="grow cut" :title="c.said">
            No. {{ c.number }}:
            <span :class="{ should: c.tries && !isTaken(c.said) }">{{ c.said || 'waits' }}</span>
          </span>
          <span class="quiet">
            {{
              c.next && c.tries
                ? `again ${whenWords(c.next)}`
                : isTaken(c.said)
                  ? whenWords(c.at)
                  : c.next
                    ? ''
                    : 'given up'
            }}
          </span>
        </li>
      </ol>
      <p v-else class="label">Nothing was handed on yet.</p>
      <v-btn v-if="hook.calls.some((c) => c.tries && !isTaken(c.said))" @click="again">Try again now</v-btn>
    </template>
  </section>
</template>

<style scoped>
.hook {
  display: grid;
  gap: 10px;
}
.secret {
  overflow-wrap: anywhere;
  user-select: all;
}
.calls {
  display: grid;
  gap: 4px;
  padding: 0;
  list-style: none;
  font-size: 13.5px;
}
</style>
