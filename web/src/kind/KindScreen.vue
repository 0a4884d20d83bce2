<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { get } from '@/api/client'
import type { PageDetail, Property } from '@/api/types'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import DrawnPlace from '@/drawing/DrawnPlace.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import OpenedItem from '@/look/OpenedItem.vue'
import FormFields from '@/property/FormFields.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import EntriesPane from './EntriesPane.vue'
import KindFields from './KindFields.vue'
import KindStrip from './KindStrip.vue'
import { useKind } from './useKind'

const route = useRoute()
const site = useSite()
const session = useSession()
const id = computed(() => String(route.params.kind ?? ''))
const { kind, problem } = useKind(id)
/** The page in which the form is looked at; none for an empty one. */
const looked = ref<string | null>(null)
const page = ref<PageDetail | null>(null)
const pageless = computed(() => kind.value?.settings.pageless === true)
const changeable = computed(() => site.mayChange({ kind: id.value }))
const pages = computed(() => [
  { value: '', title: 'A new page' },
  ...site.order
    .map((p) => site.rows.get(p)!)
    .filter((r) => r?.kind === id.value)
    .map((r) => ({ value: r.id, title: r.title })),
])
watch([() => kind.value?.shown, id], () => (looked.value ??= kind.value?.shown ?? null), { immediate: true })
watch(id, () => (looked.value = null))

const WAYS = [
  { value: 'form', title: 'As it is filled in' },
  { value: 'page', title: 'As visitors get it' },
]
const way = ref('form')
async function keep(fields: Property[]) {
  return (await site.give({ verb: 'set-fields', kind: id.value, fields }, id.value)).ok
}
watch(
  [looked, () => site.step],
  async () => {
    if (!looked.value) return (page.value = null)
    const answer = await get('/api/sites/{site}/pages/{id}', { path: { site: site.id, id: looked.value } })
    page.value = answer.ok ? answer.value : null
  },
  { immediate: true },
)
</script>

<template>
  <OpenedItem
    :id="id"
    v-slot="{ still }"
    noun="kind"
    :found="kind?.id"
    :problem="problem"
    :all="{ name: 'templates' }"
  >
    <div v-if="kind" class="screen" :inert="still">
      <KindStrip :kind="kind" />
      <p v-if="kind.retired" class="told">Retired: what there is stays, and no more are made.</p>
      <div class="split halves" :class="{ entries: pageless }">
        <div class="side" role="region" aria-label="Fields">
          <KindFields
            :uses="kind.fields"
            :away="kind.putAway"
            :pages="kind.pages"
            one="field"
            :holders="pageless ? { one: 'entry', many: 'entries' } : undefined"
            :still="!session.manager"
            :keep="keep"
          />
        </div>
        <div class="side paper" role="region" aria-label="The kind as it is filled in and seen">
          <EntriesPane v-if="pageless" :kind="kind" :still="!changeable" />
          <template v-if="!pageless">
            <div class="row-flex top">
              <ChoiceOf v-model="way" :items="WAYS" label="Look at it" in-line />
              <span class="grow" />
              <v-autocomplete
                class="look"
                :model-value="looked ?? ''"
                :items="pages"
                aria-label="Page to look at"
                @update:model-value="(v: unknown) => (looked = String(v ?? '') || null)"
              />
            </div>
            <DrawingBoard v-if="way === 'page' && page">
              <DrawnPlace
                :key="page.id"
                class="drawn"
                :of="`page/${page.id}`"
                :version="String(site.step)"
                :at="1280"
                whole
                :label="page.title"
              />
            </DrawingBoard>
            <p v-else-if="way === 'page'" class="quiet">There is no page of this kind to look at yet.</p>
            <div v-else class="filled">
              <FormFields still :fields="kind.fields.map((u) => u.field)" :values="page?.fields ?? {}" />
            </div>
          </template>
        </div>
      </div>
    </div>
  </OpenedItem>
</template>

<style scoped>
.split {
  grid-template-columns: minmax(400px, 46%) minmax(0, 1fr);
}
.split.entries {
  grid-template-columns: minmax(320px, 30%) minmax(0, 1fr);
}
.side {
  overflow-y: auto;
  padding: 18px 20px 40px;
  min-height: 0;
}
.paper {
  border-left: 1px solid var(--line);
  background: var(--paper2, var(--paper));
}
.top {
  margin-bottom: 12px;
}
.look {
  max-width: 260px;
}
.drawn {
  border: 1px solid var(--line);
  aspect-ratio: 1 / 1.5;
}
.filled {
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 18px 22px 26px;
}
.told {
  padding: 6px 20px;
  background: var(--ochre-wash);
  color: var(--ochre-ink);
}
</style>
