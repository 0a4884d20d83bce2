<script setup lang="ts">
import { computed } from 'vue'
import type { ThemeDetail } from '@/api/types'
import { useSession } from '@/session/useSession'
import PartSettings from './PartSettings.vue'
import { reach, summary } from './summaries'
import { provideRead } from './useRead'

/** A page in outline, from its notice strip to its footer: each part opens where a visitor meets it; what is general lies in the margin. */
const props = defineProps<{ theme: ThemeDetail }>()
const open = defineModel<string>('open', { required: true })
const MARGIN = ['palette', 'type', 'buttons', 'pictures', 'spacing', 'page']
const session = useSession()
const onPage = computed(() => props.theme.groups.filter((g) => !MARGIN.includes(g.key)))
const inMargin = computed(() => MARGIN.flatMap((key) => props.theme.groups.find((g) => g.key === key) ?? []))
/** The note that is open: it is unrolled above the page, which keeps its breadth. */
const unrolled = computed(() => inMargin.value.find((g) => g.key === open.value))
const COLOURS = ['colourDeep', 'colourAccent', 'colourTint', 'colourPage', 'colourWords']
const colour = provideRead(() => props.theme)
function face(key: string) {
  const p = props.theme.groups.flatMap((g) => g.settings).find((s) => s.key === key)
  const value = props.theme.settings[key] ?? p?.fallback
  return (p?.choices.find((c) => c.value === value)?.label ?? '').split(',')[0] ?? ''
}
const toggle = (key: string) => (open.value = open.value === key ? '' : key)
</script>

<template>
  <p v-if="!session.manager" class="note-box says">
    Only managers change the look. You can try the kept looks on the contact sheet.
  </p>
  <div class="drawing" aria-label="Settings of the look">
    <div class="notes">
      <section v-for="g in inMargin" :key="g.key" :class="{ open: open === g.key }">
        <button type="button" class="part" :aria-expanded="open === g.key" @click="toggle(g.key)">
          <b>{{ g.label }}</b>
          <span v-if="g.key === 'palette'" class="swatches"
            ><i v-for="c in COLOURS" :key="c" :style="{ background: colour(c) }"
          /></span>
          <span v-else-if="g.key === 'type'" class="faces"
            ><span :style="{ fontFamily: `'${face('headingFont')} Variable'` }">{{
              face('headingFont')
            }}</span
            ><span :style="{ fontFamily: `'${face('bodyFont')} Variable'` }">{{
              face('bodyFont')
            }}</span></span
          >
          <span v-else class="quiet">{{ (open === g.key && reach(theme, g.key)) || summary(theme, g) }}</span>
        </button>
      </section>
    </div>
    <section v-if="unrolled" :aria-label="unrolled.label" class="unrolled">
      <fieldset :disabled="!session.manager">
        <PartSettings :key="unrolled.key" :theme="theme" :part="unrolled" />
      </fieldset>
    </section>
    <div class="sheet-outline">
      <section v-for="g in onPage" :key="g.key" :class="[g.key, { open: open === g.key }]">
        <button type="button" class="part" :aria-expanded="open === g.key" @click="toggle(g.key)">
          <b>{{ g.label }}</b>
          <span class="quiet">{{ (open === g.key && reach(theme, g.key)) || summary(theme, g) }}</span>
        </button>
        <fieldset v-if="open === g.key" :disabled="!session.manager">
          <PartSettings :theme="theme" :part="g" />
        </fieldset>
      </section>
    </div>
  </div>
</template>

<style scoped>
.drawing {
  display: grid;
  grid-template: auto 1fr / minmax(0, 1fr) 96px;
  gap: 12px;
  align-content: start;
}
.notes {
  border-left: 1px solid var(--line);
  grid-area: 1 / 2 / 3 / 3;
  align-self: start;
  position: sticky;
  top: 0;
}
.unrolled {
  border: 1px solid var(--ink);
  background: var(--sheet);
  padding-top: 10px;
  box-shadow: inset 4px 0 0 var(--juniper);
}
.says {
  margin-bottom: 12px;
}
.sheet-outline {
  border: 1px solid var(--ink);
  background: var(--sheet);
  align-self: start;
}
.sheet-outline > section + section {
  border-top: 1px solid var(--line);
}
.sheet-outline > .notice .part {
  background: var(--ink);
  color: var(--paper);
}
.sheet-outline > .notice .quiet {
  color: inherit;
  opacity: 0.85;
}
.sheet-outline > .opening .part {
  padding-block: 22px;
}
.sheet-outline > .lists .part {
  padding-block: 30px;
}
.sheet-outline > .footer .part {
  padding-bottom: 26px;
  border-top: 3px double var(--line);
}
.sheet-outline > section.open {
  box-shadow: inset 4px 0 0 var(--juniper);
}
.sheet-outline > section.open .part {
  padding-block: 9px;
}
.notes > section {
  border-top: 1px solid var(--line);
}
.notes > section.open {
  background: var(--sheet);
  box-shadow: inset 4px 0 0 var(--juniper);
}
.part {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 10px;
  width: 100%;
  border: 0;
  background: none;
  color: inherit;
  font: 13px/18px var(--text);
  padding: 9px 12px;
  text-align: left;
}
.part .quiet {
  font-size: 12px;
}
.notes .part {
  flex-direction: column;
  padding: 8px 10px 9px;
}
.swatches {
  display: flex;
  margin-top: 3px;
}
.swatches i {
  width: 14px;
  height: 12px;
  border: 1px solid var(--line);
  border-left-width: 0;
}
.swatches i:first-child {
  border-left-width: 1px;
}
.faces {
  display: flex;
  flex-direction: column;
}
.faces > :first-child {
  font-weight: 600;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
</style>
