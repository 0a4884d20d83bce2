<script setup lang="ts">
import { computed, ref } from 'vue'
import { freshId } from '@/api/client'
import type { KindLine, Property, Value } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { PARTS_GROUP } from '@/parts/parts'
import PropertyInput from '@/property/PropertyInput.vue'
import { byPurpose } from '@/site/byPurpose'
import { pagesOf } from '@/site/pagesOf'
import { useSite } from '@/site/useSite'
import PlacementSheet from './PlacementSheet.vue'
import type { Column } from './useKinds'

/** What one column of the table says, changed for one kind or for several at once, in one step to undo. */
const props = defineProps<{ lines: KindLine[]; column: Column; declared: Property[] }>()
const site = useSite()
const placing = ref(false)
const first = computed(() => props.lines[0]!)
const name = (id: string) => site.kinds.get(id)?.name
const settings = computed(() =>
  props.declared.filter((p) => (props.column === 'parts' ? p.group === PARTS_GROUP : p.key === props.column)),
)
const templates = computed(() =>
  byPurpose(site.catalog).flatMap((g) => g.list.map((t) => ({ value: t.id, title: t.name, group: g.title }))),
)
const usual = computed({
  get: () => site.kinds.get(first.value.id)?.template ?? '',
  set: (template) => void wear(template),
})
/** Kinds whose pages may wear only some may wear this one too. */
async function wear(template: string) {
  const group = freshId()
  for (const { id } of props.lines) {
    const kind = site.kinds.get(id)
    const allowed = kind?.wearsAny ? undefined : [...new Set([...(kind?.templates ?? []), template])]
    await site.give({ verb: 'set-kind-templates', kind: id, template, allowed }, id, group)
  }
}
async function set(key: string, value: Value | undefined) {
  const group = freshId()
  for (const { id } of props.lines) await site.give({ verb: 'set-value', item: id, key, value }, id, group)
}
const sides = computed(() => {
  const { left, right, inLeft, inRight } = first.value.shows
  return [
    ...(left ? [{ name: 'left', holds: inLeft }] : []),
    ...(right ? [{ name: 'right', holds: inRight }] : []),
  ]
})
</script>

<template>
  <section class="editor" aria-label="What is changed">
    <p class="label whose">
      {{ lines.length > 1 ? `${lines.length} kinds at once:` : '' }}
      {{ lines.map((k) => (lines.length > 1 ? name(k.id) : pagesOf(name(k.id)))).join(', ') }}
    </p>
    <div v-if="column === 'template'" class="one">
      <span class="label">Usually wear</span>
      <ChoiceOf v-model="usual" :items="templates" label="Usually wear" />
    </div>
    <PropertyInput
      v-for="p in settings"
      :key="p.key"
      class="one"
      :property="p"
      :value="first.settings[p.key]"
      @change="(v) => set(p.key, v)"
    />
    <template v-if="column === 'sides' && lines.length === 1">
      <div v-for="s in sides" :key="s.name" class="one">
        <span class="label">In the {{ s.name }} one</span>
        <p v-if="s.holds.length">{{ s.holds.join(', ') }}</p>
        <p v-else class="should">
          nothing yet, so these pages are shown without it ·
          <router-link :to="{ name: 'template', params: { template: usual } }"
            >put a section there…</router-link
          >
        </p>
      </div>
    </template>
    <div v-if="column === 'madeBy' && lines.length === 1" class="one">
      <span class="label">Where they stand</span>
      <p><button type="button" class="textlink" @click="placing = true">say where…</button></p>
    </div>
    <PlacementSheet
      v-if="placing"
      :kind="{ id: first.id, name: name(first.id) ?? '', beneath: first.beneath, settings: first.settings }"
      @close="placing = false"
    />
  </section>
</template>

<style scoped>
.editor {
  border: 1px solid var(--ink);
  background: var(--sheet);
  padding: 12px 16px;
  margin: 10px 20px 14px;
  max-height: 42vh;
  overflow-y: auto;
  flex: none;
  display: flex;
  flex-wrap: wrap;
  gap: 12px 32px;
  align-items: flex-start;
}
.whose {
  flex-basis: 100%;
}
.one {
  min-width: 150px;
}
</style>
