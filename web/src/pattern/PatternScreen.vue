<script setup lang="ts">
import { useSite } from '@/site/useSite'
import { question } from '@/api/client'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { patternSheet } from '@/galley/Sheet'
import WrittenScreen from '@/galley/WrittenScreen.vue'
import WordOf from '@/help/WordOf.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useCopies } from '@/site/useCopies'
import PatternStrip from './PatternStrip.vue'
import { standing } from './standing'
import { usePattern } from './usePattern'

const route = useRoute()
const id = computed(() => String(route.params.pattern ?? ''))
const site = useSite()
const copies = useCopies(
  computed(() =>
    question('/api/sites/{site}/patterns/{id}/copies', { path: { site: site.id, id: id.value } }),
  ),
)
const sample = ref(false)
const WAYS = [
  { value: false, title: 'as it comes' },
  { value: true, title: 'sample words' },
]
const { pattern, html, problem } = usePattern(id, sample)
const sheet = computed(() => patternSheet(pattern.value, sample.value))
</script>

<template>
  <WrittenScreen :id="id" noun="pattern" :sheet="sheet" :html="html" :problem="problem">
    <template #strip><PatternStrip v-if="pattern" :pattern="pattern" :copies="copies" /></template>
    <template #reach>
      Pages take a copy, which is theirs: what is changed here reaches them by
      <WordOf word="roll-out">roll-out</WordOf> alone{{ copies ? `. ${standing(copies)}` : '' }}.
    </template>
    <template #looked>
      <span>Looked at</span>
      <ChoiceOf v-model="sample" :items="WAYS" label="Looked at" />
    </template>
  </WrittenScreen>
</template>
