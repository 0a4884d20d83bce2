<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Command } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import AudienceChoice from './AudienceChoice.vue'
import { gateCommand, isWhole, wantedWords, type Wanted } from './gateCommand'

/** Whom several pages are open to: chosen once, and what comes of it is told before it is done. */
const props = defineProps<{ pages: string[] }>()
const emit = defineEmits<{ set: [title: string, commands: Command[]]; close: [] }>()
const site = useSite()
const wanted = ref<Wanted>({ who: 'members', groups: [], hidden: false })
const title = computed(() => {
  const pages = counted(props.pages.length, 'page')
  if (!wanted.value.who) return `Leave who may see ${pages} to what stands above`
  const words = wantedWords(wanted.value, site.catalog?.groups ?? [])
  return `Open ${pages} to ${words}${wanted.value.who === 'everyone' ? '' : ' alone'}`
})
const set = () =>
  emit(
    'set',
    title.value,
    props.pages.map((page) => gateCommand(page, wanted.value)),
  )
</script>

<template>
  <SheetDialog title="Who may see these pages" size="narrow" @close="emit('close')">
    <AudienceChoice
      v-model="wanted"
      label="Who may open them, and what stands beneath"
      inherits="as above them"
    />
    <div class="row-flex gap">
      <v-btn class="ink" :disabled="!isWhole(wanted)" @click="set">See what comes of it…</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>
