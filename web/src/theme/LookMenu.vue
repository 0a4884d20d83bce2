<script setup lang="ts">
import { computed, ref } from 'vue'
import { freshId } from '@/api/client'
import type { ThemeDetail } from '@/api/types'
import NamingSheet from '@/edit/NamingSheet.vue'
import WrittenInput from '@/edit/WrittenInput.vue'
import GiveItem from '@/library/GiveItem.vue'
import { packHref } from '@/pack/packHref'
import { useSite } from '@/site/useSite'
import SheetDialog from '@/look/SheetDialog.vue'
import TokensSheet from './TokensSheet.vue'

/** What can be done with the look as a whole: kept under another name, given to all sites, saved. */
const props = defineProps<{ theme: ThemeDetail }>()
const site = useSite()
const naming = ref(false)
const bringing = ref(false)
const describing = ref(false)
const note = computed(() => props.theme.looks.find((l) => l.worn)?.note ?? '')
const describe = (words: string) =>
  void site.give({ verb: 'set-value', item: props.theme.id, key: 'note', value: words }, props.theme.id)
const tokens = computed(() => `/api/sites/${site.id}/theme/tokens/${props.theme.id}`)
const keep = (name: string) => site.give({ verb: 'keep-look', look: props.theme.id, id: freshId(), name })
</script>

<template>
  <v-menu>
    <template #activator="{ props: menu }"><v-btn v-bind="menu">More ▾</v-btn></template>
    <v-list>
      <v-list-item title="Keep a copy as…" @click="naming = true" />
      <v-list-item title="Say what it suits…" @click="describing = true" />
      <GiveItem :item="theme.id" :name="theme.name" />
      <v-list-item title="Save as a pack" :href="packHref(site.id, { item: theme.id })" download />
      <v-list-item title="Save as design tokens" :href="tokens" download />
      <v-list-item title="Bring in design tokens…" @click="bringing = true" />
    </v-list>
  </v-menu>
  <NamingSheet
    v-if="naming"
    heading="Keep a copy of this look"
    act="Keep it"
    placeholder="Winter"
    :give="keep"
    @close="naming = false"
  >
    <p class="quiet">It stands among the looks as {{ theme.name }} is now, and changes no page.</p>
  </NamingSheet>
  <SheetDialog v-if="describing" title="What this look suits" size="narrow" @close="describing = false">
    <p class="quiet">Shown wherever looks are chosen, and found by its words.</p>
    <WrittenInput
      class="boxed gap"
      :value="note"
      aria-label="What this look suits"
      placeholder="a club with many dates"
      maxlength="200"
      @written="describe"
    />
    <v-btn class="gap" @click="describing = false">Done<span class="kbd">Esc</span></v-btn>
  </SheetDialog>
  <TokensSheet v-if="bringing" @close="bringing = false" />
</template>
