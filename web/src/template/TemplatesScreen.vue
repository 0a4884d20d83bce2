<script setup lang="ts">
import { computed, ref } from 'vue'
import WordOf from '@/help/WordOf.vue'
import type { KindInfo, TemplateInfo } from '@/api/types'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import { counted } from '@/words/counted'
import { mayWear } from '@/kind/mayWear'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import DrawnPlace from '@/drawing/DrawnPlace.vue'
import { drawnOf } from '@/drawing/ofTemplate'
import { useSession } from '@/session/useSession'
import { byPurpose } from '@/site/byPurpose'
import { useSite } from '@/site/useSite'
import NewKindSheet from '@/kind/NewKindSheet.vue'
import LibraryShelf from '@/library/LibraryShelf.vue'
import NewTemplateSheet from './NewTemplateSheet.vue'

const site = useSite()
const session = useSession()
const making = ref(false)
const makingKind = ref(false)
const manager = computed(() => session.manager)
const all = computed(() => site.catalog?.templates ?? [])
/** Those in use come first. */
const mostWorn = (list: TemplateInfo[]) => [...list].sort((a, b) => b.pages - a.pages)
/** Why no page wears it, and so where one would begin. */
function unworn(t: TemplateInfo) {
  const may = (site.catalog?.kinds ?? []).filter((k) => !k.pageless && mayWear(k, t.id)).map((k) => k.name)
  return may.length ? `Offered for ${may.join(', ')}` : 'No kind may wear it yet: say which on its screen'
}
const retired = computed(() => all.value.filter((t) => t.retired))
const groups = computed(() => [
  ...byPurpose(site.catalog).map((g) => ({ name: g.title, note: g.note, list: mostWorn(g.list) })),
  { name: 'Retired', note: 'on their pages, and not offered to others', list: retired.value },
])
const kindsOf = (t: TemplateInfo) =>
  (site.catalog?.kinds ?? []).filter((k) => k.template === t.id).map((k) => k.name)
function kindWords(k: KindInfo) {
  const fields = counted(k.fields.length, 'field')
  const many = k.pageless ? counted(k.pages, 'entry', 'entries') : counted(k.pages, 'page')
  return `${many} · ${fields}${k.retired ? ' · retired' : ''}`
}
function brings(t: TemplateInfo) {
  const starters = t.sections ? `brings ${counted(t.sections, 'section')}` : 'brings nothing'
  return `worn by ${counted(t.pages, 'page')} · ${starters}`
}
</script>

<template>
  <div class="screen">
    <header class="screen-head">
      <h1>Templates</h1>
      <span class="quiet">what pages are, and how they are laid out; one shapes many</span>
      <div v-if="manager" class="tools">
        <v-btn @click="makingKind = true">New kind…</v-btn>
        <v-btn class="yes" @click="making = true">New template…</v-btn>
      </div>
    </header>
    <div class="room">
      <section id="kinds" class="kinds">
        <div class="row-flex kinds-head">
          <h2><WordOf word="kind">Kinds of page</WordOf></h2>
          <router-link :to="{ name: 'kinds' }" class="textlink">All side by side…</router-link>
        </div>
        <ul class="rows">
          <li v-for="k in site.catalog?.kinds ?? []" :key="k.id">
            <router-link :to="{ name: 'kind', params: { kind: k.id } }" class="kind">
              <span v-if="k.pageless" class="table" title="Entries in a table, without pages"
                ><i /><i /><i
              /></span>
              <TemplateGlyph v-else :template="k.template" />
              <b class="cut">{{ k.name }}</b>
              <span class="quiet cut grow">{{ k.note }}</span>
              <span class="label">{{ kindWords(k) }}</span>
            </router-link>
          </li>
        </ul>
      </section>
      <DrawingBoard>
        <section v-for="g in groups" v-show="g.list.length" :key="g.name">
          <h2>
            {{ g.name }} <span class="quiet">{{ g.note }}</span>
          </h2>
          <ul>
            <li v-for="t in g.list" :key="t.id">
              <router-link :to="{ name: 'template', params: { template: t.id } }">
                <span class="frame">
                  <DrawnPlace class="drawing" :of="drawnOf(t)" :at="1280" whole :label="t.name" />
                </span>
                <span class="name"
                  ><TemplateGlyph :template="t.id" /> <b>{{ t.name }}</b></span
                >
              </router-link>
              <p class="note">{{ t.note }}</p>
              <p class="label">{{ brings(t) }}</p>
              <p v-if="!t.pages && !t.retired" class="label">{{ unworn(t) }}</p>
              <p v-if="kindsOf(t).length" class="label">as usual for {{ kindsOf(t).join(', ') }}</p>
            </li>
          </ul>
        </section>
      </DrawingBoard>
      <LibraryShelf v-if="manager" :sorts="['KIND', 'TEMPLATE']" />
    </div>
    <NewKindSheet v-if="makingKind" @close="makingKind = false" />
    <NewTemplateSheet v-if="making" @close="making = false" />
  </div>
</template>

<style scoped>
.table {
  width: 30px;
  height: 22px;
  flex: none;
  display: flex;
  flex-direction: column;
  justify-content: space-evenly;
}
.table i {
  border-top: 1px solid var(--quiet);
}
.room {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 18px 20px 40px;
}
h2 {
  font-size: 16px;
  margin: 24px 0 10px;
}
h2 .quiet {
  font: 13px/18px var(--text);
  letter-spacing: 0;
  margin-inline-start: 8px;
}
.kinds h2 {
  margin-top: 0;
}
.kinds-head {
  align-items: baseline;
  gap: 16px;
}
.kinds-head a {
  color: var(--juniper);
  text-decoration: underline;
}
.rows {
  grid-template-columns: repeat(auto-fill, minmax(min(420px, 100%), 1fr));
  gap: 0 24px;
}
.kind {
  display: flex;
  gap: 10px;
  align-items: center;
  height: 40px;
  border-bottom: 1px solid var(--line2);
}
.kind:hover b {
  color: var(--juniper);
}
ul {
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 22px 16px;
}
a {
  color: inherit;
  text-decoration: none;
  display: block;
}
.frame {
  display: block;
  height: 150px;
  overflow: hidden;
  border: 1px solid var(--line);
}
.frame > * {
  height: 100%;
}
a:hover .frame,
a:focus-visible .frame {
  border-color: var(--juniper);
  box-shadow: 0 0 0 1px var(--juniper);
}
.name {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-top: 7px;
}
.note {
  font-size: 13px;
  margin: 2px 0;
}
</style>
