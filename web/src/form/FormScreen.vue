<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { FormField } from '@/api/types'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import DrawnPlace from '@/drawing/DrawnPlace.vue'
import ItemStrip from '@/library/ItemStrip.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import OpenedItem from '@/look/OpenedItem.vue'
import StripFact from '@/look/StripFact.vue'
import FormBuilder from '@/property/FormBuilder.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import FormFieldCard from './FormFieldCard.vue'
import { newFormField } from './formFields'
import FormSettingsPane from './FormSettingsPane.vue'
import NewFormSheet from './NewFormSheet.vue'
import { useForm } from './useForm'

/** A form: what it asks for at the left; at the right how it is set, or how it stands on a page. */
const route = useRoute()
const router = useRouter()
const site = useSite()
const session = useSession()
const id = computed(() => String(route.params.form ?? ''))
const { form, problem } = useForm(id)
const copying = ref(false)
const still = computed(() => !session.manager)
const WAYS = [
  { value: 'set', title: 'What comes of it' },
  { value: 'page', title: 'As visitors get it' },
]
const way = ref('set')
watch(id, () => (way.value = 'set'))
const on = computed(() => form.value?.placed ?? [])
async function keep(fields: FormField[]) {
  return (await site.give({ verb: 'set-form-fields', form: id.value, fields }, id.value)).ok
}
const retire = () => void site.give({ verb: 'retire-form', form: id.value, retired: !form.value?.retired })
async function remove() {
  const answer = await site.give({ verb: 'remove-form', form: id.value })
  if (answer.ok) await router.push({ name: 'answers' })
}
</script>

<template>
  <OpenedItem
    :id="id"
    v-slot="{ still: awaited }"
    noun="form"
    :found="form?.id"
    :problem="problem"
    :all="{ name: 'answers' }"
  >
    <div v-if="form" class="screen" :inert="awaited">
      <ItemStrip
        noun="form"
        :item="form"
        back="Answers"
        stays="It is shown nowhere, and takes no more; what came stays"
        removable
        @back="router.push({ name: 'answers', params: { form: id } })"
        @name="(name) => site.give({ verb: 'name-form', form: id, name }, id)"
        @retire="retire"
        @another="copying = true"
        @remove="remove"
      >
        <StripFact label="Stands on">
          <router-link v-if="on[0]" :to="{ name: 'page', params: { page: on[0] } }">{{
            on.length === 1 ? (site.rows.get(on[0])?.title ?? '1 page') : counted(on.length, 'page')
          }}</router-link>
          <span v-else class="should">no page yet: place it where a page is written</span>
        </StripFact>
        <StripFact label="Asks for">{{ counted(form.fields.length, 'thing') }}</StripFact>
        <StripFact label="Answers">
          <router-link :to="{ name: 'answers', params: { form: id } }">see them</router-link>
        </StripFact>
      </ItemStrip>
      <p v-if="form.retired" class="told">Retired: it is shown nowhere, and takes no more answers.</p>
      <div class="split halves">
        <div class="side" role="region" aria-label="What it asks for">
          <FormBuilder
            :fields="form.fields"
            :taken="[]"
            :fresh="newFormField"
            one="field"
            adds="What else is asked for"
            :still="still"
            :keep="keep"
          >
            <template #card="card">
              <FormFieldCard
                :field="card.field"
                :all="form.fields"
                :open="card.open"
                :still="still"
                @set="card.set"
                @unfold="card.unfold"
                @away="card.away"
                @move="card.move"
              />
            </template>
          </FormBuilder>
        </div>
        <div class="side paper" role="region" aria-label="What comes of it, and how it looks">
          <ChoiceOf v-model="way" :items="WAYS" label="Look at it" in-line />
          <FormSettingsPane v-if="way === 'set'" class="pane" :form="form" :still="still" />
          <DrawingBoard v-else-if="on[0]" class="pane">
            <DrawnPlace
              :key="on[0]"
              class="drawn"
              :of="`page/${on[0]}`"
              :version="String(site.step)"
              :at="1280"
              whole
              :label="site.rows.get(on[0])?.title ?? 'The page'"
            />
          </DrawingBoard>
          <p v-else class="quiet pane">
            It stands on no page yet. Place it where a page is written: press +, then Form.
          </p>
        </div>
      </div>
      <NewFormSheet v-if="copying" :from="id" @close="copying = false" />
    </div>
  </OpenedItem>
</template>

<style scoped>
.split {
  grid-template-columns: minmax(400px, 52%) minmax(0, 1fr);
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
.pane {
  margin-top: 18px;
  max-width: 620px;
}
.drawn {
  border: 1px solid var(--line);
  aspect-ratio: 1 / 1.5;
}
.told {
  padding: 6px 20px;
  background: var(--ochre-wash);
  color: var(--ochre-ink);
}
</style>
