<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { ShelfLine, TemplateInfo } from '@/api/types'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import { drawnOf } from '@/drawing/ofTemplate'
import LibraryShelf from '@/library/LibraryShelf.vue'
import FilterTabs from '@/look/FilterTabs.vue'
import { useSession } from '@/session/useSession'
import { pagesOf } from '@/site/pagesOf'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import ChoiceRow from './ChoiceRow.vue'
import { useNewPageHere } from './useNewPage'
import { isNamed } from '@/words/named'
import { wearGroups, type Wearable } from './wearables'
import WearChoice from './WearChoice.vue'

/** What a new page begins as: the templates of the site by what they are for, and whole pages to change. */
const site = useSite()
const session = useSession()
const { form, kind, usable, wear, beginnings } = useNewPageHere()
const WHOLE = 'whole'
const LIBRARY = 'library'
const words = ref('')
const purpose = ref('all')
const narrow = useLocalStorage('venue-new-narrow', false)
const withOld = ref(false)
const template = computed(() => site.templates.get(form.template))
const purposes = computed(() => [
  { key: 'all', name: 'all' },
  ...(site.catalog?.purposes ?? []).map((p) => ({ key: p.key, name: p.title.toLowerCase() })),
  ...(beginnings.value.length ? [{ key: WHOLE, name: 'whole pages' }] : []),
  ...(session.manager ? [{ key: LIBRARY, name: 'the library' }] : []),
])
const groups = computed(() =>
  site.catalog
    ? wearGroups(site.catalog, usable.value, { words: words.value.trim(), purpose: purpose.value })
    : [],
)
const whole = computed(() =>
  purpose.value === 'all' || purpose.value === WHOLE
    ? beginnings.value.filter((p) => isNamed(words.value.trim(), p.name, p.note))
    : [],
)
const old = computed(() => (site.catalog?.templates ?? []).filter((t) => t.retired))
const chosen = computed({ get: () => form.template, set: wear })
/** The kind that a page becomes by it, where that is another than the one it is. */
const other = ({ as }: Wearable) => (as && as.id !== form.kind ? as : undefined)
const whyNot = ({ as }: Wearable) =>
  as ? undefined : `not offered for ${kind.value ? pagesOf(kind.value.name) : 'any kind here'}`

async function offer(t: TemplateInfo) {
  const done = await site.give({ verb: 'allow-template', kind: form.kind, template: t.id, may: true })
  if (done.ok) await site.refresh()
  if (done.ok) wear(t.id)
}
/** What was taken is what the page wears, or is. */
async function take(line: ShelfLine, here: string) {
  if (line.sort === 'KIND') form.kind = here
  else wear(here)
}
</script>

<template>
  <section class="what">
    <header class="row-flex">
      <h2 class="grow">What</h2>
      <input v-model="words" class="boxed" type="search" placeholder="in words" aria-label="Found by words" />
      <FilterTabs
        :model-value="narrow ? 'narrow' : 'wide'"
        :tabs="[
          { key: 'wide', name: 'wide' },
          { key: 'narrow', name: 'narrow' },
        ]"
        label="Drawn as on a screen that is"
        @update:model-value="(to) => (narrow = to === 'narrow')"
      />
      <FilterTabs v-model="purpose" :tabs="purposes" label="What it is for" class="purposes" />
    </header>
    <DrawingBoard>
      <div role="radiogroup" aria-label="Wearing">
        <ChoiceRow v-for="g in groups" :key="g.key" :title="g.title" :note="g.note">
          <WearChoice
            v-for="w in g.list"
            :key="w.template.id"
            v-model="chosen"
            group="wearing"
            :value="w.template.id"
            :name="w.template.name"
            :title="w.template.note"
            :of="drawnOf(w.template)"
            :narrow="narrow"
            :label="`A page in ${w.template.name}`"
            :as="other(w)"
            :why-not="whyNot(w)"
          >
            <button
              v-if="!w.as && kind && session.manager"
              type="button"
              class="textlink"
              :aria-label="`Offer ${w.template.name} for ${pagesOf(kind.name)}`"
              @click="offer(w.template)"
            >
              offer it
            </button>
          </WearChoice>
        </ChoiceRow>
      </div>
      <div v-if="whole.length && template" role="radiogroup" aria-label="Whole pages">
        <ChoiceRow title="Whole pages" :note="`with words to change, in ${template.name}`">
          <WearChoice
            v-model="form.begin"
            group="begin"
            value=""
            :name="`What ${template.name} brings`"
            :of="`template/${template.id}?sample=1`"
            :narrow="narrow"
            :label="`What ${template.name} brings`"
          />
          <WearChoice
            v-for="p in whole"
            :key="p.id"
            v-model="form.begin"
            group="begin"
            :value="p.id"
            :name="p.name"
            :title="p.note"
            :of="`pattern/${p.id}?drawn=${p.drawn}`"
            :version="p.drawn"
            :narrow="narrow"
            :label="`The pattern ${p.name}`"
          />
        </ChoiceRow>
      </div>
      <ChoiceRow v-if="withOld" title="Kept from before" note="retired: on their pages, and for no new ones">
        <WearChoice
          v-for="t in old"
          :key="t.id"
          :model-value="form.template"
          group="old"
          :value="t.id"
          :name="t.name"
          :of="drawnOf(t)"
          :narrow="narrow"
          :label="`A page in ${t.name}`"
          :why-not="`on ${counted(t.pages, 'page')}`"
        />
      </ChoiceRow>
    </DrawingBoard>
    <p v-if="purpose !== LIBRARY && !groups.length && !whole.length" class="none quiet">
      Nothing is called so. <button type="button" class="textlink" @click="words = ''">Show all</button>
    </p>
    <p v-if="purpose !== LIBRARY && old.length" class="none quiet">
      {{ counted(old.length, 'template is', 'templates are') }} kept from before:
      <button type="button" class="textlink" @click="withOld = !withOld">
        {{ withOld ? 'hide' : 'show' }}
      </button>
    </p>
    <LibraryShelf
      v-if="session.manager && (purpose === 'all' || purpose === LIBRARY)"
      :sorts="['TEMPLATE', 'KIND']"
      :worn-by="form.kind"
      act="Take and wear it"
      @taken="take"
    >
      <p v-if="purpose === LIBRARY" class="none quiet">
        The library for all sites has no template and no kind that is not here already.
      </p>
    </LibraryShelf>
  </section>
</template>

<style scoped>
h2 {
  font-size: 18px;
}
header {
  gap: 6px 14px;
  flex-wrap: wrap;
  align-items: baseline;
  padding-bottom: 10px;
}
header input {
  width: 150px;
}
.purposes {
  flex-basis: 100%;
}
.none {
  border-top: 1px solid var(--line);
  padding: 10px 0;
}
</style>
