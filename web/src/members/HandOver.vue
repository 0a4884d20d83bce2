<script setup lang="ts">
import { ref } from 'vue'

/** A link that is told once, to be handed over where no letters are sent. */
const props = defineProps<{ address: string }>()
const copied = ref(false)
async function copy() {
  await navigator.clipboard.writeText(props.address)
  copied.value = true
}
</script>

<template>
  <div class="over">
    <p>Hand this address over yourself: no letters are sent from here. It is good once.</p>
    <p class="mono">{{ address }}</p>
    <v-btn @click="copy">{{ copied ? 'Copied' : 'Copy it' }}</v-btn>
  </div>
</template>

<style scoped>
.over {
  border-left: 3px solid var(--juniper);
  background: var(--juniper-wash);
  padding: 10px 14px;
  display: grid;
  gap: 8px;
  justify-items: start;
}
.mono {
  overflow-wrap: anywhere;
}
</style>
