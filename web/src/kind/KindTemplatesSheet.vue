<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Command, KindDetail } from '@/api/types'
import { useMeant } from '@/edit/useMeant'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import DrawnPlace from '@/drawing/DrawnPlace.vue'
import { drawnOf } from '@/drawing/ofTemplate'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSession } from '@/session/useSession'
import { byPurpose } from '@/site/byPurpose'
import { pagesOf } from '@/site/pagesOf'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** The templates that pages of a kind may wear, drawn; and the one they wear unless they choose. */
const props = defineProps<{ kind: KindDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const session = useSession()
const words = ref('')
/** As they are meant to be, a moment before the server has them so: whoever ticks quickly ticks upon what they see. */
const { now: allowed, set } = useMeant<string[] | undefined>(
  () => props.kind.allowed,
  () => tell(),
)
let tell = () => {}
function mean(next: string[] | undefined, command: Command) {
  tell = () => void site.give(command)
  set(next)
}
const may = (id: string) => !allowed.value || allowed.value.includes(id)
const templates = computed(() => (site.catalog?.templates ?? []).filter((t) => !t.retired || may(t.id)))
const groups = computed(() => byPurpose(site.catalog, (t) => !t.retired || may(t.id), words.value))
const worn = computed(() => templates.value.filter((t) => may(t.id)).length)
const WAYS = [
  { value: true, title: 'all, those made later too' },
  { value: false, title: 'only these' },
]

function give(template: string, next: string[] | undefined) {
  mean(next, { verb: 'set-kind-templates', kind: props.kind.id, template, allowed: next })
}
const any = computed({
  get: () => !allowed.value,
  set: (is) => give(props.kind.usual, is ? undefined : templates.value.map((t) => t.id)),
})
const none = () => give(props.kind.usual, [props.kind.usual])
const every = () =>
  give(
    props.kind.usual,
    templates.value.map((t) => t.id),
  )
function allow(id: string, yes: boolean) {
  const others = (allowed.value ?? []).filter((t) => t !== id)
  mean(yes ? [...others, id] : others, {
    verb: 'allow-template',
    kind: props.kind.id,
    template: id,
    may: yes,
  })
}
function makeUsual(id: string) {
  give(id, allowed.value ? [...new Set([...allowed.value, id])] : undefined)
}
</script>

<template>
  <SheetDialog
    :title="`Templates of ${pagesOf(kind.name)}`"
    size="large"
    :inert="!session.manager || undefined"
    @close="emit('close')"
  >
    <template #beside><v-btn @click="emit('close')">Done</v-btn></template>
    <p class="quiet">
      {{ counted(kind.following, 'page follows', 'pages follow') }} the usual one, {{ kind.chosen }} chose
      their own. Changing it changes those that follow.
    </p>
    <div class="row-flex ways">
      <span class="label" aria-hidden="true">They may wear</span>
      <ChoiceOf v-model="any" :items="WAYS" label="They may wear" class="grow" />
      <template v-if="!any">
        <span class="quiet">{{ worn }} of {{ templates.length }}</span>
        <button type="button" class="textlink" @click="every">all of them</button>
        <button type="button" class="textlink" @click="none">none but the usual one</button>
      </template>
      <input v-model="words" class="boxed" type="search" placeholder="in words" aria-label="Found by words" />
    </div>
    <DrawingBoard>
      <section v-for="g in groups" :key="g.key" :aria-label="g.title">
        <h3>
          {{ g.title }} <span class="quiet">{{ g.note }}</span>
        </h3>
        <ul>
          <li v-for="t in g.list" :key="t.id" :class="{ usual: t.id === kind.usual }">
            <DrawnPlace
              class="drawing"
              :of="drawnOf(t)"
              :at="1280"
              whole
              :pale="!may(t.id)"
              :label="t.name"
            />
            <v-checkbox
              :model-value="may(t.id)"
              :disabled="any || t.id === kind.usual"
              :label="t.name"
              :title="t.note"
              @update:model-value="(v: unknown) => allow(t.id, v === true)"
            />
            <span v-if="t.id === kind.usual" class="mark">● the usual one</span>
            <button v-else type="button" class="textlink" @click="makeUsual(t.id)">
              make it the usual one
            </button>
            <span v-if="t.retired" class="quiet"> · retired</span>
          </li>
        </ul>
      </section>
    </DrawingBoard>
    <p v-if="!groups.length" class="quiet">No template is called so.</p>
  </SheetDialog>
</template>

<style scoped>
.ways {
  flex-wrap: wrap;
  gap: 6px 14px;
  margin: 10px 0 4px;
}
.ways input {
  width: 150px;
}
h3 {
  font-size: 15px;
  border-top: 1px solid var(--line);
  padding-top: 10px;
  margin-top: 12px;
}
h3 .quiet {
  font: 13px/18px var(--text);
}
ul {
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 14px;
  padding-top: 8px;
}
li {
  min-width: 0;
  font-size: 13px;
}
.drawing {
  height: 112px;
  border: 1px solid var(--line);
}
.usual .drawing {
  border-color: var(--juniper);
  box-shadow: 0 0 0 1px var(--juniper);
}
.mark {
  color: var(--juniper);
}
</style>
