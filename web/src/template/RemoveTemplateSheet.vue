<script setup lang="ts">
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { TemplateDetail } from '@/api/types'
import { counted } from '@/words/counted'
import { useSite } from '@/site/useSite'

/** Removes a template for a successor, which its pages wear from then on. */
const props = defineProps<{ template: TemplateDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const router = useRouter()
const others = computed(() =>
  (site.catalog?.templates ?? [])
    .filter((t) => t.id !== props.template.id && !t.retired)
    .map((t) => ({ value: t.id, title: t.name })),
)
const successor = ref<string>()

async function remove() {
  const answer = await site.give({
    verb: 'remove-template',
    template: props.template.id,
    successor: successor.value ?? '',
  })
  if (!answer.ok) return
  emit('close')
  await router.push({ name: 'templates' })
}
</script>

<template>
  <SheetDialog :title="`Remove ${template.name}`" size="narrow" @close="emit('close')">
    <p class="words">
      {{ counted(template.pages, 'page wears', 'pages wear') }} it and will wear another. Sections without a
      place there wait on each page’s shelf. It can be undone.
    </p>
    <span class="label">Worn instead</span>
    <ChoiceOf v-model="successor" :items="others" label="Worn instead" />
    <div class="row-flex words">
      <v-btn class="danger" :disabled="!successor" @click="remove">Remove it</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.words {
  margin: 10px 0;
}
</style>
