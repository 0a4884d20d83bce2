<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Command } from '@/api/types'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import GateManySheet from '@/gate/GateManySheet.vue'
import SavePackSheet from '@/pack/SavePackSheet.vue'
import PartsSheet from '@/parts/PartsSheet.vue'
import { useSession } from '@/session/useSession'
import { counted } from '@/words/counted'
import { useSite } from '@/site/useSite'
import ManySheet from '@/together/ManySheet.vue'
import MoveManySheet from './MoveManySheet.vue'
import SetManySheet from './SetManySheet.vue'

/** Pages chosen together, and what can be done to all of them: what comes of it is told before it is done. */
const props = defineProps<{ pages: string[] }>()
const emit = defineEmits<{ clear: []; fitting: [] }>()
const sheet = ref<'parts' | 'pack' | 'set' | 'move' | 'kind' | 'gate' | null>(null)
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
const off = computed(() => rows.value.filter((r) => r.state === 'WITHDRAWN'))
const on = computed(() => rows.value.filter((r) => r.state !== 'WITHDRAWN'))
/** A page that stands beneath another chosen one goes with it. */
const tops = computed(() => {
  const chosen = new Set(props.pages)
  const within = (id?: string): boolean => !!id && (chosen.has(id) || within(site.rows.get(id)?.parent))
  return rows.value.filter((r) => !within(r.parent))
})
const inOrder = computed(() => {
  const at = new Map(site.order.map((id, i) => [id, i]))
  return tops.value.map((r) => r.id).sort((a, b) => (at.get(a) ?? 0) - (at.get(b) ?? 0))
})

interface Meant {
  title: string
  yes: string
  name: string
  commands: Command[]
  of: string[]
}
const meant = ref<Meant | null>(null)
type Each = (page: string) => Command
/** Told first, then done as one step. */
function mean(title: string, list: { id: string; title: string }[], command: Each) {
  mention(
    title,
    list.map((r) => command(r.id)),
    list.map((r) => r.title),
  )
}
function mention(title: string, commands: Command[], of = rows.value.map((r) => r.title)) {
  sheet.value = null
  const name = title.charAt(0).toLowerCase() + title.slice(1)
  meant.value = { title, yes: title, name, commands, of }
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
const keepOut =
  (out: boolean): Each =>
  (item) => ({ verb: 'set-value', item, key: 'keepOut', value: out || undefined })
</script>

<template>
  <aside class="card side-pane" aria-label="The chosen pages">
    <div class="row-flex">
      <h2 class="grow">{{ counted(rows.length, 'page') }} chosen</h2>
      <v-btn @click="emit('clear')">Choose one<span class="kbd">Esc</span></v-btn>
    </div>
    <ul class="names">
      <li v-for="r in rows.slice(0, FIRST)" :key="r.id" class="cut" dir="auto">{{ r.title }}</li>
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
    <div v-else class="acts">
      <v-btn class="ink" @click="emit('fitting')">Another template…<span class="kbd">T</span></v-btn>
      <v-btn @click="sheet = 'kind'">Another kind…</v-btn>
      <v-btn @click="sheet = 'parts'">Parts of these pages…</v-btn>
      <v-btn @click="sheet = 'set'">Fields and options…</v-btn>
      <v-btn @click="sheet = 'move'">Move…</v-btn>
      <v-btn v-if="session.manager" @click="sheet = 'gate'">Who may see them…</v-btn>
    </div>
    <h3>In menus</h3>
    <p v-for="m in menus" :key="m.id" class="row-flex">
      {{ m.name }}: <b>{{ m.within.length }}</b>
      <button
        v-if="m.without.length"
        type="button"
        class="textlink"
        @click="mean(`Place ${counted(m.without.length, 'page')} in ${m.name}`, m.without, place(m.id))"
      >
        place {{ m.without.length }} more
      </button>
      <button
        v-if="m.within.length"
        type="button"
        class="textlink"
        @click="mean(`Take ${counted(m.within.length, 'page')} out of ${m.name}`, m.within, unplace(m.id))"
      >
        take {{ m.within.length }} out
      </button>
    </p>
    <div v-if="!held.length" class="acts">
      <v-btn @click="mean(`Keep ${counted(rows.length, 'page')} out of search engines`, rows, keepOut(true))"
        >Out of search engines</v-btn
      >
      <v-btn @click="mean(`Let search engines have ${counted(rows.length, 'page')}`, rows, keepOut(false))"
        >Into search engines</v-btn
      >
      <v-btn
        v-if="on.length"
        @click="mean(`Take ${counted(on.length, 'page')} off the site`, on, withdraw(true))"
        >Take {{ counted(on.length, 'page') }} off the site</v-btn
      >
      <v-btn v-if="off.length" @click="mean(`Put ${counted(off.length, 'page')} back`, off, withdraw(false))"
        >Put {{ counted(off.length, 'page') }} back</v-btn
      >
      <v-btn v-if="session.manager" @click="sheet = 'pack'">Save as a pack…</v-btn>
      <v-btn
        class="danger"
        @click="
          mean(`Remove ${counted(rows.length, 'page')}`, tops, (page) => ({ verb: 'remove-page', page }))
        "
        >Remove</v-btn
      >
    </div>
    <p class="label">Each change is undone in one step. What is removed lies in the bin for 30 days.</p>
    <PartsSheet v-if="sheet === 'parts'" :pages="rows.map((r) => r.id)" @close="sheet = null" />
    <SavePackSheet v-if="sheet === 'pack'" :pages="rows.map((r) => r.id)" @close="sheet = null" />
    <GateManySheet
      v-if="sheet === 'gate'"
      :pages="rows.map((r) => r.id)"
      @set="mention"
      @close="sheet = null"
    />
    <SetManySheet
      v-if="sheet === 'set'"
      :pages="rows.map((r) => r.id)"
      @set="(label, commands) => mention(`Set “${label}” on ${counted(commands.length, 'page')}`, commands)"
      @close="sheet = null"
    />
    <MoveManySheet
      v-if="sheet === 'move' || sheet === 'kind'"
      :pages="sheet === 'move' ? inOrder : rows.map((r) => r.id)"
      :what="sheet"
      @set="
        (label, commands) =>
          mention(
            sheet === 'kind'
              ? `Make ${counted(commands.length, 'page')} ${label}`
              : `Move ${counted(commands.length, 'page')} to ${label.split('  ')[0]}`,
            commands,
            (sheet === 'move' ? inOrder : pages).map((id) => site.rows.get(id)?.title ?? ''),
          )
      "
      @close="sheet = null"
    />
    <ManySheet v-if="meant" v-bind="meant" @done="meant = null" @close="meant = null" />
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
  margin: 14px 0 10px;
}
@media (max-width: 1150px) {
  .card {
    width: 320px;
    padding: 14px;
  }
}
</style>
