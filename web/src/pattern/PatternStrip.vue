<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import type { PatternCopies, PatternDetail } from '@/api/types'
import NewPatternSheet from '@/galley/NewPatternSheet.vue'
import ItemStrip from '@/library/ItemStrip.vue'
import StripFact from '@/look/StripFact.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import CopiesSheet from './CopiesSheet.vue'
import PurposeSheet from './PurposeSheet.vue'
import RemovePatternSheet from './RemovePatternSheet.vue'

const props = defineProps<{ pattern: PatternDetail; copies: PatternCopies | null }>()
const site = useSite()
const router = useRouter()
const sheet = ref<'purpose' | 'copies' | 'another' | 'remove' | null>(null)

function describe(to: Partial<Pick<PatternDetail, 'name' | 'group' | 'note'>>) {
  const { id, name, group, note } = props.pattern
  return site.give({ verb: 'describe-pattern', pattern: id, name, group, note, ...to }, id)
}
const retire = () =>
  site.give({ verb: 'retire-pattern', pattern: props.pattern.id, retired: !props.pattern.retired })
</script>

<template>
  <ItemStrip
    noun="pattern"
    :item="pattern"
    back="Patterns"
    stays="Its copies stay, and it is not offered any more"
    :waiting="copies?.waiting ?? 0"
    removable
    @back="router.push({ name: 'patterns' })"
    @name="(name) => describe({ name })"
    @retire="retire"
    @another="sheet = 'another'"
    @remove="sheet = 'remove'"
  >
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
    <template #sheets>
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
    </template>
  </ItemStrip>
</template>

<style scoped>
.for {
  max-width: 210px;
  min-width: 0;
}
</style>
