<script setup lang="ts">
import { useTurning } from './useTurning'

/** Takes back and does again, with the name of what it would be and where it acts. */
const { standing, words, turn } = useTurning()
</script>

<template>
  <v-btn :disabled="!standing('undo')" :title="words('undo')" @click="turn('undo')">
    <span class="undo cut">↶ {{ words('undo') }}</span>
  </v-btn>
  <v-btn
    :disabled="!standing('redo')"
    :aria-label="words('redo')"
    :title="words('redo')"
    @click="turn('redo')"
    >↷</v-btn
  >
</template>

<style scoped>
.undo {
  max-width: 190px;
}
@media (max-width: 1240px) {
  .undo {
    max-width: 90px;
  }
}
</style>
