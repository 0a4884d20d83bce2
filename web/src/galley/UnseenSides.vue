<script setup lang="ts">
import { computed } from 'vue'
import { useGalley } from './useGalley'

/** Columns beside the content that visitors don't see: wanted and empty, with the way to fill each, or written and not wanted. */
const galley = useGalley()
const NAMES: Record<string, string> = { LEFT: 'Left column', RIGHT: 'Right column' }
const unseen = computed(() => galley.page.value?.unseenSides)
const empty = computed(() =>
  (unseen.value?.empty ?? []).map((role) => ({
    name: NAMES[role],
    zone: galley.sheet.value?.zones.find((z) => z.role === role),
  })),
)
</script>

<template>
  <p v-for="s in empty" :key="s.name" class="should zone">
    ◇ {{ s.name }}: empty, so the page is shown at full width.
    <button v-if="s.zone" type="button" class="textlink" @click="galley.openTray(s.zone.key, 0)">
      Put a section there
    </button>
    <span v-else class="quiet">
      A section on every page can stand there: in its settings, under “On every page”.
    </span>
  </p>
  <p v-for="role in unseen?.off ?? []" :key="role" class="should zone">
    ◇ {{ NAMES[role] }}: not shown, because its kind or this page’s own settings leave it out.
  </p>
</template>
