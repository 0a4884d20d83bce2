<script setup lang="ts">
import { ref } from 'vue'
import type { Outcome } from '@/api/client'
import { said } from '@/api/said'
import type { Answer, PatternDetail } from '@/api/types'
import GroupChoice from '@/galley/GroupChoice.vue'
import SheetDialog from '@/look/SheetDialog.vue'

/** What a pattern is for, and the group under which it is offered. */
const props = defineProps<{
  pattern: PatternDetail
  give: (to: { group: string; note: string }) => Promise<Outcome<Answer>>
}>()
const emit = defineEmits<{ close: [] }>()
const note = ref(props.pattern.note)
const group = ref(props.pattern.group)
const trouble = ref('')

async function keep() {
  const answer = await props.give({ group: group.value, note: note.value })
  if (answer.ok) emit('close')
  else trouble.value = said(answer.problem)
}
</script>

<template>
  <SheetDialog
    :title="`What ${pattern.name} is for`"
    size="narrow"
    form
    @submit="keep"
    @close="emit('close')"
  >
    <label class="label" for="pattern-note">In a line, for whoever chooses it</label>
    <v-text-field
      id="pattern-note"
      v-model="note"
      v-focus
      dir="auto"
      counter="200"
      :error-messages="trouble"
      placeholder="To begin a page that sells one thing"
      @update:model-value="trouble = ''"
    />
    <GroupChoice v-model="group" />
    <div class="row-flex gap">
      <v-btn type="submit" class="yes">Keep it</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>
