<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { ref } from 'vue'
import type { Outcome } from '@/api/client'
import type { Answer } from '@/api/types'
import { said } from '@/api/said'

/** Something new is given a name, and made; a refusal stands at the name. */
const props = defineProps<{
  heading: string
  act: string
  placeholder?: string
  /** What is chosen beneath the name is not enough yet. */
  lacks?: boolean
  give: (name: string) => Promise<Outcome<Answer>>
}>()
const name = defineModel<string>({ default: '' })
const emit = defineEmits<{ close: [] }>()
const trouble = ref('')
const busy = ref(false)

async function make() {
  if (busy.value) return
  busy.value = true
  const answer = await props.give(name.value)
  busy.value = false
  if (answer.ok) emit('close')
  else trouble.value = said(answer.problem)
}
</script>

<template>
  <SheetDialog :title="heading" size="narrow" form @submit="make" @close="emit('close')">
    <slot name="note" />
    <label class="label" for="naming">Name</label>
    <v-text-field
      id="naming"
      v-model="name"
      v-focus
      dir="auto"
      :placeholder="placeholder"
      :error-messages="trouble"
      @update:model-value="trouble = ''"
    />
    <slot />
    <div class="row-flex foot">
      <v-btn type="submit" class="yes" :disabled="!name.trim() || lacks || busy">{{ act }}</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.label,
:slotted(.label) {
  display: block;
  margin: 12px 0 3px;
}
</style>
