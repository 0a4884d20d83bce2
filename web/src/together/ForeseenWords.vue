<script setup lang="ts">
import type { Coming } from '@/api/types'
import { counted } from '@/words/counted'

/** What would come of something, in words: addresses, what will lead on, menus, shelves, and what is refused with its reason. */
defineProps<{ coming: Coming; of?: string[] }>()
const FIRST = 6
</script>

<template>
  <ul class="coming" aria-label="What will change">
    <li v-if="coming.moves">
      <b>{{ counted(coming.moves, 'page gets', 'pages get') }} another address</b>
      <ul class="moves">
        <li v-for="m in coming.moving.slice(0, FIRST)" :key="m.page" class="mono">
          {{ m.from }} → {{ m.to }}
        </li>
        <li v-if="coming.moves > FIRST" class="quiet">and {{ coming.moves - FIRST }} more</li>
      </ul>
    </li>
    <li v-if="coming.leading.on">
      With the next release, {{ counted(coming.leading.on, 'old address leads', 'old addresses lead') }} to
      where the page is now, in one step.
    </li>
    <li v-if="coming.leading.gone">
      With the next release, {{ counted(coming.leading.gone, 'address says', 'addresses say') }} that what
      stood there is gone (410).
    </li>
    <li v-if="coming.rest.menus.length">Lines in {{ coming.rest.menus.join(' and ') }} change with it.</li>
    <li v-if="coming.rest.seen.opened">
      <b>{{ counted(coming.rest.seen.opened, 'page opens', 'pages open') }} to more people</b> than before.
    </li>
    <li v-if="coming.rest.seen.closed">
      {{ counted(coming.rest.seen.closed, 'page is', 'pages are') }} closed to some who could open
      {{ coming.rest.seen.closed === 1 ? 'it' : 'them' }}.
    </li>
    <li v-if="coming.rest.seen.hidden">
      {{ counted(coming.rest.seen.hidden, 'page is', 'pages are') }} not shown to visitors any more, from the
      next release on.
    </li>
    <li v-if="coming.rest.shelved.sections">
      {{ counted(coming.rest.shelved.sections, 'section goes', 'sections go') }} to the
      {{
        coming.rest.shelved.pages === 1
          ? 'shelf of one page'
          : `shelves of ${coming.rest.shelved.pages} pages`
      }}: nothing is lost.
    </li>
    <li v-if="coming.refusals" class="should">
      ◇ {{ counted(coming.refusals, 'page is', 'pages are') }} left out:
      <ul>
        <li v-for="r in coming.refused.slice(0, FIRST)" :key="r.at">
          <b v-if="of">{{ of[r.at] }}: </b>{{ r.says }} {{ r.fix }}
        </li>
        <li v-if="coming.refusals > FIRST">and {{ coming.refusals - FIRST }} more</li>
      </ul>
    </li>
  </ul>
</template>

<style scoped>
.coming {
  padding-left: 18px;
  margin: 8px 0;
}
.coming > li {
  margin: 5px 0;
}
ul ul {
  list-style: none;
  max-height: 190px;
  overflow-y: auto;
  overflow-wrap: anywhere;
}
</style>
