<script setup lang="ts">
import { computed, ref } from 'vue'
import { freshId } from '@/api/client'
import { useSite } from '@/site/useSite'
import { useGalley } from './useGalley'

const props = defineProps<{ section: string | null; suggested: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const galley = useGalley()
const name = ref(props.suggested)
const group = ref(props.section ? 'Our own' : 'Whole pages')
const trouble = ref('')
const groups = computed(() => [
  ...new Set(['Our own', ...(site.catalog?.patterns ?? []).map((p) => p.group)]),
])

async function keep() {
  const answer = await galley.give({
    verb: 'keep-pattern',
    page: galley.id(),
    section: props.section ?? undefined,
    id: freshId(),
    name: name.value,
    group: group.value,
  })
  if (!answer.ok) return (trouble.value = `${answer.problem.detail} ${answer.problem.fix}`)
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="460" @update:model-value="emit('close')">
    <form class="sheet" @submit.prevent="keep">
      <h2>Keep as a pattern</h2>
      <p class="quiet">
        {{
          section
            ? 'A copy of this section, with its words, to be placed on other pages.'
            : 'A copy of all sections of this page, to begin other pages with.'
        }}
        This page stays as it is.
      </p>
      <label class="label" for="pattern-name">Name</label>
      <v-text-field id="pattern-name" v-model="name" autofocus :error-messages="trouble" />
      <label class="label" for="pattern-group">Offered under</label>
      <v-select id="pattern-group" v-model="group" :items="groups" />
      <div class="row-flex foot">
        <v-btn type="submit" class="yes">Keep it</v-btn>
        <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.label {
  display: block;
  margin: 12px 0 3px;
}
.foot {
  margin-top: 16px;
}
</style>
