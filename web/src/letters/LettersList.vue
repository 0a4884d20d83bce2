<script setup lang="ts">
import { computed } from 'vue'
import type { LettersTold } from '@/api/types'
import { standing } from './letterWords'

/** The lists, with how many are on each; then the letters, those that are written or on their way before those that have gone. */
const props = defineProps<{ told: LettersTold; letter: string; list: string }>()
const groups = computed(() =>
  [
    {
      title: 'On their way',
      letters: props.told.letters.filter((l) => l.state === 'SENDING' || l.state === 'STOPPED'),
    },
    { title: 'Being written', letters: props.told.letters.filter((l) => l.state === 'DRAFT') },
    { title: 'Sent', letters: props.told.letters.filter((l) => l.state === 'SENT') },
  ].filter((g) => g.letters.length),
)
</script>

<template>
  <nav class="pile" aria-label="Letters and lists">
    <template v-for="g in groups" :key="g.title">
      <h2 class="label">{{ g.title }}</h2>
      <router-link
        v-for="l in g.letters"
        :key="l.id"
        :to="{ name: 'letters', params: { letter: l.id } }"
        :class="{ on: l.id === letter }"
      >
        <span class="cut" dir="auto">{{ l.subject || 'Without a subject' }}</span>
        <span class="quiet cut" :class="{ should: l.gone.UNSURE || l.trouble }">{{ standing(l) }}</span>
      </router-link>
    </template>
    <h2 class="label">Who gets them</h2>
    <router-link
      v-for="l in told.lists"
      :key="l.id"
      :to="{ name: 'subscribers', params: { list: l.id } }"
      :class="{ on: l.id === list }"
    >
      <span class="cut" dir="auto">{{ l.name }}</span>
      <span class="quiet">{{ l.in }}{{ l.asked ? ` · ${l.asked} not confirmed` : '' }}</span>
    </router-link>
  </nav>
</template>

<style scoped>
.pile {
  width: 232px;
  flex: none;
  border-right: 1px solid var(--line);
  padding: 6px 0 20px;
  overflow-y: auto;
}
.label {
  padding: 14px 18px 4px;
  font-weight: 400;
}
a {
  display: grid;
  padding: 7px 14px 7px 16px;
  border-left: 4px solid transparent;
  color: inherit;
  font: 14px/20px var(--text);
  text-decoration: none;
}
a .quiet {
  font-size: 13px;
}
a.on {
  border-color: var(--juniper);
  background: var(--sheet);
}
a.on > :first-child {
  font-weight: 600;
}
@media (max-width: 1100px) {
  .pile {
    width: 172px;
  }
}
@media (max-width: 820px) {
  .pile {
    width: 100%;
    border-right: 0;
    border-bottom: 1px solid var(--line);
  }
}
</style>
