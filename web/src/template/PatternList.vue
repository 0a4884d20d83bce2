<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import GiveItem from '@/library/GiveItem.vue'
import { packHref } from '@/pack/packHref'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** The patterns of the site, to be carried elsewhere or given to all sites; they are placed from the tray. */
const site = useSite()
const open = ref(useRoute().hash === '#patterns')
const patterns = computed(() => site.catalog?.patterns ?? [])
</script>

<template>
  <section aria-labelledby="patterns">
    <h2 id="patterns">
      Patterns
      <button type="button" class="textlink" :aria-expanded="open" @click="open = !open">
        {{ open ? 'hide them' : counted(patterns.length, 'pattern') }}
      </button>
    </h2>
    <ul v-if="open">
      <li v-for="p in patterns" :key="p.id">
        <b class="cut" dir="auto">{{ p.name }}</b>
        <span class="quiet cut grow">{{ p.group }}</span>
        <v-menu>
          <template #activator="{ props: menu }">
            <v-btn v-bind="menu" :aria-label="`More of ${p.name}`">More ▾</v-btn>
          </template>
          <v-list>
            <GiveItem :item="p.id" :name="p.name" />
            <v-list-item title="Save as a pack" :href="packHref(site.id, p.id)" download />
          </v-list>
        </v-menu>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  font-size: 16px;
  margin: 24px 0 10px;
}
.textlink {
  font: 13px/18px var(--text);
  margin-left: 6px;
}
ul {
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(380px, 1fr));
  gap: 0 24px;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 40px;
  border-bottom: 1px solid var(--line2);
}
</style>
