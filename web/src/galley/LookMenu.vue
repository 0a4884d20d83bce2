<script setup lang="ts">
import { computed } from 'vue'
import { useSite } from '@/site/useSite'
import { looksAt, type Look } from './lookedAt'
import type { Sheet } from './Sheet'

/** As whom, and in which state, the proof is looked at; as it is written where that is nothing. */
const props = defineProps<{ sheet: Sheet }>()
const look = defineModel<Look | null>({ required: true })
const site = useSite()
const looks = computed(() => looksAt(props.sheet, site.catalog?.elements ?? [], site.catalog?.groups ?? []))
</script>

<template>
  <v-menu max-height="420">
    <template #activator="{ props: menu }">
      <v-btn v-bind="menu" :class="{ ink: look }">{{ look ? `As: ${look.words}` : 'Look at it as' }} ▾</v-btn>
    </template>
    <v-list>
      <v-list-item title="As it is written" :active="!look" @click="look = null" />
      <v-list-item
        v-for="l in looks"
        :key="l.query"
        :title="l.words"
        :active="l.query === look?.query"
        @click="look = l"
      />
    </v-list>
  </v-menu>
</template>
