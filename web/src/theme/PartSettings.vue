<script setup lang="ts">
import { computed } from 'vue'
import { freshId } from '@/api/client'
import type { ThemeDetail, Value } from '@/api/types'
import { held } from '@/property/values'
import { useSite } from '@/site/useSite'
import SiteFactsInput from '@/galley/SiteFactsInput.vue'
import ContrastPairs from './ContrastPairs.vue'
import EverywhereList from './EverywhereList.vue'
import PaletteMaker from './PaletteMaker.vue'
import SettingRow from './SettingRow.vue'

/** What can be set of one part: what the site says there in any look, and how this look shows it. */
const props = defineProps<{ theme: ThemeDetail; part: ThemeDetail['groups'][number] }>()
const site = useSite()
let group = ''
const said = computed(() => props.theme.identity.groups.find((g) => g.key === props.part.key))
const accent = computed(() => {
  const p = props.part.settings.find((s) => s.key === 'colourAccent')
  return p ? String(held(p, props.theme.settings)) : ''
})
/** What is wrong with words on what this part puts behind them. */
const hard = computed(() =>
  props.theme.hardToRead.filter((h) => props.part.settings.some((p) => p.key === h.mend.key)),
)

/** What contact, hours and social links show, wherever they stand. */
const facts = computed(() => site.catalog?.siteFacts ?? [])
const factKeys = computed(() => facts.value.map((f) => f.key))
const missing = computed(() => facts.value.filter((f) => !site.catalog?.facts[f.key]).length)

function set(item: string, key: string, value: Value | undefined) {
  group ||= freshId()
  void site.give({ verb: 'set-value', item, key, value: value }, item, group + key)
}
</script>

<template>
  <div class="rows">
    <template v-if="said">
      <span class="owner">The site’s, in any look</span>
      <SettingRow
        v-for="p in said.settings"
        :key="p.key"
        :property="p"
        :values="theme.identity.values"
        @change="(v) => set(theme.identity.item, p.key, v)"
        @leave="group = ''"
      />
      <span class="owner">This look’s</span>
    </template>
    <PaletteMaker v-if="part.key === 'palette'" :theme="theme" :accent="accent" />
    <SettingRow
      v-for="p in part.settings"
      :key="p.key"
      :property="p"
      :values="theme.settings"
      @change="(v) => set(theme.id, p.key, v)"
      @leave="group = ''"
    />
    <p v-for="h in hard" :key="h.mend.key" class="note-box">
      <b class="should">◇</b> {{ h.says }}
      <button type="button" class="textlink" @click="set(theme.id, h.mend.key, h.mend.value as Value)">
        {{ h.mend.label }}
      </button>
    </p>
    <details v-if="part.key === 'footer'" class="facts">
      <summary>Facts of the site{{ missing ? `: ${missing} missing` : '' }}</summary>
      <SiteFactsInput :keys="factKeys" />
    </details>
    <EverywhereList v-if="part.key === 'footer'" :sections="theme.everywhere" />
    <template v-if="part.key === 'palette'">
      <ContrastPairs :theme="theme" @take="(key, value) => set(theme.id, key, value)" />
    </template>
  </div>
</template>

<style scoped>
.rows {
  display: flex;
  flex-direction: column;
  gap: 13px;
  padding: 4px 12px 16px;
}
summary {
  cursor: pointer;
  font-weight: 600;
  padding-bottom: 6px;
}
.owner {
  font: 600 12px/16px var(--text);
  color: var(--quiet);
  border-bottom: 1px solid var(--line);
  padding-bottom: 3px;
}
.owner:not(:first-child) {
  margin-top: 8px;
}
</style>
