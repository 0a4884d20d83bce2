<script setup lang="ts">
import { counted } from '@/words/counted'
import { useEventListener } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useNotices } from '@/edit/useNotices'
import FilterTabs from '@/look/FilterTabs.vue'
import { useNarrow } from '@/look/useNarrow'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { LONGEST_TITLE } from './form'
import GatherChoice from './GatherChoice.vue'
import KindChoice from './KindChoice.vue'
import ManyNames from './ManyNames.vue'
import { isOutlined } from './outlined'
import OutlineNames from './OutlineNames.vue'
import { useNewPage } from './useNewPage'
import WhatChooser from './WhatChooser.vue'
import WhereChooser from './WhereChooser.vue'

const route = useRoute()
const router = useRouter()
const site = useSite()
const notices = useNotices()
const query = (key: string) => (route.query[key] ? String(route.query[key]) : null)
const { form, kind, may, titles, lacks, address, begun, busy, refused, make, forget } = useNewPage({
  parent: query('parent'),
  after: query('after'),
  several: route.query.several === '1',
  kind: query('kind'),
  template: query('template'),
})

const parentTitle = computed(() => (form.parent ? site.rows.get(form.parent)?.title : null))
const place = computed(() => (parentTitle.value ? `Beneath ${parentTitle.value}` : 'At the top of the plan'))
const cannot = computed(() => !may.value.has(form.kind))
/** The pattern that it begins with, else its template. */
const brings = computed(() => begun.value ?? site.templates.get(form.template))
const searchTitle = computed(() => (titles.value[0] ? `${titles.value[0]} · ${site.standing?.name}` : ''))
const session = useSession()
/** What that changes is told in the Plan before it is done. */
const thenHome = ref(false)
const outline = ref<InstanceType<typeof OutlineNames> | null>(null)
const outlined = computed(() => form.several && isOutlined(form.names))
async function outlineMade(count: number) {
  await router.replace({ name: 'plan', params: { page: form.parent ?? '' } })
  notices.tell(`${counted(count, 'page')} were made.`, 'They stand in the Plan, as drafts.')
}
async function submit() {
  if (outlined.value) return void outline.value?.make()
  const count = titles.value.length
  const several = form.several && count > 1
  const made = await make()
  if (made)
    await router.replace(
      several || thenHome.value
        ? { name: 'plan', params: { page: made }, query: thenHome.value ? { sheet: 'home' } : {} }
        : { name: kind.value?.startsIn === 'form' ? 'form' : 'page', params: { page: made } },
    )
  // Told on the screen that it leads to: a new one begins without what was said on the last.
  if (made && several)
    notices.tell(`${counted(count, 'page')} were made.`, 'They stand in the Plan, as drafts.')
}
const tooLong = computed(() => titles.value.some((t) => [...t].length > LONGEST_TITLE))
/** A phone shows one step at a time, and what is asked for first. */
const narrow = useNarrow()
const step = ref('name')
const STEPS = [
  { key: 'name', name: 'name it' },
  { key: 'what', name: 'what it is' },
  { key: 'where', name: 'where it stands' },
]
const at = (which: string) => !narrow.value || step.value === which
function close() {
  forget()
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
        <span class="quiet grow cut">{{ place }}</span>
        <v-btn @click="form.several = !form.several">{{
          form.several ? 'Just one' : 'Several at once…'
        }}</v-btn>
        <v-btn @click="close">Close<span class="kbd">Esc</span></v-btn>
      </header>
      <FilterTabs v-if="narrow" v-model="step" :tabs="STEPS" label="Steps" class="steps" />
      <div class="columns">
        <WhereChooser v-show="at('where')" class="where" />
        <WhatChooser v-show="at('what')" class="what" />
        <section v-show="at('name')" class="name">
          <h2>
            <label for="new-name">{{ form.several ? 'Names' : 'Name' }}</label>
          </h2>
          <ManyNames v-if="form.several" :place="place" />
          <v-text-field
            v-else
            id="new-name"
            v-model="form.name"
            v-focus
            placeholder="What the page is called"
            dir="auto"
            :counter="form.name.length > 150 ? LONGEST_TITLE : undefined"
            :aria-invalid="tooLong || undefined"
            :error="tooLong"
          />
          <p v-if="!form.several" class="mono address">{{ address?.address }}</p>
          <p v-if="address?.taken" class="should label">
            ◇ “{{ address.taken }}” has that address already, so this one is numbered.
          </p>
          <OutlineNames v-if="outlined" ref="outline" @made="outlineMade" />
          <KindChoice v-if="!outlined" />
          <GatherChoice v-if="!outlined" />
          <template v-if="!form.several">
            <h2>Search text</h2>
            <v-text-field
              v-model="form.searchTitle"
              aria-label="Search title"
              dir="auto"
              :placeholder="searchTitle || 'The page’s name'"
              :counter="form.searchTitle.length > 50 ? 60 : undefined"
            />
            <v-textarea
              v-model="form.description"
              class="gap"
              aria-label="Search description"
              placeholder="What somebody searching should know, in 150 letters"
            />
          </template>
          <v-checkbox
            v-if="session.manager && !form.several"
            v-model="thenHome"
            label="Then make it the home page…"
          />
          <p v-if="brings && !cannot && !outlined" class="brings">
            <b>Brings</b> {{ counted(brings.sections, 'section') }}, {{ counted(brings.toFill, 'place') }} to
            fill.
            <template v-if="!form.description && !form.several">
              No search description yet: the survey will remind you.</template
            >
          </p>
          <v-btn v-if="!outlined" type="submit" class="yes" :disabled="!!lacks || busy" :title="lacks">
            {{ form.several ? `Make ${titles.length} pages` : 'Make the page'
            }}<span class="kbd">Ctrl Enter</span>
          </v-btn>
          <p v-if="lacks && !outlined" class="label" aria-live="polite">{{ lacks }}.</p>
          <p v-else-if="refused" class="must label" role="alert">{{ refused }}</p>
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
label:focus-within {
  outline: 2px solid var(--juniper);
}
.name h2:not(:first-child) {
  margin-top: 16px;
}
.address {
  /* Its room is kept: what is beneath must not move away from under a hand. */
  min-height: 20px;
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
@media (max-width: 820px) {
  .desk {
    padding: 0;
    overflow-y: auto;
  }
  .paper {
    height: auto;
    min-height: 100%;
    border: 0;
    border-radius: 0;
  }
  header {
    flex-wrap: wrap;
    padding: 10px 14px;
  }
  header .cut {
    flex: 0 0 100%;
    order: 1;
  }
  .steps {
    padding: 8px 14px 0;
  }
  .columns {
    display: block;
  }
  .what {
    border-inline: 0;
  }
  section {
    overflow: visible;
  }
}
</style>
