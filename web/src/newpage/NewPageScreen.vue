<script setup lang="ts">
import { counted } from '@/look/counted'
import { useEventListener } from '@vueuse/core'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import { outline } from '@/plan/outline'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { useNewPage } from './useNewPage'

const route = useRoute()
const router = useRouter()
const site = useSite()
const session = useSession()
const query = (key: string) => (route.query[key] ? String(route.query[key]) : null)
const { form, fitting, whyNot, may, evenSo, nothingFits, kind, titles, lacks, address, busy, make } =
  useNewPage({
    parent: query('parent'),
    after: query('after'),
    several: route.query.several === '1',
    kind: query('kind'),
  })

/** A kind that came first narrows the places: one is told, a few are listed, many are the plan. */
const FEW = 12
const given = query('kind')
const narrowed = computed(() => given !== null && fitting.value.length <= FEW)
const places = computed(() => {
  const all = outline(site.order, site.rows, { folded: new Set() })
  if (!narrowed.value) return all
  const ids = new Set(fitting.value.map((p) => p.parent))
  return all.filter((p) => ids.has(p.row.id)).map((p) => ({ ...p, depth: 0 }))
})
const topFits = computed(() => !narrowed.value || fitting.value.some((p) => !p.parent))
const kinds = computed(() =>
  (site.catalog?.kinds ?? []).filter((k) => whyNot.value.has(k.id) && (!given || k.id === given)),
)
/** Editors see what they may do; managers also what the rules would not allow. */
const offered = computed(() =>
  session.manager ? kinds.value : kinds.value.filter((k) => may.value.has(k.id)),
)
const withheld = computed(() => (session.manager ? [] : kinds.value.filter((k) => !may.value.has(k.id))))
const parentTitle = computed(() => (form.parent ? site.rows.get(form.parent)?.title : null))
const templates = computed(() =>
  (kind.value?.templates ?? []).map((t) => site.templates.get(t)).filter((t) => t !== undefined),
)
const chosen = computed(() => site.templates.get(form.template))
const searchTitle = computed(() => (titles.value[0] ? `${titles.value[0]} · ${site.standing?.name}` : ''))
const menuWords = (id: string, name: string) => {
  const parent = form.parent ? site.rows.get(form.parent) : undefined
  return parent?.menus.includes(id) ? `${name}, beneath ${parent.title}` : name
}

async function submit() {
  const several = form.several && titles.value.length > 1
  const made = await make()
  if (made)
    await router.replace(
      several
        ? { name: 'plan', params: { page: made } }
        : { name: kind.value?.startsIn === 'form' ? 'form' : 'page', params: { page: made } },
    )
}
function close() {
  void router.replace({ name: 'plan', params: { page: form.parent ?? form.after ?? '' } })
}
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (event.key === 'Escape') close()
  if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) void submit()
})
</script>

<template>
  <div class="desk">
    <form class="paper" aria-label="New page" @submit.prevent="submit">
      <header>
        <h1>{{ form.several ? 'New pages' : 'New page' }}</h1>
        <span class="quiet grow cut">{{
          parentTitle ? `Beneath ${parentTitle}` : 'At the top of the plan'
        }}</span>
        <v-btn @click="form.several = !form.several">{{
          form.several ? 'Just one' : 'Several at once…'
        }}</v-btn>
        <v-btn @click="close">Close<span class="kbd">Esc</span></v-btn>
      </header>
      <div class="columns">
        <section class="where">
          <h2>Where</h2>
          <p v-if="given && !fitting.length" class="quiet">
            There is no place where {{ kind?.name }} pages may stand.
          </p>
          <p v-else-if="narrowed && fitting.length === 1" class="only">
            Beneath <b>{{ parentTitle ?? 'the top of the plan' }}</b>, the one place for
            {{ kind?.name }} pages.
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
        <section class="what">
          <h2>What</h2>
          <div class="kinds" role="radiogroup" aria-label="What">
            <label
              v-for="k in offered"
              :key="k.id"
              class="kind"
              :class="{ on: form.kind === k.id, no: whyNot.get(k.id) }"
            >
              <input
                v-model="form.kind"
                type="radio"
                :value="k.id"
                class="unseen"
                :disabled="!!whyNot.get(k.id) && !may.has(k.id)"
              />
              <TemplateGlyph :template="k.template" :wide="34" />
              <span class="grow">
                <b>{{ k.name }}</b>
                <span class="quiet note">{{ whyNot.get(k.id) || k.note }}</span>
              </span>
            </label>
          </div>
          <ul v-if="withheld.length" class="withheld label">
            <li v-for="k in withheld" :key="k.id">
              <b>{{ k.name }}</b> pages {{ whyNot.get(k.id) }}.
            </li>
          </ul>
          <p v-if="nothingFits && !evenSo" class="brings">
            {{ session.manager ? 'By the rules, nothing' : 'You can make nothing' }}
            {{ parentTitle ? `beneath “${parentTitle}”` : 'at the top of the plan' }}. Choose another place at
            the left.
          </p>
          <p v-if="evenSo" class="brings should">
            {{ kind?.name }} pages {{ whyNot.get(form.kind) }}. As a manager you can make it here even so; the
            survey will say that it stands against the rules.
          </p>
          <h2 v-if="kind && may.has(form.kind)" class="wearing">
            Wearing <span class="quiet">drawn with this site’s own look and words</span>
          </h2>
          <div v-if="may.has(form.kind)" class="templates" role="radiogroup" aria-label="Wearing">
            <label v-for="t in templates" :key="t.id" :class="{ on: form.template === t.id }">
              <input v-model="form.template" type="radio" :value="t.id" class="unseen" />
              <ProofFrame
                class="proof"
                :path="t.shown ? `page/${t.shown}` : `template/${t.id}`"
                :width="1100"
                still
                :label="`A page in ${t.name}`"
              />
              <span class="row-flex"
                ><TemplateGlyph :template="t.id" :wide="26" /><b>{{ t.name }}</b></span
              >
            </label>
          </div>
        </section>
        <section class="name">
          <h2>
            <label for="new-name">{{ form.several ? 'Names' : 'Name' }}</label>
          </h2>
          <v-textarea
            v-if="form.several"
            id="new-name"
            v-model="form.names"
            rows="6"
            autofocus
            placeholder="One name on each line"
          />
          <v-text-field
            v-else
            id="new-name"
            v-model="form.name"
            autofocus
            placeholder="What the page is called"
            dir="auto"
          />
          <p v-if="form.several" class="label">{{ counted(titles.length, 'page') }}, at most 200</p>
          <p v-else-if="address" class="mono address">{{ address.address }}</p>
          <p v-if="address?.taken" class="should label">
            ◇ “{{ address.taken }}” has that address already, so this one is numbered.
          </p>
          <template v-if="!form.several">
            <h2>Search text</h2>
            <p v-if="searchTitle" class="label cut">{{ searchTitle }}</p>
            <v-textarea
              v-model="form.description"
              aria-label="Search description"
              placeholder="What somebody searching should know, in 150 letters"
            />
          </template>
          <p v-if="chosen" class="brings">
            <b>Brings</b> {{ counted(chosen.sections, 'section') }}, {{ counted(chosen.toFill, 'place') }} to
            fill.
            <template v-if="!form.description && !form.several">
              No search description yet: the survey will remind you.</template
            >
          </p>
          <v-btn type="submit" class="yes" :disabled="!!lacks || busy" :title="lacks">
            {{ form.several ? `Make ${titles.length} pages` : 'Make the page'
            }}<span class="kbd">Ctrl Enter</span>
          </v-btn>
          <p v-if="lacks" class="label" aria-live="polite">{{ lacks }}.</p>
        </section>
      </div>
    </form>
  </div>
</template>

<style scoped>
.desk {
  height: 100%;
  padding: 14px 20px 0;
}
.paper {
  height: 100%;
  background: var(--sheet);
  border: 1px solid var(--ink);
  border-bottom: 0;
  border-radius: 3px 3px 0 0;
  display: flex;
  flex-direction: column;
}
header {
  display: flex;
  align-items: baseline;
  gap: 12px;
  padding: 14px 24px;
  border-bottom: 1px solid var(--line);
}
.columns {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr) 300px;
}
section {
  padding: 16px 24px;
  overflow-y: auto;
  min-height: 0;
}
.what {
  border-inline: 1px solid var(--line);
}
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
.kinds {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.kind {
  display: flex;
  gap: 12px;
  align-items: center;
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 8px 12px;
  cursor: pointer;
}
.kind.on {
  border-color: var(--juniper);
  box-shadow: inset 0 0 0 1px var(--juniper);
}
.kind.no {
  border-style: dashed;
  color: var(--quiet);
  cursor: default;
}
.note {
  display: block;
  font-size: 13px;
  line-height: 17px;
}
.withheld {
  list-style: none;
  margin-top: 10px;
}
.withheld li {
  padding: 1px 0;
}
.only {
  margin-bottom: 10px;
}
.wearing {
  margin-top: 18px;
}
.wearing span {
  font: 13px/18px var(--text);
  letter-spacing: 0;
}
.templates {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 12px;
}
.templates label {
  cursor: pointer;
}
.proof {
  height: 178px;
  border: 1px solid var(--line);
  margin-bottom: 6px;
}
.templates .on .proof {
  border-color: var(--juniper);
  box-shadow: 0 0 0 1px var(--juniper);
}
.name h2:not(:first-child) {
  margin-top: 16px;
}
.address {
  margin-top: 5px;
  overflow-wrap: anywhere;
}
.yes {
  margin-top: 14px;
}
.brings {
  background: var(--paper);
  border-left: 3px solid var(--line);
  padding: 9px 12px;
  margin: 14px 0;
}
@media (max-width: 1100px) {
  .columns {
    grid-template-columns: 190px minmax(0, 1fr) 260px;
  }
  section {
    padding: 14px;
  }
}
</style>
