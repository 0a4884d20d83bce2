<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Command } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** Where chosen pages are moved to, or which kind they become: what comes of it is told next. */
const props = defineProps<{ pages: string[]; what: 'move' | 'kind' }>()
const emit = defineEmits<{ close: []; set: [label: string, commands: Command[]] }>()
const site = useSite()
const TOP = ''
const to = ref<string | null>(null)
const items = computed(() =>
  props.what === 'kind'
    ? [...site.kinds.values()]
        .filter((k) => !k.retired && !k.pageless)
        .map((k) => ({ value: k.id, title: k.name }))
    : [
        { value: TOP, title: 'The top of the plan' },
        ...site.order
          .filter((id) => !props.pages.includes(id))
          .flatMap((id) => site.rows.get(id) ?? [])
          .map((r) => ({ value: r.id, title: `${r.title}  ${r.address}` })),
      ],
)
const command = (page: string, target: string): Command =>
  props.what === 'kind'
    ? { verb: 'change-kind', pages: [page], kind: target }
    : { verb: 'move-page', page, parent: target || undefined }
function set() {
  const target = to.value
  if (target === null) return
  const label = items.value.find((i) => i.value === target)?.title ?? ''
  emit(
    'set',
    label,
    props.pages.map((page) => command(page, target)),
  )
}
</script>

<template>
  <SheetDialog
    :title="
      what === 'kind'
        ? `Another kind for ${counted(pages.length, 'page')}`
        : `Move ${counted(pages.length, 'page')}`
    "
    size="narrow"
    form
    @submit="set"
    @close="emit('close')"
  >
    <p class="quiet gap">
      {{
        what === 'kind'
          ? 'What their fields hold is kept and is there again when they come back to their kind.'
          : 'They go to the end of what stands there, in the order in which they stand now, with all that is beneath them.'
      }}
    </p>
    <ChoiceOf
      v-if="what === 'kind'"
      :model-value="to ?? undefined"
      :items="items"
      label="The kind"
      none="Choose a kind"
      @update:model-value="(v) => (to = v ?? null)"
    />
    <v-autocomplete
      v-else
      v-model="to"
      v-focus
      :items="items"
      aria-label="Beneath which page"
      placeholder="Beneath which page"
    />
    <div class="row-flex foot">
      <v-btn type="submit" class="yes" :disabled="to === null">See what comes of it…</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>
