<script setup lang="ts">
import { computed } from 'vue'
import type { PlacedSection } from '@/api/types'
import FormFields from '@/property/FormFields.vue'
import PropertyInput from '@/property/PropertyInput.vue'
import { isBound } from '@/property/values'
import { useGalley } from '@/galley/useGalley'
import { useSite } from '@/site/useSite'

type Section = PlacedSection['section']

/** The page as a form: what its kind asks for, and the page's own words. The galley shows the same where they stand. */
const site = useSite()
const galley = useGalley()
const page = computed(() => galley.page.value!)
const WORDS = ['heading', 'text']
/** The words that are written on the page itself, in its main zone. */
const own = computed(() =>
  page.value.zones
    .filter((z) => z.role === 'MAIN')
    .flatMap((z) => z.sections.filter((s) => s.reach === 'HERE'))
    .map(({ section }) => ({ id: section.id, name: section.name, words: section.columns.flatMap(wordsOf) }))
    .filter((s) => s.words.length),
)
function wordsOf(column: Section['columns'][number]) {
  return column.elements.flatMap((element) => {
    const info = site.catalog?.elements.find((e) => WORDS.includes(e.key) && e.key === element.kind)
    const property = info?.properties.find((p) => p.key === 'text')
    return property && !isBound(element.props.text) ? [{ element, property }] : []
  })
}
</script>

<template>
  <section class="pane" aria-label="Form">
    <div class="paper">
      <p class="label">
        Kept as you type. What is given here shows in listings, in the title band and wherever the page’s
        sections say so.
      </p>
      <FormFields
        :fields="page.fieldList"
        :values="page.fields"
        @change="(key, v) => galley.set(null, null, key, v)"
        @leave="galley.leave()"
      />
      <fieldset v-for="s in own" :key="s.id" class="own">
        <legend>
          <bdi>{{ s.name }}</bdi>
        </legend>
        <PropertyInput
          v-for="w in s.words"
          :key="w.element.id"
          :property="w.property"
          :value="w.element.props.text"
          :name="`${w.property.label} of ${s.name}`"
          @change="(v) => galley.set(s.id, w.element.id, 'text', v)"
          @leave="galley.leave()"
        />
      </fieldset>
    </div>
  </section>
</template>

<style scoped>
.pane {
  overflow-y: auto;
  padding: 20px;
  border-right: 1px solid var(--line);
  min-height: 0;
}
.paper {
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 18px 22px 26px;
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.own {
  border: 0;
  border-top: 1px solid var(--line);
  padding: 12px 0 0;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
legend {
  font: 600 16px/22px var(--display);
  padding: 0 10px 0 0;
}
</style>
