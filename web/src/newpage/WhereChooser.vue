<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import { useLongList } from '@/look/useLongList'
import { outline } from '@/plan/outline'
import { useMenuSheet } from '@/site/useMenuSheet'
import { useSite } from '@/site/useSite'
import { pagesOf } from '@/site/pagesOf'
import { useNewPageHere } from './useNewPage'

/** Where a new page stands: the plan; or, for a kind that came first, the one place, a few, or those in the plan. */
const site = useSite()
const { form, given, fitting, kind } = useNewPageHere()
const FEW = 12
/** From so many places on they can be filtered. */
const MANY = 40
const ROW_HIGH = 31
const narrowed = computed(() => given.value !== null && fitting.value.length <= FEW)
const places = computed(() => {
  const all = outline(site.order, site.rows, { folded: new Set() })
  if (!narrowed.value) return all
  const ids = new Set(fitting.value.map((p) => p.parent))
  return all.filter((p) => ids.has(p.row.id)).map((p) => ({ ...p, depth: 0 }))
})
const words = ref('')
const found = computed(() => {
  const wanted = words.value.trim().toLowerCase()
  if (!wanted) return places.value
  return places.value
    .filter((p) => p.row.title.toLowerCase().includes(wanted) || p.row.address.includes(wanted))
    .map((p) => ({ ...p, depth: 0 }))
})
const { shown, before, after, reveal } = useLongList(found, ROW_HIGH)
onMounted(async () => {
  const at = found.value.findIndex((p) => p.row.id === form.parent)
  await nextTick()
  if (at > FEW) reveal(at)
})
const topFits = computed(() => !narrowed.value || fitting.value.some((p) => !p.parent))
const parentTitle = computed(() => (form.parent ? site.rows.get(form.parent)?.title : null))
const { open } = useMenuSheet()
const menuWords = (id: string, name: string) => {
  const parent = form.parent ? site.rows.get(form.parent) : undefined
  return parent?.menus.includes(id) ? `${name}, beneath ${parent.title}` : name
}
</script>

<template>
  <section class="where">
    <h2>Where</h2>
    <p v-if="given && !fitting.length" class="quiet">
      There is no place where {{ pagesOf(kind?.name) }} may stand.
    </p>
    <p v-else-if="narrowed && fitting.length === 1" class="only">
      Beneath <b>{{ parentTitle ?? 'the top of the plan' }}</b>, the one place for {{ pagesOf(kind?.name) }}.
    </p>
    <input
      v-if="places.length > MANY"
      v-model="words"
      class="boxed"
      type="search"
      placeholder="Find a place"
      aria-label="Find a place"
    />
    <div
      v-if="!(given && !fitting.length) && !(narrowed && fitting.length === 1)"
      ref="box"
      class="places"
      role="radiogroup"
      aria-label="Where"
    >
      <label v-if="topFits && !words" :class="{ on: form.parent === null }">
        <input v-model="form.parent" type="radio" :value="null" class="unseen" />
        <span>At the top</span>
      </label>
      <div v-if="before" aria-hidden="true" :style="{ height: `${before}px` }" />
      <label
        v-for="p in shown"
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
      <div v-if="after" aria-hidden="true" :style="{ height: `${after}px` }" />
      <p v-if="words && !found.length" class="quiet">No page is called so.</p>
    </div>
    <h3>In menus</h3>
    <v-checkbox
      v-for="m in site.catalog?.menus ?? []"
      :key="m.id"
      v-model="form.menus"
      :value="m.id"
      :label="menuWords(m.id, m.name)"
    />
    <button
      v-if="site.catalog?.menus[0]"
      type="button"
      class="textlink menus"
      @click="open(site.catalog.menus[0].id)"
    >
      Menus…
    </button>
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
.boxed {
  margin-bottom: 8px;
}
.menus {
  align-self: flex-start;
}
.only {
  margin-bottom: 10px;
}
</style>
