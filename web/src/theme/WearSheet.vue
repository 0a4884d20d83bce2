<script setup lang="ts">
import { computed } from 'vue'
import type { ThemeDetail } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import { differing } from './differing'

/** What wearing another look changes and what it leaves, before it is worn. */
const props = defineProps<{ theme: ThemeDetail; look: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const look = computed(() => props.theme.looks.find((l) => l.id === props.look))
const parts = computed(() => differing(props.theme.groups, props.theme.settings, look.value?.settings ?? {}))
/** Tones of the worn look's own that sections wear and the other has not. */
const lost = computed(() =>
  (site.catalog?.tones ?? []).filter((t) => {
    const key = `tone${t.key[0]?.toUpperCase()}${t.key.slice(1)}`
    return props.theme.settings[key] && !look.value?.settings[key] && (props.theme.tones[t.key] ?? 0) > 0
  }),
)

async function wear() {
  const answer = await site.give({ verb: 'wear-look', look: props.look })
  if (answer.ok) emit('close')
}
</script>

<template>
  <SheetDialog :title="`Wear ${look?.name}`" size="narrow" form @submit="wear" @close="emit('close')">
    <p class="gap">
      Changes how {{ counted(theme.pages, 'page') }} look, from the next release on:
      {{ parts.map((p) => `${p.label.toLowerCase()} (${p.settings})`).join(', ') || 'nothing' }}.
    </p>
    <p v-if="lost.length" class="gap should">
      ◇ {{ look?.name }} has not the {{ lost.length === 1 ? 'tone' : 'tones' }}
      {{
        lost.map((t) => `“${t.label}”, worn by ${counted(theme.tones[t.key] ?? 0, 'section')}`).join('; ')
      }}: shown plain until it has.
    </p>
    <p class="gap">
      Leaves every page, template and word as it is, and the site’s logo, notices, call to act and closing
      line.
      {{ theme.name }} stays among the looks with all its settings; Ctrl Z wears it again.
    </p>
    <div class="row-flex foot">
      <v-btn class="yes" type="submit">Wear {{ look?.name }}</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>
