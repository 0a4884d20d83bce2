<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed } from 'vue'
import type { PageDetail, PlaceFor } from '@/api/types'
import { get } from '@/api/client'
import { ref, watch } from 'vue'
import HoldsInput from '@/property/HoldsInput.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** What may stand beneath a page: who says so, and what that means for those who make pages. */
const props = defineProps<{ page: PageDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const session = useSession()
const here = ref<PlaceFor[]>([])
const name = (kind: string) => site.kinds.get(kind)?.name ?? kind
/** Which templates its pages may wear, in words. */
function templates(kind: string) {
  const info = site.kinds.get(kind)
  return !info || info.wearsAny ? 'in any template' : `in ${counted(info.templates.length, 'template')}`
}
const names = (kinds: string[]) => kinds.map(name).join(', ') || 'nothing'
const says = computed(() => {
  const holds = props.page.holds
  if (!holds) return 'Nobody says anything: any kind of page may stand beneath it.'
  const who = holds.own ? 'This page says so itself' : `As the ${holds.type} ${holds.by} says`
  return `${who}: ${names(holds.kinds)}.`
})
const inherited = computed(() => {
  const holds = props.page.holds
  return holds && !holds.own
    ? `As the ${holds.type} says: ${names(holds.kinds)}`
    : 'As its template or kind says'
})
watch(
  () => props.page.revision,
  async () => {
    const answer = await get('/api/sites/{site}/places', {
      path: { site: site.id },
      query: { parent: props.page.id },
    })
    if (answer.ok) here.value = answer.value
  },
  { immediate: true },
)
</script>

<template>
  <SheetDialog :title="`What may stand beneath “${page.title}”`" @close="emit('close')">
    <p>{{ says }}</p>
    <HoldsInput
      v-if="session.manager"
      :value="page.settings.mayHold"
      :inherited="inherited"
      @change="(v) => site.give({ verb: 'set-value', item: page.id, key: 'mayHold', value: v }, page.id)"
    />
    <h3>What can be made here</h3>
    <p v-if="here.length && !here.some((p) => p.editors)" class="should" role="status">
      ◇ Editors can make nothing beneath this page.
    </p>
    <ul>
      <li v-for="p in here" :key="p.kind" :class="{ no: p.whyNot }">
        <b>{{ p.whyNot ? '×' : '✓' }} {{ name(p.kind) }}</b>
        <span v-if="p.whyNot" class="quiet">{{ p.whyNot }}</span>
        <template v-else>
          <router-link
            v-if="session.manager"
            :to="{ name: 'kind', params: { kind: p.kind }, query: { set: 'templates' } }"
            :aria-label="`${templates(p.kind)} ${name(p.kind)} pages may wear`"
            >{{ templates(p.kind) }}</router-link
          >
          <span v-else class="quiet">{{ templates(p.kind) }}</span>
          <span v-if="!p.editors" class="quiet">by managers only</span>
        </template>
      </li>
    </ul>
    <v-btn class="gap" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>

<style scoped>
h2 {
  overflow-wrap: anywhere;
}
h3 {
  font: 600 16px/22px var(--display);
  margin: 14px 0 4px;
}
ul {
  list-style: none;
}
li {
  display: flex;
  gap: 8px;
  padding: 2px 0;
}
li b {
  font-weight: 500;
  white-space: nowrap;
}
.no b {
  color: var(--quiet);
}
</style>
