<script setup lang="ts">
import { ref } from 'vue'
import { post } from '@/api/client'
import { said } from '@/api/said'
import type { AskedRelease } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** What was asked for is given back, with a word. */
const props = defineProps<{ asked: AskedRelease }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const word = ref('')
const problem = ref('')
async function give() {
  const answer = await post(
    '/api/sites/{site}/releases/asked/{id}/back',
    { path: { site: site.id, id: props.asked.id } },
    { word: word.value },
  )
  if (answer.ok) emit('close')
  else problem.value = said(answer.problem)
}
</script>

<template>
  <SheetDialog :title="`Give back to ${asked.by}`" size="narrow" form @submit="give" @close="emit('close')">
    <p class="gap">
      {{ asked.by }} asks for {{ counted(asked.items.length, 'item') }}: <q dir="auto">{{ asked.word }}</q>
    </p>
    <v-text-field
      v-model="word"
      v-focus
      aria-label="What is still to be done"
      placeholder="What is still to be done"
      maxlength="300"
    />
    <p class="quiet small">Nothing of it is lost: it goes on waiting, and can be asked for again.</p>
    <p v-if="problem" class="must" role="alert">{{ problem }}</p>
    <div class="row-flex foot">
      <v-btn type="submit" class="yes" :disabled="!word.trim()">Give it back</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>
