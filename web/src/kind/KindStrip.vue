<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { KindDetail } from '@/api/types'
import GiveItem from '@/library/GiveItem.vue'
import { packHref } from '@/pack/packHref'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import StripFact from '@/look/StripFact.vue'
import { counted } from '@/words/counted'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import WrittenInput from '@/edit/WrittenInput.vue'
import KindTemplatesSheet from './KindTemplatesSheet.vue'
import MakingSheet from './MakingSheet.vue'
import NewKindSheet from './NewKindSheet.vue'
import PlacementSheet from './PlacementSheet.vue'
import { placementWords } from '@/site/placementWords'

const props = defineProps<{ kind: KindDetail }>()
const site = useSite()
const router = useRouter()
const session = useSession()
const sheet = ref<'templates' | 'placement' | 'making' | 'copy' | null>(null)
const pageless = computed(() => props.kind.settings.pageless === true)
const placed = computed(() => placementWords(props.kind, site))
const making = computed(() => {
  const by = props.kind.settings.madeBy === 'MANAGER' ? 'managers' : 'everybody'
  return pageless.value ? by : `${by}, in the ${props.kind.settings.startsIn === 'form' ? 'form' : 'galley'}`
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
  <div class="strip" role="region" aria-label="Facts of the kind">
    <h1 class="unseen">Kind: {{ kind.name }}</h1>
    <div class="title">
      <button type="button" class="mono back" @click="back">
        ← {{ session.manager ? 'Kinds' : 'Plan' }}
      </button>
      <WrittenInput
        class="disp"
        :value="kind.name"
        :disabled="!session.manager"
        aria-label="Name of the kind"
        @written="(name) => describe(name, kind.note)"
      />
    </div>
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
    <div class="acts">
      <v-menu v-if="session.manager">
        <template #activator="{ props: menu }">
          <v-btn v-bind="menu">More ▾</v-btn>
        </template>
        <v-list>
          <v-list-item
            v-if="!kind.retired && !pageless"
            title="New page of this kind…"
            @click="router.push({ name: 'new', query: { kind: kind.id } })"
          />
          <v-list-item title="Make another kind from it…" @click="sheet = 'copy'" />
          <GiveItem :item="kind.id" :name="kind.name" />
          <v-list-item title="Save as a pack" :href="packHref(site.id, kind.id)" download />
          <v-list-item
            v-if="pageless && kind.pages"
            title="Save as a pack with its entries"
            :href="packHref(site.id, kind.id, true)"
            download
          />
          <v-list-item
            :title="kind.retired ? 'Offer it again' : 'Retire it'"
            :subtitle="kind.retired ? '' : `Its ${pageless ? 'entries' : 'pages'} stay, and no more are made`"
            @click="retire"
          />
        </v-list>
      </v-menu>
    </div>
    <KindTemplatesSheet v-if="sheet === 'templates'" :kind="kind" @close="sheet = null" />
    <PlacementSheet v-if="sheet === 'placement'" :kind="kind" @close="sheet = null" />
    <MakingSheet
      v-if="sheet === 'making'"
      :kind="kind"
      @note="(note) => describe(kind.name, note)"
      @close="sheet = null"
    />
    <NewKindSheet v-if="sheet === 'copy'" :from="kind.id" @close="sheet = null" />
  </div>
</template>
