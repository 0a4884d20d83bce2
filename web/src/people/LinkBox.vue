<script setup lang="ts">
import { inputOf } from '@/look/targets'
import { ref } from 'vue'
import type { LinkMade } from '@/api/types'

/** A link that is told this once, to be copied and handed over. */
const { made } = defineProps<{ made: LinkMade; to: string; good: string }>()
const copied = ref(false)

async function copy() {
  try {
    await navigator.clipboard.writeText(made.link)
    copied.value = true
  } catch {
    copied.value = false
  }
}
</script>

<template>
  <div class="note-box">
    <p v-if="made.sent">The link was sent to {{ to }}. It can also be handed over by hand.</p>
    <p v-else-if="made.trouble" class="must">{{ made.trouble }} Hand the link over by hand.</p>
    <p v-else>Hand this link over to {{ to }}: no mail is set up here.</p>
    <p class="quiet">It is good once, {{ good }}, and is shown this once.</p>
    <div class="row-flex gap">
      <input
        class="grow mono link"
        :value="made.link"
        readonly
        aria-label="Link"
        @focus="inputOf($event).select()"
      />
      <v-btn class="yes" @click="copy">{{ copied ? 'Copied' : 'Copy' }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.link {
  border: 1px solid var(--line);
  background: var(--sheet);
  padding: 5px 8px;
  border-radius: 3px;
}
</style>
