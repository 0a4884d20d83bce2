<script setup lang="ts">
import type { AddressTrail } from '@/api/types'
import { passedBy, STOPS, trailWords } from './trailWords'

/** The way of an address to what answers, as along a line: each stop, and at the end what visitors get. */
defineProps<{ trail: AddressTrail }>()
const ENDS: Record<string, string> = {
  SERVED: 'good',
  ELSEWHERE: 'good',
  HIDDEN: 'should',
  GONE: 'should',
  NOTHING: 'must',
}
</script>

<template>
  <div>
    <ol class="line">
      <li v-for="(s, i) in trail.stops" :key="i" :class="ENDS[s.kind]">
        <b>{{ STOPS[s.kind] }}</b>
        <i aria-hidden="true" />
        <router-link
          v-if="s.page"
          class="textlink two-lines"
          :to="{ name: 'page', params: { page: s.page } }"
          dir="auto"
          >{{ s.title }}</router-link
        >
        <span v-else class="mono">{{ s.address }}</span>
        <small v-if="s.by && s.by !== trail.stops[i - 1]?.address" class="mono quiet">by {{ s.by }}</small>
        <small v-for="w in passedBy(s.kind)" :key="w" class="pale">{{ w }}</small>
      </li>
    </ol>
    <p aria-live="polite">{{ trailWords(trail) }} <slot /></p>
  </div>
</template>

<style scoped>
.line {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  row-gap: 18px;
  margin: 20px 0 14px;
}
li {
  flex: 1 1 0;
  min-width: 130px;
  max-width: 320px;
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 6px;
  text-align: center;
  overflow-wrap: anywhere;
  padding: 0 8px;
  position: relative;
  font-size: 13px;
}
i {
  width: 11px;
  height: 11px;
  border-radius: 50%;
  background: var(--ink);
  position: relative;
  z-index: 1;
}
li::before {
  content: '';
  position: absolute;
  top: 31px;
  left: 0;
  right: 0;
  height: 1px;
  background: var(--ink);
}
.pale {
  color: var(--quiet);
  border-inline-start: 1px solid var(--line);
  padding-inline-start: 6px;
}
.good::before {
  background: var(--juniper);
  height: 3px;
  top: 30px;
}
.good i {
  background: var(--juniper);
}
.good b {
  color: var(--juniper);
}
.should i {
  background: var(--ochre);
}
.should b {
  color: var(--ochre);
}
.must i {
  background: var(--brick);
}
.must b {
  color: var(--brick);
}
@media (max-width: 600px) {
  .line {
    display: block;
  }
  li {
    max-width: none;
    grid-template-columns: 12px 1fr;
    justify-items: start;
    text-align: start;
    padding: 6px 0;
    column-gap: 12px;
  }
  i {
    grid-row: 1;
    grid-column: 1;
    align-self: center;
  }
  li > :nth-child(n + 3) {
    grid-column: 2;
  }
  li::before,
  .good::before {
    left: 5px;
    right: auto;
    top: 0;
    bottom: 0;
    width: 1px;
    height: auto;
  }
  li:last-child::before {
    bottom: 50%;
  }
}
</style>
