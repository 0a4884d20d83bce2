<script setup lang="ts">
import { computed } from 'vue'
import type { PageDetail } from '@/api/types'
import { useSite } from '@/site/useSite'

/** Every place in which a page appears or doesn't, each with the reason. */
const props = defineProps<{ page: PageDetail }>()
const site = useSite()
const MARKS = { IN: '●', FOLLOWS: '●', WAITS: '○', OUT: '–' }
const all = computed(() =>
  props.page.places.map((p) => ({ ...p, mark: MARKS[p.how], label: p.menu ? `${p.name} menu` : p.name })),
)
/** Where nothing more needs saying, the places stand in one line. */
const plain = computed(() =>
  all.value.filter((p) => p.how === 'IN').map((p) => (p.why ? `${p.label}, ${p.why}` : p.label)),
)
const places = computed(() => all.value.filter((p) => p.how !== 'IN'))
async function place(menu: string) {
  await site.give({
    verb: 'place-in-menu',
    menu,
    page: props.page.id,
    id: `m-${props.page.id}`.slice(0, 40),
  })
}
</script>

<template>
  <p>{{ plain.join(' · ') || 'Nowhere yet' }}</p>
  <ul>
    <li v-for="p in places" :key="`${p.sort} ${p.menu}`" :class="{ quiet: p.how === 'OUT' }">
      <i aria-hidden="true">{{ p.mark }}</i>
      <span>
        {{ p.how === 'OUT' ? 'Not in' : p.how === 'WAITS' ? 'Waits: ' : 'In' }} {{ p.label
        }}<span v-if="p.why" class="quiet">: {{ p.why }}</span>
        <button v-if="p.how === 'OUT' && p.menu" type="button" class="textlink" @click="place(p.menu)">
          place it
        </button>
      </span>
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 16px 1fr;
}
i {
  font-style: normal;
  font-size: 11px;
}
</style>
