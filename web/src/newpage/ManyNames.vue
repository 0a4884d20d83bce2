<script setup lang="ts">
import { counted } from '@/words/counted'
import { computed } from 'vue'
import { useSite } from '@/site/useSite'
import { isOutlined } from './outlined'
import { useNewPageHere } from './useNewPage'

/** The names of several pages, and what will stand where they are made. */
defineProps<{ place: string }>()
const { form, named } = useNewPageHere()
const site = useSite()
const outlined = computed(() => isOutlined(form.names))
const kindName = computed(() => site.kinds.get(form.kind)?.name ?? 'Article')
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
    After a bar, what somebody searching should know: Opening times | When the dome is open. Set a line in to
    put it beneath the one above, and name another kind in brackets: [{{ kindName }}].
  </p>
  <section v-if="named.length && !outlined" class="made" aria-label="What will be made">
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
