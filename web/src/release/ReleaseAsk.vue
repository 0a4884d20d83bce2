<script setup lang="ts">
import { computed } from 'vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { counted } from '@/words/counted'
import type { Unfilled } from './useReleasing'

/**
 * Asked before much goes live, or something that nobody has filled yet, or that must be fixed.
 *
 * @param at when it goes, in words; nothing for now
 */
const props = defineProps<{ goes: number; at?: string; unfilled: Unfilled[]; grave: number; busy: boolean }>()
const emit = defineEmits<{ yes: []; close: [] }>()
const places = computed(() => props.unfilled.reduce((sum, p) => sum + p.toFill, 0))
const most = computed(() => [...props.unfilled].sort((a, b) => b.toFill - a.toFill).slice(0, 6))
</script>

<template>
  <SheetDialog
    :title="`${counted(goes, 'change goes', 'changes go')} live ${at ? `on ${at}` : 'at once'}`"
    size="narrow"
    @close="emit('close')"
  >
    <p v-if="grave" class="gap">
      <b class="must">◆ {{ counted(grave, 'finding', 'findings') }} must be fixed</b> on the live site then:
      visitors would come to harm. Each stands beside, and most have a mend in the
      <router-link :to="{ name: 'survey' }">survey</router-link>.
    </p>
    <template v-if="places">
      <p class="gap">
        {{ counted(places, 'place is', 'places are') }} still to fill on
        {{ counted(unfilled.length, 'of these pages', 'of these pages') }}. Visitors don’t see such places; a
        section with nothing but such places is left out whole.
      </p>
      <ul class="gap">
        <li v-for="p in most" :key="p.id" class="row-flex">
          <router-link class="cut grow" :to="{ name: 'page', params: { page: p.id } }">{{
            p.title
          }}</router-link>
          <span class="should">{{ p.toFill }} to fill</span>
        </li>
        <li v-if="unfilled.length > most.length" class="quiet">
          and {{ counted(unfilled.length - most.length, 'more page') }}
        </li>
      </ul>
    </template>
    <p v-else-if="!grave" class="gap">
      You can go back to what is live now at any time; the working copy stays as it is.
    </p>
    <div class="row-flex foot">
      <v-btn class="strong" :disabled="busy" @click="emit('yes')">
        {{ (at ? 'Set it' : 'Release it') + (places || grave ? ' even so' : '') }}
      </v-btn>
      <v-btn v-focus @click="emit('close')">Not yet<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
ul {
  list-style: none;
}
li {
  padding: 4px 0;
  border-top: 1px solid var(--line2);
}
</style>
