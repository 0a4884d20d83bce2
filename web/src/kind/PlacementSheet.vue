<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, ref } from 'vue'
import type { KindDetail } from '@/api/types'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import HoldsInput from '@/property/HoldsInput.vue'
import { pagesOf } from '@/site/pagesOf'

/** What pages of a kind may stand beneath, and what may stand beneath them. */
const props = defineProps<{ kind: Pick<KindDetail, 'id' | 'name' | 'beneath' | 'settings'> }>()
const emit = defineEmits<{ close: [] }>()
type Where = KindDetail['beneath']['where']
const site = useSite()
const session = useSession()
const where = ref<Where>(props.kind.beneath.where)
const ids = ref<string[]>([...props.kind.beneath.ids])
const WAYS: { value: Where; label: string }[] = [
  { value: 'ANYWHERE', label: 'Anywhere' },
  { value: 'BENEATH_PAGES', label: 'Beneath these pages only' },
  { value: 'BENEATH_KINDS', label: 'Beneath pages of these kinds only' },
]
const choices = computed(() =>
  where.value === 'BENEATH_PAGES'
    ? site.order.map((id) => ({ value: id, title: site.rows.get(id)?.title ?? id }))
    : (site.catalog?.kinds ?? [])
        .filter((k) => !k.pageless || ids.value.includes(k.id))
        .map((k) => ({ value: k.id, title: k.name })),
)
const waiting = computed(() => where.value !== 'ANYWHERE' && !ids.value.length)

function give() {
  if (waiting.value) return
  void site.give(
    { verb: 'place-kind', kind: props.kind.id, beneath: { where: where.value, ids: ids.value } },
    props.kind.id,
  )
}
function chooseWay(next: Where | null) {
  where.value = next ?? 'ANYWHERE'
  ids.value = next === props.kind.beneath.where ? [...props.kind.beneath.ids] : []
  give()
}
function chooseIds(next: string[]) {
  ids.value = next
  give()
}
</script>

<template>
  <SheetDialog
    :title="`Where ${pagesOf(kind.name)} stand`"
    :inert="!session.manager || undefined"
    @close="emit('close')"
  >
    <v-radio-group :model-value="where" aria-label="Where they stand" @update:model-value="chooseWay">
      <v-radio v-for="w in WAYS" :key="w.value" :value="w.value" :label="w.label" />
    </v-radio-group>
    <v-autocomplete
      v-if="where !== 'ANYWHERE'"
      :model-value="ids"
      :items="choices"
      multiple
      chips
      closable-chips
      :aria-label="where === 'BENEATH_PAGES' ? 'Pages' : 'Kinds'"
      :placeholder="where === 'BENEATH_PAGES' ? 'Name a page' : 'Name a kind'"
      @update:model-value="chooseIds"
    />
    <p v-if="waiting" class="label should" aria-live="polite">
      Name at least one; until then nothing changes.
    </p>
    <p class="label">
      Editors are held to it. Managers may pass over it, and the survey says so of the page.
    </p>
    <h3>What may stand beneath them</h3>
    <HoldsInput
      :value="kind.settings.mayHold"
      inherited="Anything"
      @change="(v) => site.give({ verb: 'set-value', item: kind.id, key: 'mayHold', value: v }, kind.id)"
    />
    <p class="label">A template, or a page itself, may say otherwise.</p>
    <v-btn class="gap" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>

<style scoped>
h3 {
  font: 600 16px/22px var(--display);
  margin: 16px 0 2px;
}
</style>
