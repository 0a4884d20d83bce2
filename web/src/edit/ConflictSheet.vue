<script setup lang="ts">
import { useEdits } from './useEdits'

const edits = useEdits()
</script>

<template>
  <v-dialog :model-value="edits.conflict !== null" persistent max-width="480">
    <div v-if="edits.conflict" class="sheet">
      <h2>Two of you changed the same thing</h2>
      <p class="gap">{{ edits.conflict.detail }}</p>
      <p class="quiet">Other changes, yours and theirs, are both kept.</p>
      <div class="row-flex gap">
        <v-btn class="yes" @click="edits.conflict?.keepMine()">Keep mine</v-btn>
        <v-btn @click="edits.conflict?.takeTheirs()">Keep theirs</v-btn>
      </div>
    </div>
  </v-dialog>
</template>

<style scoped>
.gap {
  margin: 10px 0;
}
</style>
