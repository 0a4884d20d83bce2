<script setup lang="ts">
import { marked } from 'marked'
import { computed, ref } from 'vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { helpPages } from './pages'
import { words } from './words'

/** Help: one short page for each screen and task, and what our words mean. */
const at = defineModel<string>({ required: true })
const emit = defineEmits<{ close: []; keys: [] }>()
const WORDS = 'words'
const tasks = helpPages.filter((p) => !p.of)
const screens = helpPages.filter((p) => p.of)
const page = computed(() => helpPages.find((p) => p.key === at.value))
/** Our own words alone, so nothing in it is to be kept out. */
const html = computed(() => marked.parse(page.value?.body ?? '', { async: false }))
const text = ref<HTMLElement | null>(null)
function show(key: string) {
  at.value = key
  if (text.value) text.value.scrollTop = 0
}
</script>

<template>
  <SheetDialog title="Help" size="large" @close="emit('close')">
    <template #beside>
      <v-btn @click="emit('keys')">The keys</v-btn>
      <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
    </template>
    <div class="help">
      <nav aria-label="Pages of help">
        <template
          v-for="[heading, list] in [
            ['Tasks', tasks],
            ['Screens', screens],
          ] as const"
          :key="heading"
        >
          <h3>{{ heading }}</h3>
          <button
            v-for="p in list"
            :key="p.key"
            type="button"
            :aria-current="p.key === at ? 'page' : undefined"
            @click="show(p.key)"
          >
            {{ p.title }}
          </button>
        </template>
        <button type="button" :aria-current="at === WORDS ? 'page' : undefined" @click="show(WORDS)">
          What our words mean
        </button>
      </nav>
      <article ref="text" tabindex="0" :aria-label="page?.title ?? 'What our words mean'">
        <template v-if="page">
          <h1>{{ page.title }}</h1>
          <!-- eslint-disable-next-line vue/no-v-html -->
          <div class="body" v-html="html" />
          <img v-if="page.picture" :src="page.picture" alt="" loading="lazy" />
        </template>
        <template v-else>
          <h1>What our words mean</h1>
          <dl>
            <template v-for="[word, meaning] in words" :key="word">
              <dt>{{ word }}</dt>
              <dd>{{ meaning }}</dd>
            </template>
          </dl>
        </template>
      </article>
    </div>
  </SheetDialog>
</template>

<style scoped>
.help {
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr);
  gap: 32px;
  margin-top: 12px;
  height: min(560px, 66vh);
}
nav {
  overflow-y: auto;
  border-right: 1px solid var(--line);
  padding-right: 12px;
}
nav h3 {
  margin: 10px 0 2px;
  font-size: 13px;
  color: var(--quiet);
}
nav button {
  display: block;
  width: 100%;
  border: 0;
  border-left: 3px solid transparent;
  background: none;
  color: inherit;
  font: 13.5px/19px var(--text);
  padding: 3px 8px;
  text-align: left;
}
nav button[aria-current] {
  border-color: var(--juniper);
  font-weight: 600;
}
article {
  overflow-y: auto;
  padding-right: 12px;
}
article > * {
  max-width: 660px;
}
.body {
  margin-top: 8px;
  font-size: 15px;
  line-height: 23px;
}
.body :deep(:is(p, ul, ol)) {
  margin-bottom: 12px;
}
.body :deep(:is(ul, ol)) {
  padding-left: 20px;
}
.body :deep(li) {
  margin-bottom: 5px;
}
img {
  display: block;
  width: 100%;
  border: 1px solid var(--line);
}
dl {
  display: grid;
  grid-template-columns: 140px 1fr;
  gap: 6px 16px;
  margin-top: 10px;
}
dt {
  font-weight: 600;
}
@media (max-width: 820px) {
  .help {
    grid-template-columns: 1fr;
    height: auto;
  }
  nav {
    border: 0;
    max-height: 200px;
  }
  dl {
    grid-template-columns: 1fr;
  }
}
</style>
