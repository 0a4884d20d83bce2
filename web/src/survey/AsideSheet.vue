<script setup lang="ts">
import { ref } from 'vue'
import { post } from '@/api/client'
import { said } from '@/api/said'
import type { FoundByRule } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** Findings are set aside, with the reason: they count no more until they say something else. */
const props = defineProps<{ found: FoundByRule[] }>()
const emit = defineEmits<{ close: []; done: [] }>()
const site = useSite()
const reason = ref('')
const problem = ref('')
async function put() {
  const findings = props.found.map(({ finding: { rule, item, says } }) => ({ rule, item, says }))
  const answer = await post(
    '/api/sites/{site}/survey/aside',
    { path: { site: site.id } },
    { findings, reason: reason.value },
  )
  if (answer.ok) emit('done')
  else problem.value = said(answer.problem)
}
</script>

<template>
  <SheetDialog title="Set aside" form @submit="put" @close="emit('close')">
    <ul class="gap">
      <li v-for="(f, i) in found.slice(0, 8)" :key="i">
        <b dir="auto">{{ f.name }}</b> {{ f.finding.says }}
      </li>
      <li v-if="found.length > 8" class="quiet">and {{ found.length - 8 }} more</li>
    </ul>
    <v-text-field
      v-model="reason"
      v-focus
      class="gap"
      aria-label="Why it is meant to be so"
      placeholder="Why it is meant to be so"
      maxlength="300"
    />
    <p class="quiet small">
      {{ found.length === 1 ? 'It counts' : `These ${counted(found.length, 'finding')} count` }} no more,
      until {{ found.length === 1 ? 'it says' : 'they say' }} something else. They stand at the end of the
      survey, with the reason, and can be brought back.
    </p>
    <p v-if="problem" class="must" role="alert">{{ problem }}</p>
    <div class="row-flex foot">
      <v-btn type="submit" class="yes" :disabled="!reason.trim()">Set aside</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
ul {
  list-style: none;
}
.small {
  font-size: 12.5px;
  line-height: 17px;
}
</style>
