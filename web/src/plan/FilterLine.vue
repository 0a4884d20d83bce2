<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get, post } from '@/api/client'
import type { KeptFilter } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { STATE_WORDS } from '@/words/stateWords'
import { askedIn, textOf, type Asked, type FilterKey } from './filters'
import KeepFilter from './KeepFilter.vue'

/** What the plan is narrowed to: one chip for each thing asked, and the filters that are kept by name. */
const props = defineProps<{ shown: number }>()
const asked = defineModel<Asked>({ required: true })
const site = useSite()
const session = useSession()
const notices = useNotices()
const kept = ref<KeptFilter[]>([])

interface Chip {
  key: FilterKey
  label: string
  values: { value: string; title: string }[]
}
const named = (list: Iterable<{ id: string; name: string }>) =>
  [...list].map((i) => ({ value: i.id, title: i.name })).sort((a, b) => a.title.localeCompare(b.title))
/** Those that pages have now. */
const used = computed(() => {
  const [kind, template] = [new Set<string>(), new Set<string>()]
  for (const row of site.rows.values()) {
    kind.add(row.kind)
    template.add(row.template)
  }
  return { kind, template }
})
const chips = computed<Chip[]>(() => [
  {
    key: 'state',
    label: 'State',
    values: Object.entries(STATE_WORDS).map(([value, s]) => ({ value, title: s.word })),
  },
  {
    key: 'kind',
    label: 'Kind',
    values: named([...site.kinds.values()].filter((k) => used.value.kind.has(k.id))),
  },
  {
    key: 'template',
    label: 'Template',
    values: named([...site.templates.values()].filter((t) => used.value.template.has(t.id))),
  },
  {
    key: 'menu',
    label: 'Menu',
    values: [...named(site.catalog?.menus ?? []), { value: 'none', title: 'in none' }],
  },
  {
    key: 'found',
    label: 'Findings',
    values: [
      { value: 'must', title: 'must fix' },
      { value: 'should', title: 'should fix' },
      { value: 'any', title: 'any' },
    ],
  },
])
/** Those that are asked or not. */
const TURNS: { key: FilterKey; label: string }[] = [
  { key: 'fill', label: 'To fill' },
  { key: 'since', label: 'Changed since the release' },
]
const valueOf = (chip: Chip) => chip.values.find((v) => v.value === asked.value[chip.key])?.title
function set(key: FilterKey, value: string) {
  asked.value = { ...asked.value, [key]: value }
}
const any = computed(() => Object.values(asked.value).some((v) => v))
const now = computed(() => textOf(asked.value))

onMounted(async () => {
  const answer = await get('/api/sites/{site}/plan/filters', { path: { site: site.id } })
  if (answer.ok) kept.value = answer.value
})
async function keep(name: string, forAll: boolean) {
  const answer = await post(
    '/api/sites/{site}/plan/filters',
    { path: { site: site.id } },
    { name, asks: now.value, forAll },
  )
  if (answer.ok) kept.value = answer.value
  else notices.refuse(answer.problem)
}
async function drop(filter: KeptFilter) {
  const answer = await post('/api/sites/{site}/plan/filters/remove', { path: { site: site.id } }, filter)
  if (answer.ok) kept.value = answer.value
  else notices.refuse(answer.problem)
}
</script>

<template>
  <div class="filters" role="group" aria-label="Narrow the plan">
    <template v-for="chip in chips" :key="chip.key">
      <span v-if="valueOf(chip)" class="chip on">
        {{ chip.label }}: <b>{{ valueOf(chip) }}</b>
        <button
          type="button"
          :aria-label="`Not ${chip.label.toLowerCase()} any more`"
          @click="set(chip.key, '')"
        >
          ×
        </button>
      </span>
      <v-menu v-else>
        <template #activator="{ props: menu }">
          <button v-bind="menu" type="button" class="chip">{{ chip.label }}</button>
        </template>
        <v-list>
          <v-list-item
            v-for="v in chip.values"
            :key="v.value"
            :title="v.title"
            @click="set(chip.key, v.value)"
          />
        </v-list>
      </v-menu>
    </template>
    <button
      v-for="t in TURNS"
      :key="t.key"
      type="button"
      class="chip"
      :class="{ on: asked[t.key] }"
      :aria-pressed="!!asked[t.key]"
      @click="set(t.key, asked[t.key] ? '' : '1')"
    >
      {{ t.label }}
    </button>
    <span v-if="any" class="quiet" role="status">{{ counted(props.shown, 'page') }}</span>
    <button v-if="any" type="button" class="textlink" @click="asked = {}">show all</button>
    <span class="grow" />
    <span v-for="k in kept" :key="`${k.forAll} ${k.name}`" class="chip kept" :class="{ on: k.asks === now }">
      <button
        type="button"
        :title="k.forAll ? 'Kept for all' : 'Kept for you'"
        @click="asked = askedIn(k.asks)"
      >
        {{ k.name }}
      </button>
      <button
        v-if="k.asks === now && (!k.forAll || session.manager)"
        type="button"
        :aria-label="`Keep ${k.name} no more`"
        @click="drop(k)"
      >
        ×
      </button>
    </span>
    <KeepFilter v-if="any && !kept.some((k) => k.asks === now)" @keep="keep" />
  </div>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 8px;
  padding: 7px 20px;
  border-bottom: 1px solid var(--line);
  font-size: 13px;
}
.chip {
  border: 1px dashed var(--quiet);
  border-radius: 3px;
  background: none;
  color: inherit;
  font: 13px/22px var(--text);
  padding: 0 8px;
  white-space: nowrap;
}
.chip.on {
  border: 1px solid var(--juniper);
  background: var(--juniper-wash);
}
.chip.kept {
  border-style: solid;
  border-color: var(--line);
}
.chip > button {
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  padding: 0 2px;
  min-width: 20px;
}
</style>
