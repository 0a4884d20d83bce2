<script setup lang="ts">
import { computed } from 'vue'
import type { MenuLine } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { groupIds } from '@/property/values'
import { useSite } from '@/site/useSite'

/** To whom a line is shown, of those who may open what it leads to. */
const props = defineProps<{ settings: MenuLine['settings']; words: string }>()
const emit = defineEmits<{ set: [settings: MenuLine['settings']] }>()
const site = useSite()
const groups = computed(() => site.catalog?.groups ?? [])
const who = computed(() => String(props.settings.shownTo ?? 'everyone'))
const chosen = computed(() => groupIds(props.settings.shownToGroups))
const whos = computed(() => [
  { value: 'everyone', title: 'everyone' },
  { value: 'members', title: 'members' },
  ...(groups.value.length ? [{ value: 'groups', title: 'some groups' }] : []),
  { value: 'strangers', title: 'strangers' },
])
function choose(to = 'everyone') {
  emit('set', to === 'everyone' ? {} : { shownTo: to })
}
function toggle(id: string) {
  const ids = chosen.value.includes(id) ? chosen.value.filter((c) => c !== id) : [...chosen.value, id]
  emit('set', {
    shownTo: 'groups',
    ...(ids.length ? { shownToGroups: ids.map((group) => ({ group })) } : {}),
  })
}
</script>

<template>
  <span class="shown">
    <span class="quiet">Shown to</span>
    <ChoiceOf
      :model-value="who"
      :items="whos"
      :label="`To whom ${words} is shown`"
      in-line
      @update:model-value="choose"
    />
    <template v-if="who === 'groups'">
      <label v-for="g in groups" :key="g.id" class="row-flex">
        <input type="checkbox" :checked="chosen.includes(g.id)" @change="toggle(g.id)" /> {{ g.name }}
      </label>
      <span v-if="!chosen.length" class="should">◇ Nobody gets it until a group is chosen.</span>
    </template>
  </span>
</template>

<style scoped>
.shown {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
}
</style>
