<script setup lang="ts">
import { inputOf } from '@/look/targets'
import { ref } from 'vue'
import { freshId, post } from '@/api/client'
import { said } from '@/api/said'
import type { TokensRead } from '@/api/types'
import NamingSheet from '@/edit/NamingSheet.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** A file of design tokens becomes a look among the others; what no setting is made of is named first. */
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const name = ref('')
const read = ref<TokensRead | null>(null)
const trouble = ref('')
const TOLD = 6

async function look(event: Event) {
  const file = inputOf(event).files?.[0]
  if (!file) return
  read.value = null
  const answer = await post(
    '/api/sites/{site}/theme/tokens',
    { path: { site: site.id } },
    { json: await file.text() },
  )
  trouble.value = answer.ok ? '' : said(answer.problem)
  if (!answer.ok) return
  read.value = answer.value
  name.value ||= file.name.replace(/(\.tokens)?\.json$/, '')
}
const bring = (words: string) =>
  site.give({
    verb: 'bring-look',
    id: freshId(),
    name: words,
    settings: read.value?.settings ?? {},
  })
</script>

<template>
  <NamingSheet
    v-model="name"
    heading="Bring in design tokens"
    act="Bring it in"
    :lacks="!read"
    :give="bring"
    @close="emit('close')"
  >
    <template #note>
      <label class="label" for="tokens">A file in the Design Tokens format (DTCG 2025.10)</label>
      <input id="tokens" type="file" accept=".json,application/json" @change="look" />
      <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
      <p v-if="read" class="quiet gap" role="status">
        {{ counted(Object.keys(read.settings).length, 'setting') }} read; the rest is as built in.
        <template v-if="read.unknown.length">
          {{ counted(read.unknown.length, 'token') }} that no setting is made of:
          {{ read.unknown.slice(0, TOLD).join(', ') }}{{ read.unknown.length > TOLD ? ' …' : '' }}.
        </template>
      </p>
    </template>
    <p class="quiet">It stands among the looks and changes no page until it is worn.</p>
  </NamingSheet>
</template>
