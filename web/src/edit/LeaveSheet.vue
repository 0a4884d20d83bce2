<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { counted } from '@/words/counted'
import { useEdits } from './useEdits'

/** Whoever signs out is told what of theirs has not been sent. */
const emit = defineEmits<{ leave: []; close: [] }>()
const edits = useEdits()
</script>

<template>
  <SheetDialog title="Not everything is sent" size="narrow" @close="emit('close')">
    <p>
      {{ counted(edits.waiting, 'edit of yours waits', 'edits of yours wait') }} here. Nobody else can see or
      send {{ edits.waiting === 1 ? 'it' : 'them' }}: what waits stays in this browser under your name and is
      sent when you sign in here again.
    </p>
    <div class="row-flex foot">
      <v-btn v-focus class="yes" @click="emit('close')">Stay</v-btn>
      <v-btn @click="emit('leave')">Sign out all the same</v-btn>
    </div>
  </SheetDialog>
</template>
