<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { counted } from '@/words/counted'
import { computed, onMounted, ref } from 'vue'
import { get } from '@/api/client'
import type { PlacedSection, ReachEffect } from '@/api/types'
import { said } from '@/api/said'
import { useSite } from '@/site/useSite'
import { OF_TEMPLATE, REACHES, reachOf } from '@/words/reachWords'
import { useGalley } from './useGalley'

/** How far a section reaches, and what each other reach would do, told before it is done. */
const props = defineProps<{ own: PlacedSection }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const galley = useGalley()
const effects = ref<ReachEffect[]>([])
const trouble = ref('')

/** In a template there are two ways; on a page the server tells what each of its four would do. */
const template = computed(() =>
  galley.sheet.value?.sort === 'template' ? site.templates.get(galley.id()) : undefined,
)
const ways = computed(() => (template.value ? OF_TEMPLATE : REACHES))
function ofTemplate(pages: number): Record<string, string> {
  const on = counted(pages, 'page')
  return {
    TEMPLATE: `It shows at once on the ${on} wearing it. Copies that pages hold stay theirs.`,
    STARTER: `It is copied into new pages, and goes from the ${on} that ${pages === 1 ? 'shows' : 'show'} it now.`,
  }
}

onMounted(async () => {
  if (template.value) return
  const answer = await get('/api/sites/{site}/pages/{id}/sections/{section}/reaches', {
    path: { site: site.id, id: galley.id(), section: props.own.section.id },
  })
  if (answer.ok) effects.value = answer.value
  else trouble.value = said(answer.problem)
})
const says = (key: string) =>
  template.value
    ? (ofTemplate(template.value.pages)[key] ?? '')
    : (effects.value.find((e) => e.to === key)?.says ?? '')

const busy = ref(false)
async function choose(to: string) {
  if (busy.value) return
  busy.value = true
  const section = props.own.section.id
  const answer = await galley.give(
    template.value
      ? { verb: 'fix-section', template: galley.id(), section, fixed: to === 'TEMPLATE' }
      : { verb: 'reach-section', page: galley.id(), section, to: to as ReachEffect['to'] },
  )
  busy.value = false
  if (answer.ok) emit('close')
}
</script>

<template>
  <SheetDialog :title="`How far “${own.section.name}” reaches`" @close="emit('close')">
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <ul>
      <li v-for="r in ways" :key="r.key" :class="{ now: r.key === own.reach }">
        <div class="grow">
          <b>{{ r.name }}</b>
          <span v-if="r.key === own.reach" class="label"> as it is now</span>
          <p v-if="r.key === own.reach" class="quiet">
            {{
              reachOf(own).warning ||
              (template
                ? 'Copied into new pages; each is its page’s own from then on.'
                : 'It belongs to this page alone.')
            }}
          </p>
          <p v-else class="quiet">{{ says(r.key) }}</p>
        </div>
        <v-btn v-if="r.key !== own.reach && says(r.key)" @click="choose(r.key)">Make it so</v-btn>
      </li>
    </ul>
    <div class="row-flex foot">
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 12px 0;
}
li {
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 10px 0;
  border-top: 1px solid var(--line2);
}
li.now b {
  color: var(--juniper);
}
p {
  margin: 2px 0 0;
}
</style>
