<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { useEdits } from './useEdits'

const edits = useEdits()
</script>

<template>
  <SheetDialog v-if="edits.conflict !== null" title="Two of you changed the same thing" size="narrow" stays>
    <p class="gap">{{ edits.conflict.detail }}</p>
    <p class="quiet">Other changes, yours and theirs, are both kept.</p>
    <div class="row-flex gap">
      <v-btn class="yes" @click="edits.conflict?.keepMine()">Keep mine</v-btn>
      <v-btn @click="edits.conflict?.takeTheirs()">Keep theirs</v-btn>
    </div>
  </SheetDialog>
</template>
