<script setup lang="ts">
import { computed } from 'vue'
import type { Property, TemplateDetail } from '@/api/types'
import FormBuilder from '@/kind/FormBuilder.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'

/** What a template leaves to each page that wears it to set. */
const props = defineProps<{ template: TemplateDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const session = useSession()
const uses = computed(() =>
  props.template.options.map((field) => ({
    field,
    own: 0,
    inheriting: props.template.pages,
    places: [],
  })),
)

async function keep(options: Property[]) {
  const command = { verb: 'set-options' as const, template: props.template.id, options }
  return (await site.give(command, props.template.id)).ok
}
</script>

<template>
  <v-dialog :model-value="true" max-width="640" @update:model-value="emit('close')">
    <div class="sheet">
      <h2>Options of {{ template.name }}</h2>
      <p class="quiet">
        Each page that wears it sets them for itself, where its template is chosen. Sections show them by
        “Shows ▾” on an element.
      </p>
      <p v-if="!template.options.length" class="gap">This template has no options.</p>
      <FormBuilder
        class="gap"
        :uses="uses"
        :away="[]"
        :pages="template.pages"
        one="option"
        :still="!session.manager"
        :keep="keep"
      />
      <v-btn class="gap" @click="emit('close')">Done</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.gap {
  margin-top: 14px;
}
</style>
