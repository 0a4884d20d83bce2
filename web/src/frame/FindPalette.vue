<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { fold } from '@/words/fold'
import { useRouter, type RouteLocationRaw } from 'vue-router'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'

interface Hit {
  id: string
  name: string
  note: string
  template?: string
  /** Words by which it is found, beside its name and note. */
  found?: string
  to: RouteLocationRaw
}

const open = defineModel<boolean>({ required: true })
const site = useSite()
const session = useSession()
const router = useRouter()
const words = ref('')
const at = ref(0)
const MOST = 12

const screens: Hit[] = [
  { id: 's-plan', name: 'Plan', note: 'screen', to: { name: 'plan' } },
  { id: 's-new', name: 'New page', note: 'command', to: { name: 'new' } },
  { id: 's-theme', name: 'Theme', note: 'screen', to: { name: 'theme' } },
  { id: 's-survey', name: 'Survey and sitemap', note: 'screen', to: { name: 'survey' } },
  { id: 's-releases', name: 'Releases', note: 'screen', to: { name: 'releases' } },
]
const pages = computed<Hit[]>(() =>
  [...site.rows.values()].map((r) => ({
    id: r.id,
    name: r.title,
    note: r.address,
    template: r.template,
    found: r.found,
    to: { name: 'page', params: { page: r.id } },
  })),
)
/** Templates and kinds are the managers' to look up. */
const entries = computed<Hit[]>(() =>
  (site.catalog?.kinds ?? [])
    .filter((k) => k.pageless && !session.manager)
    .map((k) => ({ id: k.id, name: k.name, note: 'entries', to: { name: 'kind', params: { kind: k.id } } })),
)
const shapes = computed<Hit[]>(() =>
  session.manager
    ? [
        ...(site.catalog?.templates ?? []).map((t) => ({
          id: t.id,
          name: t.name,
          note: 'template',
          template: t.id,
          to: { name: 'template', params: { template: t.id } },
        })),
        ...(site.catalog?.kinds ?? []).map((k) => ({
          id: k.id,
          name: k.name,
          note: 'kind of page',
          template: k.template,
          to: { name: 'kind', params: { kind: k.id } },
        })),
      ]
    : [],
)
const hits = computed(() => {
  const wanted = fold(words.value.trim())
  const all = [...pages.value, ...entries.value, ...shapes.value, ...screens]
  if (!wanted) return [...screens, ...pages.value].slice(0, MOST)
  const found = all.filter((h) => fold(`${h.name} ${h.note} ${h.found ?? ''}`).includes(wanted))
  const begins = (h: Hit) => (fold(h.name).startsWith(wanted) ? 0 : 1)
  return found.sort((a, b) => begins(a) - begins(b)).slice(0, MOST)
})

watch(words, () => (at.value = 0))
watch(open, async (is) => {
  words.value = ''
  await nextTick()
  if (is) setTimeout(() => document.getElementById('find-words')?.focus(), 30)
})

async function go(hit?: Hit) {
  if (!hit) return
  open.value = false
  await router.push(hit.to)
}
</script>

<template>
  <v-dialog v-model="open" max-width="560" aria-label="Find">
    <div class="sheet palette">
      <v-text-field
        id="find-words"
        v-model="words"
        placeholder="A page, a screen, a command"
        aria-label="Find"
        @keydown.down.prevent="at = Math.min(at + 1, hits.length - 1)"
        @keydown.up.prevent="at = Math.max(at - 1, 0)"
        @keydown.enter.prevent="go(hits[at])"
      />
      <ul role="listbox" aria-label="Found">
        <li
          v-for="(hit, i) in hits"
          :key="hit.id"
          role="option"
          :aria-selected="i === at"
          :class="{ on: i === at }"
          @mousemove="at = i"
          @click="go(hit)"
        >
          <TemplateGlyph v-if="hit.template" :template="hit.template" :wide="24" />
          <span class="grow cut">{{ hit.name }}</span>
          <span class="mono cut">{{ hit.note }}</span>
        </li>
      </ul>
      <p v-if="hits.length === 0" class="quiet">Nothing is called so.</p>
    </div>
  </v-dialog>
</template>

<style scoped>
.palette {
  padding: 14px;
}
ul {
  list-style: none;
  margin-top: 8px;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 6px 8px;
  border-left: 3px solid transparent;
  cursor: pointer;
}
li.on {
  background: var(--juniper-wash);
  border-color: var(--juniper);
}
.mono {
  max-width: 220px;
}
</style>
