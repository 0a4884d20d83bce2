<script setup lang="ts">
import { counted } from '@/words/counted'
import { useNewPageHere } from './useNewPage'

/** The names of several pages, and what will stand where they are made. */
defineProps<{ place: string }>()
const { form, named } = useNewPageHere()
</script>

<template>
  <v-textarea
    id="new-name"
    v-model="form.names"
    v-focus
    rows="6"
    dir="auto"
    placeholder="One name on each line"
    aria-describedby="names-help"
  />
  <p id="names-help" class="label">
    After a bar, what somebody searching should know: Opening times | When the dome is open
  </p>
  <section v-if="named.length" class="made" aria-label="What will be made">
    <p class="label">{{ place }}: {{ counted(named.length, 'page') }}, at most 200</p>
    <ul>
      <li v-for="(p, n) in named" :key="n">
        <b class="cut" dir="auto">{{ p.title }}</b>
        <span class="quiet cut" dir="auto">{{ p.description ?? 'no search description' }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.made {
  padding: 8px 0 0;
}
ul {
  list-style: none;
  max-height: 190px;
  overflow-y: auto;
  border-inline-start: 2px solid var(--line);
  padding-inline-start: 10px;
}
li {
  display: grid;
  font-size: 13px;
  line-height: 18px;
  padding: 2px 0;
}
b {
  font-weight: 500;
}
</style>
