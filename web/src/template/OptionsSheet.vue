<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import type { Property, TemplateDetail } from '@/api/types'
import KindFields from '@/kind/KindFields.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'

/** What a template leaves to each page that wears it to set. */
const props = defineProps<{ template: TemplateDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const session = useSession()
async function keep(options: Property[]) {
  const command = { verb: 'set-options' as const, template: props.template.id, options }
  return (await site.give(command, props.template.id)).ok
}
</script>

<template>
  <SheetDialog :title="`Options of ${template.name}`" @close="emit('close')">
    <p class="quiet">
      Each page that wears it sets them for itself, where its template is chosen. An element shows one by
      “Shows ▾”; a section shows by one in its settings, under “When and where it shows”.
    </p>
    <p v-if="!template.options.length" class="gap">This template has no options.</p>
    <KindFields
      class="gap"
      :uses="template.options"
      :away="[]"
      :pages="template.pages"
      one="option"
      :still="!session.manager"
      :keep="keep"
    />
    <v-btn class="gap" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>
