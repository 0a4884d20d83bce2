<script setup lang="ts">
import { counted } from '@/words/counted'
import { computed, ref, toRef } from 'vue'
import FindingBox from '@/survey/FindingBox.vue'
import ChosenHead from '@/glyph/ChosenHead.vue'
import ProofFrame from '@/proof/ProofFrame.vue'
import { usePage } from '@/site/usePage'
import { whenWords } from '@/words/whenWords'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { wornWords } from '@/words/wornWords'
import { pagesOf } from '@/site/pagesOf'
import { inputOf } from '@/look/targets'
import GateSheet from '@/gate/GateSheet.vue'
import { useGate } from '@/gate/useGate'
import LinksList from './LinksList.vue'
import PlacesList from './PlacesList.vue'
import TracesRows from './TracesRows.vue'
import type { SheetName } from './usePlanKeys'

const props = defineProps<{ page: string }>()
const emit = defineEmits<{
  open: []
  rename: []
  sheet: [name: SheetName]
}>()
const site = useSite()
const session = useSession()
const { page: detail, html } = usePage(toRef(props, 'page'))

const gate = useGate(() => detail.value)
const gating = ref(false)
const row = computed(() => site.rows.get(props.page))
const beneath = computed(() => [...site.rows.values()].filter((r) => r.parent === props.page).length)
/** Where it stands among its siblings, from 1, and how many they are. */
const siblings = computed(() =>
  site.order.filter((id) => (site.rows.get(id)?.parent ?? '') === (row.value?.parent ?? '')),
)
const place = computed(() => siblings.value.indexOf(props.page) + 1)
const ordered = computed(() => site.rows.get(row.value?.parent ?? '')?.keepsOrder)
const releasedWords = computed(() => {
  const { released, state } = detail.value ?? {}
  const since = state === 'CHANGED' ? ', changed since' : ''
  return (released ? ` as released ${whenWords(released)}` : '') + since
})
/** It goes to a place by its number. */
function putAt(number: number) {
  const to = Math.max(1, Math.min(siblings.value.length, Math.round(number)))
  if (!row.value || !number || to === place.value) return
  const others = siblings.value.filter((id) => id !== props.page)
  void site.give({
    verb: 'move-page',
    page: props.page,
    parent: row.value.parent,
    before: others[to - 1],
  })
}
const fillWords = computed(() => {
  const places = detail.value?.toFill ?? []
  const first = places[0]
  return first
    ? `${places.length} in “${first.sectionName}”${places.length > 1 ? ' and on' : ''}`
    : 'nothing left'
})

/** What has a task now, and so what a press does: this page gets it, or has it no more. */
function taskWords(key: string): string {
  const now = String(site.catalog?.facts[key] ?? '')
  if (now === props.page) return 'this page; press to let it go'
  return now ? `now “${site.rows.get(now)?.title ?? ''}”` : 'no page yet'
}
function setTask(key: string) {
  const value = site.catalog?.facts[key] === props.page ? undefined : props.page
  void site.give({ verb: 'set-value', item: 'site', key, value })
}
async function withdraw(off: boolean) {
  await site.give({ verb: 'withdraw-page', page: props.page, withdrawn: off }, props.page)
}
</script>

<template>
  <aside class="card side-pane" aria-label="The chosen page">
    <template v-if="detail && row">
      <ChosenHead :page="detail" strong @open="emit('open')" />
      <div class="proofs">
        <ProofFrame class="wide" :path="`page/${page}`" :width="1280" :html="html" label="Proof, wide" />
        <ProofFrame class="narrow" :path="`page/${page}`" :width="390" :html="html" label="Proof, narrow" />
      </div>
      <div class="acts">
        <v-btn v-if="!row.home && session.manager" @click="emit('sheet', 'home')"
          >Make it home<span class="kbd">H</span></v-btn
        >
        <v-btn v-if="detail.changeable" @click="emit('rename')">Rename<span class="kbd">F2</span></v-btn>
        <v-btn v-if="detail.withdrawn && detail.changeable" @click="withdraw(false)">Put back</v-btn>
        <v-btn
          v-else-if="detail.changeable && !row.home && row.state !== 'DRAFT'"
          :disabled="row.tasks.length > 0"
          :title="
            row.tasks.length
              ? `It is the site’s page “${row.tasks[0]}”: choose another one for that first`
              : undefined
          "
          @click="withdraw(true)"
          >Take off the site</v-btn
        >
        <v-btn @click="emit('sheet', 'duplicate')">Duplicate…<span class="kbd">D</span></v-btn>
        <v-menu v-if="session.manager">
          <template #activator="{ props: menu }"><v-btn v-bind="menu">Its task ▾</v-btn></template>
          <v-list>
            <v-list-item
              v-for="p in site.catalog?.boundPages ?? []"
              :key="p.key"
              :title="p.label"
              :subtitle="taskWords(p.key)"
              @click="setTask(p.key)"
            />
          </v-list>
        </v-menu>
        <v-btn v-if="session.manager" @click="emit('sheet', 'pack')">Save as a pack…</v-btn>
        <v-btn v-if="!row.home && detail.changeable" class="danger" @click="emit('sheet', 'remove')"
          >Remove</v-btn
        >
      </div>
      <dl>
        <dt>Wears</dt>
        <dd>
          {{ site.templates.get(detail.template)?.name }}
          <span class="quiet">{{ wornWords(detail) }}</span>
          <button v-if="detail.changeable" type="button" class="textlink" @click="emit('sheet', 'fitting')">
            Fitting…
          </button>
        </dd>
        <dt>Appears</dt>
        <dd>
          <PlacesList :page="detail" />
        </dd>
        <dt>Open to</dt>
        <dd>
          {{ gate.words.value }} <span class="quiet">{{ gate.from.value }}</span>
          <button v-if="session.manager" type="button" class="textlink" @click="gating = true">
            change…
          </button>
        </dd>
        <dt>Links in</dt>
        <dd>
          <LinksList :links="detail.linksIn" none="none in words" />
        </dd>
        <dt>Links to</dt>
        <dd>
          <LinksList :links="detail.linksTo" none="no page" />
          <span v-if="detail.linksOut > detail.linksTo.length" class="quiet">
            · {{ detail.linksOut - detail.linksTo.length }} elsewhere</span
          >
        </dd>
        <dt>Place</dt>
        <dd>
          <label>
            <input
              class="boxed number"
              type="number"
              min="1"
              :max="siblings.length"
              :value="place"
              :disabled="!detail.changeable || !!ordered"
              aria-label="Its place among its neighbours"
              @change="(e) => putAt(Number(inputOf(e).value))"
            />
            of {{ siblings.length
            }}<template v-if="ordered">, by {{ ordered }}: they keep themselves in order</template>
          </label>
          <template v-if="beneath">
            · {{ counted(beneath, 'page') }} beneath
            <template v-if="row.keepsOrder"
              >, which keep themselves in order by {{ row.keepsOrder }}</template
            >
            <button type="button" class="textlink" @click="emit('sheet', 'order')">order…</button>
          </template>
        </dd>
        <TracesRows v-if="row.state !== 'DRAFT'" :page="page" :title="row.title" />
        <dt>To fill</dt>
        <dd :class="{ quiet: !detail.toFill.length }">{{ fillWords }}</dd>
      </dl>
      <GateSheet v-if="gating" :page="detail" @close="gating = false" />
      <FindingBox v-for="(f, i) in detail.findings" :key="i" :finding="f" />
      <p v-if="!detail.changeable" class="label gap">
        {{ pagesOf(detail.kindName) }} are changed by managers.
      </p>
      <p v-if="detail.liveAddress" class="label last">
        Live at <span class="mono">{{ detail.liveAddress }}</span>{{ releasedWords }}
      </p>
      <p v-if="detail.lastChange" class="label last">
        Last change: {{ detail.lastChange.name }} · {{ detail.lastChange.who }},
        {{ whenWords(detail.lastChange.at) }}
      </p>
    </template>
  </aside>
</template>

<style scoped>
.proofs {
  display: grid;
  grid-template-columns: 1fr 92px;
  gap: 10px;
  margin: 16px 0;
}
.proofs > * {
  height: 214px;
  border: 1px solid var(--line);
}
dl {
  display: grid;
  grid-template-columns: 62px 1fr;
  gap: 8px 12px;
}
dt {
  color: var(--quiet);
}

.number {
  width: 64px;
}
dd {
  overflow-wrap: anywhere;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 16px 0;
}
.last {
  margin-top: 14px;
}
@media (min-width: 821px) and (max-width: 1150px) {
  .card {
    width: 320px;
    padding: 14px;
  }
}
</style>
