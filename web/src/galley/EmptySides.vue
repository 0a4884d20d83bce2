<script setup lang="ts">
import { computed } from 'vue'
import { useGalley } from './useGalley'

/** Columns that the page should have beside its content, while nothing stands in them; and the way to fill each. */
const galley = useGalley()
const sides = computed(() =>
  (galley.page.value?.emptySides ?? []).map((role) => ({
    role,
    name: role === 'LEFT' ? 'Left column' : 'Right column',
    zone: galley.sheet.value?.zones.find((z) => z.role === role),
  })),
)
</script>

<template>
  <div v-for="s in sides" :key="s.role" class="zone">
    <p class="should">
      ◇ {{ s.name }}: empty, so the page is shown at full width.
      <button v-if="s.zone" type="button" class="textlink" @click="galley.openTray(s.zone.key, 0)">
        Put a section there
      </button>
      <span v-else class="quiet">
        A section on every page can stand there: in its settings, under “On every page”.
      </span>
    </p>
  </div>
</template>
