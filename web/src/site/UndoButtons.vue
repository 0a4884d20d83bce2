<script setup lang="ts">
import { useSite } from './useSite'
import { useEdits } from '@/edit/useEdits'

/** Takes back and does again, with the name of what it would be. */
const site = useSite()
const edits = useEdits()
</script>

<template>
  <v-btn
    :disabled="!site.standing?.undo"
    :title="site.standing?.undo ? `Undo “${site.standing.undo}”` : ''"
    @click="edits.turn(site.id, 'undo')"
  >
    <span class="undo cut">↶ {{ site.standing?.undo ? `Undo “${site.standing.undo}”` : 'Undo' }}</span>
  </v-btn>
  <v-btn
    :disabled="!site.standing?.redo"
    aria-label="Redo"
    :title="site.standing?.redo ? `Redo “${site.standing.redo}”` : 'Redo'"
    @click="edits.turn(site.id, 'redo')"
    >↷</v-btn
  >
</template>

<style scoped>
.undo {
  max-width: 150px;
}
@media (max-width: 1240px) {
  .undo {
    max-width: 70px;
  }
}
</style>
