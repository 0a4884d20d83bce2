<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { PatternCopies, PatternDetail } from '@/api/types'
import WrittenInput from '@/edit/WrittenInput.vue'
import NewPatternSheet from '@/galley/NewPatternSheet.vue'
import GiveItem from '@/library/GiveItem.vue'
import StripFact from '@/look/StripFact.vue'
import { packHref } from '@/pack/packHref'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import CopiesSheet from './CopiesSheet.vue'
import PurposeSheet from './PurposeSheet.vue'
import RemovePatternSheet from './RemovePatternSheet.vue'

const props = defineProps<{ pattern: PatternDetail; copies: PatternCopies | null }>()
const site = useSite()
const router = useRouter()
const session = useSession()
const manager = computed(() => session.manager)
const sheet = ref<'purpose' | 'copies' | 'another' | 'remove' | null>(null)
const rollOut = computed(() => ({ name: 'roll-out', params: { item: props.pattern.id } }))

function describe(to: Partial<Pick<PatternDetail, 'name' | 'group' | 'note'>>) {
  const { id, name, group, note } = props.pattern
  return site.give({ verb: 'describe-pattern', pattern: id, name, group, note, ...to }, id)
}
const retire = () =>
  site.give({ verb: 'retire-pattern', pattern: props.pattern.id, retired: !props.pattern.retired })
</script>

<template>
  <div class="strip" role="region" aria-label="Facts of the pattern">
    <h1 class="unseen">Pattern: {{ pattern.name }}</h1>
    <div class="title">
      <button type="button" class="mono back" @click="router.push({ name: 'patterns' })">← Patterns</button>
      <WrittenInput
        class="disp"
        :value="pattern.name"
        :disabled="!manager"
        aria-label="Name of the pattern"
        @written="(name) => describe({ name })"
      />
    </div>
    <StripFact label="Group">
      <button type="button" class="textlink" @click="sheet = 'purpose'">{{ pattern.group }}</button>
    </StripFact>
    <StripFact label="For" class="for">
      <button type="button" class="textlink cut" :title="pattern.note" @click="sheet = 'purpose'">
        {{ pattern.note || 'not said' }}
      </button>
    </StripFact>
    <StripFact label="Placed">
      <button type="button" class="textlink" :disabled="!copies" @click="sheet = 'copies'">
        {{ copies ? (copies.pages ? `on ${counted(copies.pages, 'page')}` : 'nowhere yet') : '…' }}
      </button>
    </StripFact>
    <StripFact label="Brings">
      {{ counted(pattern.zones[0]?.sections.length ?? 0, 'section')
      }}{{ pattern.toFill ? `, ${pattern.toFill} to fill` : '' }}
    </StripFact>
    <StripFact v-if="pattern.retired" label="Retired">not offered</StripFact>
    <div class="acts">
      <v-btn v-if="manager && copies?.waiting" class="yes" @click="router.push(rollOut)"
        >Roll out to {{ counted(copies.waiting, 'page') }}…</v-btn
      >
      <v-menu v-if="manager">
        <template #activator="{ props: menu }">
          <v-btn v-bind="menu">More ▾</v-btn>
        </template>
        <v-list>
          <v-list-item title="Make another from it…" @click="sheet = 'another'" />
          <v-list-item
            :title="pattern.retired ? 'Offer it again' : 'Retire it'"
            :subtitle="pattern.retired ? '' : 'Its copies stay, and it is not offered any more'"
            @click="retire"
          />
          <GiveItem :item="pattern.id" :name="pattern.name" />
          <v-list-item title="Save as a pack" :href="packHref(site.id, pattern.id)" download />
          <v-list-item title="Remove it…" @click="sheet = 'remove'" />
          <v-list-item title="Roll out…" @click="router.push(rollOut)" />
        </v-list>
      </v-menu>
    </div>
    <PurposeSheet v-if="sheet === 'purpose'" :pattern="pattern" :give="describe" @close="sheet = null" />
    <CopiesSheet v-if="sheet === 'copies' && copies" :copies="copies" @close="sheet = null" />
    <NewPatternSheet
      v-if="sheet === 'another'"
      :from="pattern.id"
      :suggested="`${pattern.name}, another`"
      @close="sheet = null"
    />
    <RemovePatternSheet
      v-if="sheet === 'remove'"
      :pattern="pattern"
      :pages="copies?.pages ?? 0"
      @close="sheet = null"
    />
  </div>
</template>

<style scoped>
.for {
  max-width: 210px;
  min-width: 0;
}
</style>
