<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import type { TemplateDetail } from '@/api/types'
import { counted } from '@/words/counted'
import WrittenInput from '@/edit/WrittenInput.vue'

/** The pages that wear a template, and what it is for. */
defineProps<{ template: TemplateDetail }>()
const emit = defineEmits<{ note: [note: string]; close: [] }>()
</script>

<template>
  <SheetDialog :title="template.name" size="narrow" @close="emit('close')">
    <label class="label" for="template-note">What it is for</label>
    <WrittenInput
      id="template-note"
      class="boxed"
      :value="template.note"
      maxlength="200"
      @written="(note) => emit('note', note)"
    />
    <p class="quiet">Worn by {{ counted(template.pages, 'page') }}</p>
    <ul>
      <li v-for="p in template.wearing" :key="p.id">
        <router-link :to="{ name: 'page', params: { page: p.id } }">{{ p.title }}</router-link>
        <span class="mono">{{ p.address }}</span>
      </li>
    </ul>
    <p v-if="template.pages > template.wearing.length" class="quiet">
      and {{ counted(template.pages - template.wearing.length, 'more', 'more') }}; the Plan’s template lens
      shows them all.
    </p>
    <v-btn class="gap" @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
  </SheetDialog>
</template>

<style scoped>
.label {
  display: block;
  margin: 10px 0 3px;
}
.boxed {
  margin-bottom: 12px;
}
ul {
  list-style: none;
  max-height: 46vh;
  overflow-y: auto;
  margin: 6px 0;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  border-top: 1px solid var(--line2);
  padding: 4px 0;
}
</style>
