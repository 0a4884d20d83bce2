<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { get } from '@/api/client'
import { said } from '@/api/said'
import type { Trial } from '@/api/types'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import DrawnPlace from '@/drawing/DrawnPlace.vue'
import AwaitedScreen from '@/look/AwaitedScreen.vue'
import { useSession } from '@/session/useSession'
import { purposeOf } from '@/site/byPurpose'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import KindCell from './KindCell.vue'
import KindEditor from './KindEditor.vue'
import NewKindSheet from './NewKindSheet.vue'
import { changed, COLUMNS, useKinds, type Column } from './useKinds'

/** All kinds of page side by side: what their pages wear and show, changed in place, for several at once. */
const site = useSite()
const session = useSession()
const { value: table, problem } = useKinds()
const chosen = ref<string[]>([])
const at = ref<{ kind: string; column: Column } | null>(null)
const making = ref(false)
const lines = computed(() => table.value?.lines ?? [])
/** The kinds that a change is for: those that are chosen, where the one that is pointed at is among them. */
const changing = computed(() => {
  const kind = at.value?.kind
  const ids = kind && chosen.value.includes(kind) ? chosen.value : [kind]
  return lines.value.filter((k) => ids.includes(k.id))
})
function choose(id: string, yes: boolean) {
  const others = chosen.value.filter((k) => k !== id)
  chosen.value = yes ? [...others, id] : others
}
const pages = (id: string) => site.kinds.get(id)?.pages ?? 0
const effect = computed(() => changed(changing.value, pages, at.value?.column ?? 'template'))
const looking = ref(false)
const trials = ref<Trial[]>([])
watch(
  () => at.value?.kind,
  async (kind) => {
    if (!kind) return
    const answer = await get('/api/sites/{site}/kinds/{kind}/extremes', { path: { site: site.id, kind } })
    trials.value = answer.ok ? answer.value.filter((t) => t.in === 'SHORTEST' || t.in === 'LONGEST') : []
  },
)
const isAt = (kind: string, column: Column) => at.value?.kind === kind && at.value.column === column
</script>

<template>
  <div class="screen">
    <header class="screen-head">
      <h1>Kinds of page</h1>
      <span class="quiet">side by side; choose several to change them together</span>
      <div class="tools">
        <v-btn :to="{ name: 'templates', params: { site: site.id }, hash: '#kinds' }">One by one</v-btn>
        <v-btn v-if="session.manager" class="yes" @click="making = true">New kind…</v-btn>
      </div>
    </header>
    <p v-if="problem" class="must" role="alert">{{ said(problem) }}</p>
    <AwaitedScreen v-else-if="!table" />
    <div v-else class="both">
      <div class="left">
        <div class="scroll">
          <table :inert="!session.manager || undefined">
            <thead>
              <tr>
                <th scope="col"><span class="unseen">Chosen</span></th>
                <th scope="col">Kind</th>
                <th v-for="c in COLUMNS" :key="c.key" scope="col">{{ c.title }}</th>
              </tr>
            </thead>
            <tbody>
              <tr
                v-for="k in lines"
                :key="k.id"
                :class="{ on: at?.kind === k.id, chosen: chosen.includes(k.id) }"
              >
                <td>
                  <v-checkbox
                    :model-value="chosen.includes(k.id)"
                    :aria-label="`Choose ${site.kinds.get(k.id)?.name}`"
                    @update:model-value="(v: unknown) => choose(k.id, v === true)"
                  />
                </td>
                <th scope="row">
                  <router-link :to="{ name: 'kind', params: { kind: k.id } }">{{
                    site.kinds.get(k.id)?.name
                  }}</router-link>
                  <span class="label for" :title="site.kinds.get(k.id)?.note">{{
                    purposeOf(site.catalog, site.kinds.get(k.id))
                  }}</span>
                </th>
                <td v-for="c in COLUMNS" :key="c.key">
                  <button
                    type="button"
                    class="cell"
                    :class="{ at: isAt(k.id, c.key) }"
                    :aria-pressed="isAt(k.id, c.key)"
                    @click="at = { kind: k.id, column: c.key }"
                  >
                    <KindCell :line="k" :column="c.key" />
                  </button>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <KindEditor
          v-if="at && changing.length && session.manager"
          :key="`${at.kind} ${at.column}`"
          :lines="changing"
          :column="at.column"
          :declared="table.declared"
        />
      </div>
      <aside v-if="at" aria-label="As visitors see them">
        <p>
          <b>{{ site.kinds.get(at.kind)?.name }}</b>
          <span class="quiet">as visitors see two of them then</span>
        </p>
        <DrawingBoard :key="at.kind">
          <div v-for="t in trials" :key="t.what" class="seen">
            <DrawnPlace
              class="drawing"
              :of="`page/${t.page}`"
              :version="String(site.step)"
              :at="1280"
              whole
              :label="t.title"
            />
            <span class="quiet">{{ t.what }}: {{ t.title }}</span>
          </div>
        </DrawingBoard>
        <p v-if="!trials.length" class="quiet">There is no page of it yet.</p>
        <p v-else>
          Changes <b>{{ counted(effect.all, 'page') }}</b><template v-if="effect.own"
            >, {{ effect.own }} of which {{ effect.own === 1 ? 'says' : 'say' }} otherwise
            {{ effect.own === 1 ? 'itself' : 'themselves' }}.
            <button type="button" class="textlink" :aria-expanded="looking" @click="looking = !looking">
              look at {{ effect.own === 1 ? 'it' : 'them' }}
            </button></template
          ><template v-else>.</template>
        </p>
        <ul v-if="looking && effect.own" class="otherwise">
          <li v-for="id in effect.first" :key="id">
            <router-link :to="{ name: 'page', params: { page: id } }">{{
              site.rows.get(id)?.title
            }}</router-link>
          </li>
          <li v-if="effect.own > effect.first.length" class="quiet">
            and {{ effect.own - effect.first.length }} more
          </li>
        </ul>
      </aside>
    </div>
    <NewKindSheet v-if="making" @close="making = false" />
  </div>
</template>

<style scoped>
.both {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
}
.left {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.scroll {
  flex: 1;
  overflow: auto;
  min-height: 0;
}
table {
  width: 100%;
  border-collapse: collapse;
}
thead th {
  text-align: start;
  font: 12.5px/18px var(--text);
  color: var(--quiet);
  border-bottom: 1px solid var(--ink);
  padding: 10px 8px;
}
tbody tr {
  border-bottom: 1px solid var(--line);
}
tbody th {
  text-align: start;
  font-weight: 650;
  padding-inline: 8px 10px;
}
tbody th a {
  color: inherit;
  text-decoration: none;
}
.for {
  display: block;
  font-weight: 400;
}
td:first-child,
th:first-child {
  min-width: 46px;
  padding-inline-start: 12px;
}
tr.on,
tr.chosen {
  background: var(--sheet);
}
.cell {
  border: 2px solid transparent;
  background: none;
  text-align: start;
  padding: 6px;
  min-height: 46px;
  font: 13px/17px var(--text);
  color: inherit;
  width: 100%;
}
.cell:hover {
  border-color: var(--line);
}
.cell.at {
  border-color: var(--juniper);
}
aside {
  width: 262px;
  overflow-y: auto;
  padding: 14px 18px;
  background: var(--paper2, var(--paper));
  border-inline-start: 1px solid var(--line);
}
.seen {
  margin: 10px 0 14px;
  font-size: 13px;
}
.otherwise {
  list-style: none;
  margin-top: 6px;
  font-size: 13px;
}
.drawing {
  height: 150px;
  border: 1px solid var(--line);
  margin-bottom: 4px;
}
@media (max-width: 1100px) {
  .both {
    display: block;
    overflow: auto;
  }
  aside {
    width: auto;
  }
}
</style>
