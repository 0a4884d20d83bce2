<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Value } from '@/api/types'
import { useMeant } from '@/edit/useMeant'
import { useSite } from '@/site/useSite'
import { kindsIn } from '@/site/placementWords'

/** What may stand beneath: as inherited, nothing, or these kinds. */
defineOptions({ inheritAttrs: false })
const props = defineProps<{ value: Value | undefined; inherited?: string; label?: string }>()
const emit = defineEmits<{ change: [value: Value | undefined] }>()
const site = useSite()
const { now: value, set } = useMeant(
  () => props.value,
  (next) => emit('change', next),
)
const chosen = computed(() => kindsIn(value.value))
/** Kinds are being chosen, and none is yet: what was said before holds until the first is. */
const choosing = ref(false)
const way = computed(() =>
  choosing.value || chosen.value?.length ? 'these' : chosen.value === null ? 'inherited' : 'nothing',
)
const kinds = computed(() =>
  (site.catalog?.kinds ?? []).filter((k) => (!k.pageless && !k.retired) || chosen.value?.includes(k.id)),
)

function give(ids: string[]) {
  set(ids.map((kind) => ({ kind })))
}
function choose(next: string | null) {
  choosing.value = next === 'these'
  if (next === 'inherited') set(undefined)
  else if (next === 'nothing') give([])
}
const all = () => give(kinds.value.map((k) => k.id))
function toggle(id: string, yes: boolean) {
  const others = (chosen.value ?? []).filter((k) => k !== id)
  give(yes ? [...others, id] : others)
}
</script>

<template>
  <div>
    <v-radio-group
      :model-value="way"
      :aria-label="label ?? 'What may stand beneath'"
      @update:model-value="choose"
    >
      <v-radio value="inherited" :label="inherited ?? 'As inherited'" />
      <v-radio value="nothing" label="Nothing" />
      <v-radio value="these" label="These kinds only" />
    </v-radio-group>
    <div v-if="way === 'these'" class="kinds">
      <p v-if="!chosen?.length" class="label wide">
        Tick what may stand there; until then all stays as it is.
      </p>
      <button type="button" class="textlink wide" @click="all">All of them</button>
      <v-checkbox
        v-for="k in kinds"
        :key="k.id"
        :model-value="chosen?.includes(k.id)"
        :label="k.name"
        @update:model-value="(v: unknown) => toggle(k.id, v === true)"
      />
    </div>
  </div>
</template>

<style scoped>
.kinds {
  display: grid;
  grid-template-columns: 1fr 1fr;
  padding-left: 30px;
}
.wide {
  grid-column: 1 / -1;
  justify-self: start;
}
</style>
