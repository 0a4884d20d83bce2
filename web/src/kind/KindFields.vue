<script setup lang="ts">
import { computed } from 'vue'
import type { FieldUse, Property, PutAway } from '@/api/types'
import { newField } from '@/property/fields'
import FormBuilder from '@/property/FormBuilder.vue'
import { counted } from '@/words/counted'
import FieldCard from './FieldCard.vue'

/** The fields of a kind, or the options of a template, as they are put together; with what was taken off, to bring it back. */
const PAGES = { one: 'page', many: 'pages' }
const WANTED = { field: 'What else is to be given', option: 'What else a page may choose' }
const props = defineProps<{
  uses: FieldUse[]
  away: PutAway[]
  /** How many pages follow the default of something new. */
  pages: number
  /** What one of them is called. */
  one: 'field' | 'option'
  /** What holds values in them. */
  holders?: { one: string; many: string }
  still: boolean
  keep: (fields: Property[]) => Promise<boolean>
}>()
const fields = computed(() => props.uses.map((u) => u.field))
function use(field: Property): FieldUse {
  const known = props.uses.find((u) => u.field.key === field.key)
  return known ? { ...known, field } : { field, own: 0, inheriting: props.pages, places: [] }
}
</script>

<template>
  <FormBuilder
    :fields="fields"
    :taken="[...away.map((p) => p.field.key), 'title', 'name', 'address']"
    :fresh="newField"
    :one="one"
    :adds="WANTED[one]"
    :still="still"
    :keep="keep"
  >
    <template #card="card">
      <FieldCard
        :use="use(card.field)"
        :one="one"
        :holders="holders ?? PAGES"
        :open="card.open"
        :still="still"
        @open="card.unfold"
        @set="card.set"
        @away="card.away"
        @move="card.move"
      />
    </template>
    <template #after="{ bringBack }">
      <section v-if="away.length" class="away">
        <h3>Taken off the form</h3>
        <ul>
          <li v-for="p in away" :key="p.field.key">
            <b>{{ p.field.label }}</b>
            <span class="quiet">{{
              p.kept
                ? `${counted(p.kept, `${(holders ?? PAGES).one} keeps`, `${(holders ?? PAGES).many} keep`)} what they hold`
                : 'nothing held'
            }}</span>
            <button v-if="!still" type="button" class="textlink" @click="bringBack(p.field)">
              Bring it back
            </button>
          </li>
        </ul>
      </section>
    </template>
  </FormBuilder>
</template>

<style scoped>
.away {
  border-top: 1px solid var(--line);
  padding-top: 12px;
}
.away h3 {
  font: 13px/18px var(--text);
  color: var(--quiet);
}
.away ul {
  list-style: none;
}
.away li {
  display: flex;
  gap: 10px;
  padding: 4px 0;
}
</style>
