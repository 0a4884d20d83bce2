<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, ref } from 'vue'
import type { Property, PropertyType, Value } from '@/api/types'
import { words as meanings } from '@/help/words'
import { useSite } from '@/site/useSite'
import { useGalley } from './useGalley'
import { isBound, isToFill } from '@/property/values'

/** What a property of an element shows: what is written here, a prompt for each page, or something kept elsewhere. */
const props = defineProps<{ property: Property; value: unknown }>()
const emit = defineEmits<{ change: [value: Value | undefined] }>()
const site = useSite()
const galley = useGalley()
const meaning = meanings.get('bound')
const prompting = ref(false)
const prompt = ref('')
const picture = computed(() => props.property.type === 'PICTURE')
const forPages = computed(() => galley.sheet.value?.sort !== 'page')
const fits = (type: PropertyType) =>
  (type === 'PICTURE') === picture.value && !['FILE', 'MANY', 'KIND'].includes(type)

interface Source {
  bound: string
  title: string
  note: string
}
/** The kinds whose pages can show it: those that may wear this template, or the page's own; a pattern may come to any. */
const kinds = computed(() => {
  const { id, sort } = galley.sheet.value ?? { id: '', sort: 'page' }
  const all = (site.catalog?.kinds ?? []).filter((k) => !k.pageless)
  if (sort === 'pattern') return all
  if (sort === 'template') return all.filter((k) => k.templates.includes(id))
  return all.filter((k) => k.id === site.rows.get(id)?.kind)
})
const fields = computed<Source[]>(() => {
  const found = new Map<string, { label: string; kinds: string[] }>()
  for (const kind of kinds.value)
    for (const field of kind.fields.filter((f) => fits(f.type))) {
      const known = found.get(field.key) ?? { label: field.label, kinds: [] }
      found.set(field.key, { ...known, kinds: [...known.kinds, kind.name] })
    }
  return [...found].map(([key, { label, kinds: of }]) => ({
    bound: `page.${key}`,
    title: label,
    note: of.length < kinds.value.length ? of.join(', ') : '',
  }))
})
const groups = computed<{ label: string; sources: Source[] }[]>(() => {
  const title = picture.value ? [] : [{ bound: 'page.title', title: 'Title', note: '' }]
  const options = (galley.sheet.value?.options ?? []).filter((o) => fits(o.type))
  const facts = picture.value ? [] : (site.catalog?.siteFacts ?? []).filter((f) => fits(f.type))
  const named = (where: string) => (p: Property) => ({ bound: `${where}.${p.key}`, title: p.label, note: '' })
  return [
    { label: 'What the page holds', sources: [...title, ...fields.value] },
    { label: 'An option of the template', sources: options.map(named('option')) },
    { label: 'A fact of the site', sources: facts.map(named('site')) },
  ].filter((g) => g.sources.length)
})
const now = computed(() =>
  isBound(props.value) ? props.value.bound : isToFill(props.value) ? 'fill' : 'here',
)
const words = computed(() => {
  if (now.value === 'here') return 'Shows'
  return now.value === 'fill' ? 'To fill' : 'Bound'
})

function ask() {
  prompt.value = isToFill(props.value) ? props.value.toFill : ''
  prompting.value = true
}
function keepPrompt() {
  if (!prompt.value.trim()) return
  prompting.value = false
  emit('change', { toFill: prompt.value.trim() })
}
</script>

<template>
  <v-menu max-height="360">
    <template #activator="{ props: menu }">
      <button
        type="button"
        v-bind="menu"
        class="bind"
        :class="{ is: now !== 'here' }"
        :aria-label="`${words}: what ${property.label.toLowerCase()} shows`"
      >
        {{ words }} ▾
      </button>
    </template>
    <v-list>
      <v-list-item
        title="What is written here"
        :subtitle="now === 'here' ? 'so now' : ''"
        @click="emit('change', undefined)"
      />
      <v-list-item
        v-if="forPages"
        title="To be filled in on each page…"
        :subtitle="isToFill(value) ? value.toFill : 'With a prompt that says what to write'"
        @click="ask"
      />
      <p v-if="groups.length" class="label bound"><b>bound</b> {{ meaning }}</p>
      <template v-for="g in groups" :key="g.label">
        <v-list-subheader>{{ g.label }}</v-list-subheader>
        <v-list-item
          v-for="s in g.sources"
          :key="s.bound"
          :title="s.title"
          :subtitle="now === s.bound ? 'so now' : s.note"
          @click="emit('change', { bound: s.bound })"
        />
      </template>
    </v-list>
  </v-menu>
  <SheetDialog
    v-if="prompting"
    title="What is to be filled in"
    size="narrow"
    form
    @submit="keepPrompt"
    @close="prompting = false"
  >
    <label class="label" for="bind-prompt"
      >Whoever writes a page reads this in its place; visitors never do.</label
    >
    <v-text-field id="bind-prompt" v-model="prompt" v-focus placeholder="What happened, in one sentence" />
    <v-btn type="submit" class="yes gap" :disabled="!prompt.trim()">Keep it</v-btn>
    <v-btn class="gap" @click="prompting = false">Leave it<span class="kbd">Esc</span></v-btn>
  </SheetDialog>
</template>

<style scoped>
.bind {
  border: 0;
  background: none;
  color: var(--quiet);
  font-size: 12px;
  line-height: 16px;
  white-space: nowrap;
}
.bound {
  max-width: 300px;
  padding: 8px 16px 0;
  border-top: 1px solid var(--line);
}
.bind.is {
  color: var(--juniper);
}
</style>
