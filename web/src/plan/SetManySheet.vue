<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { get } from '@/api/client'
import type { Command, Property } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { hasOwnSheet } from '@/parts/ownSheet'
import PropertyInput from '@/property/PropertyInput.vue'
import { optionKey } from '@/property/optionKey'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** One field, option or setting that all chosen pages have, set on all of them. */
const props = defineProps<{ pages: string[] }>()
const emit = defineEmits<{ close: []; set: [label: string, commands: Command[]] }>()
const site = useSite()
/** Settings that say something of one page alone. */
const OF_ONE = ['searchTitle', 'searchDescription', 'menuLabel', 'beneathOrder', 'mayHold']
const fields = ref<Property[]>([])
const options = ref<Property[]>([])
const settings = computed(() =>
  (site.catalog?.pageSettings ?? []).filter((p) => !hasOwnSheet(p) && !OF_ONE.includes(p.key)),
)
const all = computed(() => [
  ...fields.value.map((p) => ({ key: p.key, property: p, group: 'Fields that all of them have' })),
  ...options.value.map((p) => ({ key: optionKey(p.key), property: p, group: 'Options of their template' })),
  ...settings.value.map((p) => ({ key: p.key, property: p, group: 'Settings' })),
])
const items = computed(() =>
  all.value.map(({ key, property, group }) => ({ value: key, title: property.label, group })),
)
const key = ref<string>()
const chosen = computed(() => all.value.find((a) => a.key === key.value))
const value = ref<unknown>()
watch(key, () => (value.value = undefined))

const rows = computed(() => props.pages.flatMap((id) => site.rows.get(id) ?? []))
/** Those that are alike in all lists. */
function shared(lists: Property[][]): Property[] {
  const [first = [], ...rest] = lists
  return first.filter((p) => rest.every((l) => l.some((o) => o.key === p.key && o.type === p.type)))
}
onMounted(async () => {
  const kinds = [...new Set(rows.value.map((r) => r.kind))]
  const templates = [...new Set(rows.value.map((r) => r.template))]
  const [ofKinds, ofTemplates] = await Promise.all([
    Promise.all(kinds.map((id) => get('/api/sites/{site}/kinds/{id}', { path: { site: site.id, id } }))),
    Promise.all(
      templates.map((id) => get('/api/sites/{site}/templates/{id}', { path: { site: site.id, id } })),
    ),
  ])
  fields.value = shared(ofKinds.map((k) => (k.ok ? k.value.fields.map((u) => u.field) : [])))
  options.value = shared(ofTemplates.map((t) => (t.ok ? t.value.options.map((u) => u.field) : [])))
})
function set() {
  const what = chosen.value
  if (!what) return
  const empty = value.value === undefined || value.value === ''
  const commands = props.pages.map((item): Command => ({
    verb: 'set-value',
    item,
    key: what.key,
    value: empty ? undefined : (value.value as never),
  }))
  emit('set', what.property.label, commands)
}
</script>

<template>
  <SheetDialog title="Set on all of them" form @submit="set" @close="emit('close')">
    <p class="quiet gap">
      One thing that all {{ counted(pages.length, 'page') }} have. Left empty, it is cleared.
    </p>
    <ChoiceOf
      v-model="key"
      v-focus
      :items="items"
      label="What is set"
      none="Choose a field, an option or a setting"
    />
    <PropertyInput
      v-if="chosen"
      :key="chosen.key"
      class="gap"
      :property="chosen.property"
      :value="value as never"
      @change="(v: unknown) => (value = v)"
    />
    <div class="row-flex foot">
      <v-btn type="submit" class="yes" :disabled="!chosen">See what comes of it…</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>
