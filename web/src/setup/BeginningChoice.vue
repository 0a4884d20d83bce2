<script setup lang="ts">
import { computed, ref } from 'vue'
import DrawnPage from './DrawnPage.vue'
import type { Offer } from '@/api/types'
import { counted } from '@/words/counted'

/** What a site can begin with: each by its home page, the chosen one page by page. */
const chosen = defineModel<string>({ required: true })
const { offers } = defineProps<{ offers: Offer[] }>()
const FEW = 14
const all = ref(false)
const offer = computed(() => offers.find((o) => o.id === chosen.value) ?? offers[0])
const pages = computed(() => offer.value?.pages ?? [])
const shown = computed(() => (all.value ? pages.value : pages.value.slice(0, FEW)))
const holds = (o: Offer) =>
  [
    counted(o.pages.length, 'page'),
    o.toFill ? counted(o.toFill, 'place to fill', 'places to fill') : '',
    `${o.templates} templates`,
    `${o.patterns} patterns`,
    `${o.kinds} kinds`,
    o.pictures ? `${o.pictures} pictures` : '',
  ]
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <div>
    <p id="begins" class="label">What it begins with</p>
    <div class="three" role="radiogroup" aria-labelledby="begins">
      <label v-for="o in offers" :key="o.id" class="offer" :class="{ on: o.id === chosen }">
        <input v-model="chosen" type="radio" class="unseen" name="begin-with" :value="o.id" />
        <DrawnPage :beginning="o.id" :page="o.home" :title="`${o.name}: its home page`" :tall="1.24" />
        <b class="disp">{{ o.name }}</b>
        <span class="quiet">{{ o.note }}</span>
        <span class="quiet small">{{ holds(o) }}</span>
      </label>
    </div>
    <template v-if="offer">
      <p class="quiet in-turn">
        {{ offer.name }}, page by page, in the look <b>{{ offer.look }}</b>
      </p>
      <ol class="pages">
        <li v-for="p in shown" :key="offer.id + p.id">
          <DrawnPage :beginning="offer.id" :page="p.id" :title="p.title" :tall="1.1" />
          <span class="cut" :title="p.title">{{ p.title }}</span>
        </li>
      </ol>
      <button v-if="pages.length > shown.length" type="button" class="textlink gap" @click="all = true">
        and {{ pages.length - shown.length }} more
      </button>
    </template>
  </div>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 18px;
  margin-top: 8px;
}
.offer {
  display: flex;
  flex-direction: column;
  gap: 4px;
  cursor: pointer;
  position: relative;
}
.offer .disp {
  font-size: 16px;
  margin-top: 6px;
}
.offer.on :deep(.drawn) {
  outline: 2px solid var(--juniper);
  outline-offset: 3px;
}
.offer:focus-within :deep(.drawn) {
  outline: 3px solid var(--juniper);
  outline-offset: 3px;
}
.small {
  font-size: 12.5px;
  line-height: 17px;
}
.in-turn {
  margin: 20px 0 10px;
}
.in-turn b {
  color: var(--ink);
}
.pages {
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(96px, 1fr));
  gap: 12px 10px;
}
.pages li {
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
  font-size: 12.5px;
  line-height: 17px;
}
</style>
