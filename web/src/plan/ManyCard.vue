<script setup lang="ts">
import { computed, ref } from 'vue'
import { freshId } from '@/api/client'
import type { Command } from '@/api/types'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import SavePackSheet from '@/pack/SavePackSheet.vue'
import PartsSheet from '@/parts/PartsSheet.vue'
import { useSession } from '@/session/useSession'
import { counted } from '@/words/counted'
import { useSite } from '@/site/useSite'

/** Pages chosen together, and what can be done to all of them. */
const props = defineProps<{ pages: string[] }>()
const parting = ref(false)
const packing = ref(false)
const emit = defineEmits<{ clear: []; fitting: [] }>()
const site = useSite()
const session = useSession()
const rows = computed(() => props.pages.map((id) => site.rows.get(id)).filter((r) => r !== undefined))
const held = computed(() => rows.value.filter((r) => !site.mayChange(r)))
const FIRST = 14
const wearing = computed(() => {
  const counts = new Map<string, number>()
  for (const row of rows.value) counts.set(row.template, (counts.get(row.template) ?? 0) + 1)
  return [...counts].sort((a, b) => b[1] - a[1])
})
const menus = computed(() =>
  (site.catalog?.menus ?? []).map((m) => ({
    ...m,
    without: rows.value.filter((r) => !r.menus.includes(m.id) && !r.following.includes(m.id)),
    within: rows.value.filter((r) => r.menus.includes(m.id)),
  })),
)
const free = computed(() => rows.value.filter((r) => site.mayChange(r)))
const off = computed(() => free.value.filter((r) => r.state === 'WITHDRAWN'))
const on = computed(() => free.value.filter((r) => r.state !== 'WITHDRAWN' && r.state !== 'DRAFT' && !r.home))

type Each = (page: string) => Command
/** One command for each page, all of them one step to take back. */
async function each(list: { id: string }[], command: Each) {
  const group = freshId()
  await Promise.all(list.map((row) => site.give(command(row.id), null, group)))
}
const place =
  (menu: string): Each =>
  (page) => ({ verb: 'place-in-menu', menu, page, id: `m-${page}`.slice(0, 40) })
const unplace =
  (menu: string): Each =>
  (page) => ({ verb: 'remove-from-menu', menu, page })
const withdraw =
  (withdrawn: boolean): Each =>
  (page) => ({ verb: 'withdraw-page', page, withdrawn })
</script>

<template>
  <aside class="card side-pane" aria-label="The chosen pages">
    <div class="row-flex">
      <h2 class="grow">{{ counted(rows.length, 'page') }} chosen</h2>
      <v-btn @click="emit('clear')">Choose one<span class="kbd">Esc</span></v-btn>
    </div>
    <ul class="names">
      <li v-for="r in rows.slice(0, FIRST)" :key="r.id" class="cut">{{ r.title }}</li>
      <li v-if="rows.length > FIRST" class="quiet">and {{ rows.length - FIRST }} more</li>
    </ul>
    <h3>They wear</h3>
    <p v-for="[template, count] in wearing" :key="template" class="row-flex">
      <TemplateGlyph :template="template" /> {{ site.templates.get(template)?.name }}
      <span class="quiet">{{ counted(count, 'page') }}</span>
    </p>
    <p v-if="held.length" class="label">
      {{ counted(held.length, 'page is', 'pages are') }} changed by managers only.
    </p>
    <v-btn v-else class="ink gap" @click="emit('fitting')">Another template…<span class="kbd">T</span></v-btn>
    <v-btn v-if="!held.length" class="gap" @click="parting = true">Parts of these pages…</v-btn>
    <PartsSheet v-if="parting" :pages="rows.map((r) => r.id)" @close="parting = false" />
    <h3>In menus</h3>
    <p v-for="m in menus" :key="m.id" class="row-flex">
      {{ m.name }}: <b>{{ m.within.length }}</b>
      <button v-if="m.without.length" type="button" class="textlink" @click="each(m.without, place(m.id))">
        place {{ m.without.length }} more
      </button>
      <button v-if="m.within.length" type="button" class="textlink" @click="each(m.within, unplace(m.id))">
        take {{ m.within.length }} out
      </button>
    </p>
    <div class="acts">
      <v-btn v-if="on.length" @click="each(on, withdraw(true))"
        >Take {{ counted(on.length, 'page') }} off the site</v-btn
      >
      <v-btn v-if="off.length" @click="each(off, withdraw(false))"
        >Put {{ counted(off.length, 'page') }} back</v-btn
      >
      <v-btn v-if="session.manager" @click="packing = true">Save as a pack…</v-btn>
    </div>
    <SavePackSheet v-if="packing" :pages="rows.map((r) => r.id)" @close="packing = false" />
    <p class="label">Each change is undone in one step.</p>
  </aside>
</template>

<style scoped>
.names {
  list-style: none;
  margin-top: 10px;
}
h3 {
  font: 13px/18px var(--text);
  color: var(--quiet);
  margin: 18px 0 4px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 18px 0 10px;
}
@media (max-width: 1150px) {
  .card {
    width: 320px;
    padding: 14px;
  }
}
</style>
