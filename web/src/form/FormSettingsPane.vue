<script setup lang="ts">
import { computed } from 'vue'
import type { FormDetail, Property, Value } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { grouped } from '@/property/fields'
import { allHeld, matters, textOf } from '@/property/values'
import FormHook from './FormHook.vue'
import PropertyInput from '@/property/PropertyInput.vue'
import { useSite } from '@/site/useSite'

/** What a form is set to besides its fields: its button, what comes after, places that run out, letters, how long answers are kept. */
const props = defineProps<{ form: FormDetail; still: boolean }>()
const site = useSite()
const declared = computed(() => site.catalog?.formSettings ?? [])
const values = computed(() => allHeld(declared.value, props.form.settings))
const NONE = ''
/** What it means that no field is chosen. */
const NOTHING: Record<string, string> = {
  places: 'nothing: they don’t run out',
  people: 'nothing: each counts one',
  comment: 'nothing: it is no form for comments',
}
const counted = computed(() => props.form.fields.find((f) => f.type === 'pick'))
/** Numbers that what is chosen in the form has: how many may come. */
const places = computed(() => {
  const kind = site.catalog?.kinds.find((k) => k.id === textOf(counted.value?.settings.kind))
  return (kind?.fields ?? [])
    .filter((f) => f.type === 'NUMBER')
    .map((f) => ({ value: f.key, title: f.label }))
})
const people = computed(() =>
  props.form.fields.filter((f) => f.type === 'number').map((f) => ({ value: f.key, title: f.label })),
)
const lines = computed(() =>
  props.form.fields.filter((f) => f.type === 'lines').map((f) => ({ value: f.key, title: f.label })),
)
const choices = computed<Record<string, { value: string; title: string }[]>>(() => ({
  places: places.value,
  people: people.value,
  comment: lines.value,
}))
/** Places can run out only where the form lets choose something that has a number of them. */
const offered = (p: Property) => p.key !== 'places' || places.value.length > 0 || !!props.form.settings.places
const groups = computed(() => grouped(declared.value.filter((p) => matters(p, values.value)).filter(offered)))
const withNone = (key: string) => {
  const chosen = textOf(props.form.settings[key])
  const known = choices.value[key] ?? []
  const gone =
    chosen && !known.some((c) => c.value === chosen)
      ? [{ value: chosen, title: `${chosen} (not there)` }]
      : []
  return [{ value: NONE, title: NOTHING[key] ?? '' }, ...known, ...gone]
}
function set(key: string, value: Value | undefined) {
  void site.give(
    { verb: 'set-value', item: props.form.id, key, value: value === '' ? undefined : value },
    props.form.id,
  )
}
</script>

<template>
  <div class="settings" :inert="still || undefined">
    <section v-for="g in groups" :key="g.name">
      <h3 v-if="g.name">{{ g.name }}</h3>
      <template v-for="p in g.fields" :key="p.key">
        <div v-if="choices[p.key]">
          <span class="label">{{ p.label }}</span>
          <ChoiceOf
            :model-value="textOf(form.settings[p.key])"
            :items="withNone(p.key)"
            :label="p.label"
            @update:model-value="(v?: string) => set(p.key, v)"
          />
          <p class="label">{{ p.help }}</p>
        </div>
        <template v-else-if="p.key === 'hook'">
          <PropertyInput :property="p" :value="form.settings.hook" @change="(v) => set('hook', v)" />
          <FormHook v-if="form.settings.hook && !still" :form="form.id" :to="textOf(form.settings.hook)" />
        </template>
        <PropertyInput v-else :property="p" :value="form.settings[p.key]" @change="(v) => set(p.key, v)" />
      </template>
    </section>
  </div>
</template>

<style scoped>
.settings {
  display: grid;
  gap: 24px;
}
section {
  display: grid;
  gap: 14px;
}
h3 {
  font: 600 16px/22px var(--display);
  border-top: 1px solid var(--line);
  padding-top: 14px;
}
</style>
