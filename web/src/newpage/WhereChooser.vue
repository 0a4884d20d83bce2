<script setup lang="ts">
import { computed } from 'vue'
import { outline } from '@/plan/outline'
import { useSite } from '@/site/useSite'
import { useNewPageHere } from './useNewPage'

/** Where a new page stands: the plan; or, for a kind that came first, the one place, a few, or those in the plan. */
const site = useSite()
const { form, given, fitting, kind } = useNewPageHere()
const FEW = 12
const narrowed = computed(() => given !== null && fitting.value.length <= FEW)
const places = computed(() => {
  const all = outline(site.order, site.rows, { folded: new Set() })
  if (!narrowed.value) return all
  const ids = new Set(fitting.value.map((p) => p.parent))
  return all.filter((p) => ids.has(p.row.id)).map((p) => ({ ...p, depth: 0 }))
})
const topFits = computed(() => !narrowed.value || fitting.value.some((p) => !p.parent))
const parentTitle = computed(() => (form.parent ? site.rows.get(form.parent)?.title : null))
const menuWords = (id: string, name: string) => {
  const parent = form.parent ? site.rows.get(form.parent) : undefined
  return parent?.menus.includes(id) ? `${name}, beneath ${parent.title}` : name
}
</script>

<template>
  <section class="where">
    <h2>Where</h2>
    <p v-if="given && !fitting.length" class="quiet">
      There is no place where {{ kind?.name }} pages may stand.
    </p>
    <p v-else-if="narrowed && fitting.length === 1" class="only">
      Beneath <b>{{ parentTitle ?? 'the top of the plan' }}</b>, the one place for {{ kind?.name }} pages.
    </p>
    <div v-else class="places" role="radiogroup" aria-label="Where">
      <label v-if="topFits" :class="{ on: form.parent === null }">
        <input v-model="form.parent" type="radio" :value="null" class="unseen" />
        <span>At the top</span>
      </label>
      <label
        v-for="p in places"
        :key="p.row.id"
        :class="{ on: form.parent === p.row.id }"
        :style="{ paddingLeft: `${10 + p.depth * 18}px` }"
      >
        <input
          v-model="form.parent"
          type="radio"
          :value="p.row.id"
          class="unseen"
          @change="form.after = null"
        />
        <span class="cut">{{ p.row.title }}</span>
      </label>
    </div>
    <h3>In menus</h3>
    <v-checkbox
      v-for="m in site.catalog?.menus ?? []"
      :key="m.id"
      v-model="form.menus"
      :value="m.id"
      :label="menuWords(m.id, m.name)"
    />
  </section>
</template>

<style scoped>
h2 {
  font-size: 16px;
  margin-bottom: 8px;
}
h3 {
  font: 13px/18px var(--text);
  color: var(--quiet);
  margin: 14px 0 2px;
}
.where {
  display: flex;
  flex-direction: column;
}
.places {
  flex: 1;
  overflow-y: auto;
  min-height: 120px;
}
.places label {
  display: flex;
  padding: 5px 10px;
  border-bottom: 1px solid var(--line2);
  border-left: 3px solid transparent;
  cursor: pointer;
}
.places label.on {
  background: var(--juniper-wash);
  border-left-color: var(--juniper);
  font-weight: 600;
}
label:focus-within {
  outline: 2px solid var(--juniper);
}
.only {
  margin-bottom: 10px;
}
</style>
