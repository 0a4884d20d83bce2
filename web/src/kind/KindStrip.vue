<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { KindDetail } from '@/api/types'
import ItemStrip from '@/library/ItemStrip.vue'
import { packHref } from '@/pack/packHref'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import StripFact from '@/look/StripFact.vue'
import { counted } from '@/words/counted'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import KindTemplatesSheet from './KindTemplatesSheet.vue'
import GateKindSheet from '@/gate/GateKindSheet.vue'
import { wantedOf, wantedWords } from '@/gate/gateCommand'
import DifferSheet from '@/theme/DifferSheet.vue'
import MakingSheet from './MakingSheet.vue'
import NewKindSheet from './NewKindSheet.vue'
import PlacementSheet from './PlacementSheet.vue'
import { placementWords } from '@/site/placementWords'

const props = defineProps<{ kind: KindDetail }>()
const site = useSite()
const route = useRoute()
const router = useRouter()
const session = useSession()
const sheet = ref<'templates' | 'placement' | 'making' | 'gate' | 'differ' | 'copy' | null>(
  // Whoever comes to say which templates there are finds them open.
  route.query.set === 'templates' ? 'templates' : null,
)
const pageless = computed(() => props.kind.settings.pageless === true)
const placed = computed(() => placementWords(props.kind, site))
const making = computed(() => {
  const by = props.kind.settings.madeBy === 'MANAGER' ? 'managers' : 'everybody'
  return pageless.value ? by : `${by}, in the ${props.kind.settings.startsIn === 'form' ? 'form' : 'galley'}`
})

const seenBy = computed(() => {
  const wanted = wantedOf(props.kind.settings)
  return wanted.who ? wantedWords(wanted, site.catalog?.groups ?? []) : 'as the site'
})

function describe(name: string, note: string) {
  void site.give({ verb: 'describe-kind', kind: props.kind.id, name, note }, props.kind.id)
}
function back() {
  void router.push(session.manager ? { name: 'templates', hash: '#kinds' } : { name: 'plan' })
}
function retire() {
  void site.give({ verb: 'retire-kind', kind: props.kind.id, retired: !props.kind.retired })
}
</script>

<template>
  <ItemStrip
    noun="kind"
    :item="kind"
    :back="session.manager ? 'Kinds' : 'Plan'"
    :stays="`Its ${pageless ? 'entries' : 'pages'} stay, and no more are made`"
    @back="back"
    @name="(name) => describe(name, kind.note)"
    @retire="retire"
    @another="sheet = 'copy'"
  >
    <StripFact v-if="pageless" label="Without pages">{{ counted(kind.pages, 'entry', 'entries') }}</StripFact>
    <StripFact v-else label="Pages">{{ counted(kind.pages, 'page') }}</StripFact>
    <StripFact v-if="!pageless" label="Wears">
      <template #sign><TemplateGlyph :template="kind.usual" :wide="34" /></template>
      <button type="button" class="textlink" @click="sheet = 'templates'">
        {{ site.templates.get(kind.usual)?.name }}
      </button>
    </StripFact>
    <StripFact v-if="!pageless" label="Stands">
      <button type="button" class="textlink" :title="placed" @click="sheet = 'placement'">
        {{ placed }}
      </button>
    </StripFact>
    <StripFact label="Made by">
      <button type="button" class="textlink" @click="sheet = 'making'">{{ making }}</button>
    </StripFact>
    <StripFact v-if="!pageless" label="Seen by">
      <button type="button" class="textlink" @click="sheet = 'gate'">{{ seenBy }}</button>
    </StripFact>
    <template #first>
      <v-list-item v-if="!pageless" title="Differ from the theme…" @click="sheet = 'differ'" />
      <v-list-item
        v-if="!kind.retired && !pageless"
        title="New page of this kind…"
        @click="router.push({ name: 'new', query: { kind: kind.id } })"
      />
    </template>
    <template #more>
      <v-list-item
        v-if="pageless && kind.pages"
        title="Save as a pack with its entries"
        :href="packHref(site.id, { item: kind.id, entries: true })"
        download
      />
    </template>
    <template #sheets>
      <KindTemplatesSheet v-if="sheet === 'templates'" :kind="kind" @close="sheet = null" />
      <PlacementSheet v-if="sheet === 'placement'" :kind="kind" @close="sheet = null" />
      <MakingSheet
        v-if="sheet === 'making'"
        :kind="kind"
        @note="(note) => describe(kind.name, note)"
        @close="sheet = null"
      />
      <GateKindSheet v-if="sheet === 'gate'" :kind="kind" @close="sheet = null" />
      <DifferSheet v-if="sheet === 'differ'" :item="kind" of="kind" @close="sheet = null" />
      <NewKindSheet v-if="sheet === 'copy'" :from="kind.id" @close="sheet = null" />
    </template>
  </ItemStrip>
</template>
