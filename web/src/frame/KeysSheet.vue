<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { letterKeys } from '@/look/keys'

const open = defineModel<boolean>({ required: true })
const groups = [
  {
    name: 'Everywhere',
    keys: [
      ['Ctrl K', 'The index: find anything by name'],
      ['Ctrl Z', 'Undo your last step'],
      ['Ctrl Shift Z', 'Do it again'],
      ['?', 'Help on this screen'],
    ],
  },
  {
    name: 'Plan',
    keys: [
      ['↑ ↓', 'Choose a page'],
      ['← →', 'Fold and unfold'],
      ['Home End', 'First and last page'],
      ['Shift ↑ ↓, Ctrl click', 'Choose several'],
      ['Enter', 'Open the page'],
      ['N', 'New page beneath'],
      ['Shift N', 'New page after'],
      ['F2', 'Rename'],
      ['M', 'Pick it up to move it'],
      ['↑ ↓ ← →', 'Move what is picked up'],
      ['Enter, Esc', 'Put it down, put it back'],
      ['Tab', 'The marks of its row'],
      ['T', 'Fitting: try templates'],
      ['D', 'Duplicate the page or its branch'],
      ['H', 'Make it the home page'],
      ['L', 'Next lens'],
      ['Space', 'Proof, large'],
      ['Delete', 'Remove'],
    ],
  },
  {
    name: 'Galley',
    keys: [
      ['Enter', 'From a card into its words'],
      ['Esc', 'From the words to the card, and back to the Plan'],
      ['I', 'Insert a section after'],
      ['D', 'Duplicate'],
      ['Alt ↑ ↓', 'Move the section'],
      ['Delete', 'Remove the section'],
      ['M', 'Marks in the proof'],
    ],
  },
  {
    name: 'Answers',
    keys: [
      ['↑ ↓', 'From row to row'],
      ['Enter', 'Into the answer'],
      ['Esc', 'Back to its row'],
    ],
  },
  { name: 'Theme', keys: [['B', 'Hold to see it as it was']] },
]
</script>

<template>
  <SheetDialog v-if="open" title="Keys" size="wide" @close="open = false">
    <template #beside>
      <v-btn @click="open = false">Close<span class="kbd">Esc</span></v-btn>
    </template>
    <p class="quiet gap">Letters are keys while no field has focus, and not on a screen that is touched.</p>
    <div class="columns">
      <section v-for="g in groups" :key="g.name">
        <h3>{{ g.name }}</h3>
        <dl>
          <template v-for="[key, what] in g.keys" :key="key">
            <dt>
              <span class="kbd">{{ key }}</span>
            </dt>
            <dd>{{ what }}</dd>
          </template>
        </dl>
      </section>
    </div>
    <v-checkbox
      v-model="letterKeys"
      label="Single letters act as keys, where focus stands in the Plan or a galley"
    />
  </SheetDialog>
</template>

<style scoped>
.columns {
  columns: 2;
  column-gap: 32px;
  margin-top: 12px;
}
section {
  break-inside: avoid;
  margin-bottom: 16px;
}
dl {
  display: grid;
  grid-template-columns: 100px 1fr;
  gap: 5px;
  margin-top: 6px;
}
dt .kbd {
  margin: 0;
}
</style>
