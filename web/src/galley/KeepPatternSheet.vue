<script setup lang="ts">
import { computed, ref } from 'vue'
import { freshId } from '@/api/client'
import NamingSheet from '@/edit/NamingSheet.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'
import { useGalley } from './useGalley'

const props = defineProps<{ section: string | null; suggested: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const galley = useGalley()
const name = ref(props.suggested)
const group = ref(props.section ? 'Our own' : 'Whole pages')
const groups = computed(() =>
  [...new Set(['Our own', ...(site.catalog?.patterns ?? []).map((p) => p.group)])].map((title) => ({
    value: title,
    title,
  })),
)

const keep = (words: string) =>
  galley.give({
    verb: 'keep-pattern',
    page: galley.id(),
    section: props.section ?? undefined,
    id: freshId(),
    name: words,
    group: group.value,
  })
</script>

<template>
  <NamingSheet v-model="name" heading="Keep as a pattern" act="Keep it" :give="keep" @close="emit('close')">
    <template #note>
      <p class="quiet">
        {{
          section
            ? 'A copy of this section, with its words, to be placed on other pages.'
            : 'A copy of all sections of this page, to begin other pages with.'
        }}
        This page stays as it is.
      </p>
    </template>
    <span class="label">Offered under</span>
    <ChoiceOf v-model="group" :items="groups" label="Offered under" />
  </NamingSheet>
</template>
