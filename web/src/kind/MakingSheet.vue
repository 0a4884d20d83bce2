<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed } from 'vue'
import type { KindDetail, Value } from '@/api/types'
import { hasOwnSheet } from '@/parts/ownSheet'
import { PARTS_GROUP } from '@/parts/parts'
import GroupedInputs from '@/property/GroupedInputs.vue'
import PropertyInput from '@/property/PropertyInput.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import WrittenInput from '@/edit/WrittenInput.vue'
import { allHeld, matters } from '@/property/values'
import { pagesOf } from '@/site/pagesOf'

/** What a kind is for, how its pages are begun, and who may make and change them. */
const props = defineProps<{ kind: KindDetail }>()
const emit = defineEmits<{ note: [note: string]; close: [] }>()
const site = useSite()
const session = useSession()
const pageless = computed(() => props.kind.settings.pageless === true)
/** Entries are not offered among the pages, and not written in a galley. */
const OF_PAGES = ['offeredFirst', 'startsIn', 'band', 'sides', 'comments', 'commentsDays']
const held = computed(() => allHeld(props.kind.settingList, props.kind.settings))
const settings = computed(() =>
  props.kind.settingList.filter(
    (s) =>
      s.key !== 'mayHold' &&
      !hasOwnSheet(s) &&
      !(pageless.value && OF_PAGES.includes(s.key)) &&
      matters(s, held.value),
  ),
)
const parts = computed(() =>
  pageless.value ? [] : props.kind.settingList.filter((s) => s.group === PARTS_GROUP),
)

function set(key: string, value: Value | undefined) {
  void site.give({ verb: 'set-value', item: props.kind.id, key, value: value }, props.kind.id)
}
</script>

<template>
  <SheetDialog
    :title="`How ${pageless ? `entries of ${kind.name}` : pagesOf(kind.name)} are made`"
    size="narrow"
    :inert="!session.manager || undefined"
    @close="emit('close')"
  >
    <label class="label" for="kind-note">What they are, in a line</label>
    <WrittenInput
      id="kind-note"
      class="boxed"
      :value="kind.note"
      maxlength="200"
      @written="(note) => emit('note', note)"
    />
    <div v-for="s in settings" :key="s.key" class="one">
      <PropertyInput :property="s" :value="kind.settings[s.key]" @change="(v) => set(s.key, v)" />
    </div>
    <GroupedInputs
      v-if="parts.length"
      class="gap"
      :properties="parts"
      :declared="parts"
      :values="kind.settings"
      @change="set"
    />
    <v-btn class="one" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>

<style scoped>
.label {
  display: block;
  margin-top: 10px;
}
.one {
  margin-top: 12px;
}
</style>
