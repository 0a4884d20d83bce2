<script setup lang="ts">
import { nextTick, ref } from 'vue'
import { useSession } from '@/session/useSession'

/** Keeps what the plan is narrowed to by a name, for oneself or for all. */
const emit = defineEmits<{ keep: [name: string, forAll: boolean] }>()
const session = useSession()
const naming = ref(false)
const name = ref('')
const forAll = ref(false)
const input = ref<HTMLInputElement | null>(null)
async function begin() {
  naming.value = true
  await nextTick()
  input.value?.focus()
}
function keep() {
  if (name.value.trim()) emit('keep', name.value, forAll.value)
  naming.value = false
  name.value = ''
}
</script>

<template>
  <form v-if="naming" class="row-flex" @submit.prevent="keep" @keydown.esc.stop="naming = false">
    <input ref="input" v-model="name" class="boxed" maxlength="60" aria-label="What it is called" />
    <v-checkbox v-if="session.manager" v-model="forAll" label="for all" />
    <button type="submit" class="textlink">keep</button>
  </form>
  <button v-else type="button" class="textlink" @click="begin">Keep it as…</button>
</template>

<style scoped>
.boxed {
  width: 140px;
}
</style>
