<script setup lang="ts">
import { question } from '@/api/client'
import { computed, ref } from 'vue'
import type { PageDetail } from '@/api/types'
import { said } from '@/api/said'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSession } from '@/session/useSession'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { taken, type Part } from './taken'

/** What a page could take of another one, told before it is done. */
const props = defineProps<{ page: PageDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const session = useSession()
const from = ref<string | null>(null)
const { value: source } = useItem(() =>
  from.value ? question('/api/sites/{site}/pages/{id}', { path: { site: site.id, id: from.value } }) : null,
)
const pages = computed(() =>
  [...site.rows.values()]
    .filter((r) => r.id !== props.page.id)
    .map((r) => ({ value: r.id, title: `${r.title}  ${r.address}` })),
)
const there = computed(() => (source.value && source.value.id === from.value ? source.value : null))
const settings = computed(() => site.catalog?.pageSettings ?? [])
const template = (id: string) => site.templates.get(id)?.name ?? id
const parts = computed(() =>
  there.value
    ? taken(props.page, there.value, settings.value, template).filter(
        (p) => p.key !== 'theme' || session.manager,
      )
    : [],
)
const chosen = ref<Part[]>([])
const wanted = computed(() =>
  parts.value.filter((p) => p.says && chosen.value.includes(p.key)).map((p) => p.key),
)
const trouble = ref('')

async function take() {
  if (!from.value || !wanted.value.length) return
  const command = {
    verb: 'take-from-page' as const,
    pages: [props.page.id],
    from: from.value,
    parts: wanted.value,
  }
  const answer = await site.give(command, props.page.id)
  if (answer.ok) emit('close')
  else trouble.value = said(answer.problem)
}
</script>

<template>
  <SheetDialog :title="`Take from another page`" size="narrow" form @submit="take" @close="emit('close')">
    <p class="quiet gap">Its title, its address and what search engines are told stay this page’s own.</p>
    <v-autocomplete
      v-model="from"
      v-focus
      :items="pages"
      aria-label="The page to take from"
      placeholder="Name a page"
      @update:model-value="((chosen = []), (trouble = ''))"
    />
    <template v-if="there">
      <div v-for="p in parts" :key="p.key" class="part">
        <v-checkbox v-if="p.says" v-model="chosen" :value="p.key" :label="p.name" />
        <span v-else class="quiet none">{{ p.name }}: the same here</span>
        <p v-if="p.says" class="quiet says">{{ p.says }}</p>
      </div>
      <p v-if="chosen.includes('sections') && page.zones.some((z) => z.sections.length)" class="should">
        ◇
        {{
          counted(
            page.zones.reduce((n, z) => n + z.sections.length, 0),
            'section',
          )
        }}
        of this page {{ page.zones.reduce((n, z) => n + z.sections.length, 0) === 1 ? 'waits' : 'wait' }} on
        its shelf afterwards.
      </p>
    </template>
    <p v-else-if="from" class="quiet gap" aria-busy="true">Looking at it…</p>
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <div class="row-flex gap">
      <v-btn type="submit" class="yes" :disabled="!wanted.length">Take it</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.part {
  border-top: 1px solid var(--line2);
  padding: 4px 0;
}
.says {
  padding-left: 32px;
  font-size: 13px;
}
.none {
  display: block;
  padding: 6px 0;
}
</style>
