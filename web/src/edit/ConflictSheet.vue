<script setup lang="ts">
import { computed } from 'vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { sideBySide } from './texts'
import { useEdits } from './useEdits'

/** Two have changed the same: both as they are, and which is to stand. */
const edits = useEdits()
const sides = computed(() => {
  const texts = edits.conflict?.texts
  if (!texts) return []
  const { mine, theirs } = sideBySide(texts)
  return [
    { name: 'Yours', pieces: mine },
    { name: 'Theirs', pieces: theirs },
  ]
})
</script>

<template>
  <SheetDialog
    v-if="edits.conflict !== null"
    title="Two of you changed the same thing"
    :size="sides.length ? 'usual' : 'narrow'"
    stays
  >
    <p class="gap">{{ edits.conflict.detail }}</p>
    <div v-if="sides.length" class="sides">
      <section v-for="s in sides" :key="s.name" :aria-label="s.name">
        <h3 class="label">{{ s.name }}</h3>
        <p dir="auto" tabindex="0">
          <template v-for="(p, i) in s.pieces" :key="i"
            ><mark v-if="p.differs">{{ p.words }}</mark
            ><template v-else>{{ p.words }}</template></template
          ><span v-if="!s.pieces.some((p) => p.words)" class="quiet">nothing</span>
        </p>
      </section>
    </div>
    <p class="quiet">Other changes, yours and theirs, are both kept.</p>
    <div class="row-flex gap">
      <v-btn class="yes" @click="edits.conflict?.keepMine()">Keep mine</v-btn>
      <v-btn @click="edits.conflict?.takeTheirs()">Keep theirs</v-btn>
      <v-btn v-if="edits.conflict.keepBoth" @click="edits.conflict.keepBoth?.()">Theirs, then mine</v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(240px, 100%), 1fr));
  gap: 12px;
  margin: 12px 0;
}
.sides p {
  max-height: 44vh;
  overflow-y: auto;
  border: 1px solid var(--line);
  background: var(--paper);
  padding: 8px 11px;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
.sides p:focus-visible {
  outline: 2px solid var(--juniper);
}
mark {
  background: var(--ochre-wash);
  color: var(--ochre-ink);
}
</style>
