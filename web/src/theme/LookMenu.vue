<script setup lang="ts">
import { ref } from 'vue'
import { freshId } from '@/api/client'
import type { ThemeDetail } from '@/api/types'
import GiveItem from '@/library/GiveItem.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { packHref } from '@/pack/packHref'
import { useSite } from '@/site/useSite'

/** What can be done with the look as a whole: kept under another name, given to all sites, saved. */
const props = defineProps<{ theme: ThemeDetail }>()
const site = useSite()
const naming = ref<string | null>(null)

async function keep() {
  if (!naming.value?.trim()) return
  const answer = await site.give({
    verb: 'keep-look',
    look: props.theme.id,
    id: freshId(),
    name: naming.value,
  })
  if (answer.ok) naming.value = null
}
</script>

<template>
  <v-menu>
    <template #activator="{ props: menu }"><v-btn v-bind="menu">More ▾</v-btn></template>
    <v-list>
      <v-list-item title="Keep a copy as…" @click="naming = ''" />
      <GiveItem :item="theme.id" :name="theme.name" />
      <v-list-item title="Save as a pack" :href="packHref(site.id, theme.id)" download />
    </v-list>
  </v-menu>
  <SheetDialog
    v-if="naming !== null"
    title="Keep a copy of this look"
    size="narrow"
    form
    @submit="keep"
    @close="naming = null"
  >
    <label class="label" for="look-name">Its name</label>
    <input id="look-name" v-model="naming" class="boxed" maxlength="40" />
    <p class="quiet gap">It stands among the looks as {{ theme.name }} is now, and changes no page.</p>
    <div class="row-flex gap">
      <v-btn class="yes" type="submit" :disabled="!naming.trim()">Keep it</v-btn>
      <v-btn @click="naming = null">Not now<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>
