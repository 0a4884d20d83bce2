<script setup lang="ts">
import DrawnPlace from '@/drawing/DrawnPlace.vue'

/** What a tray offers: its drawing, what it is called, and a note. */
defineProps<{ of: string; version: string; name: string; note: string }>()
</script>

<template>
  <button type="button" :aria-label="`${name}, ${note}`">
    <span class="frame">
      <DrawnPlace class="drawing" :of="of" :version="version" :at="1100" :label="name" />
    </span>
    <span class="name"
      ><b>{{ name }}</b> <span class="quiet">{{ note }}</span></span
    >
  </button>
</template>

<style scoped>
button {
  display: flex;
  flex-direction: column;
  align-self: start;
  min-width: 0;
}
.frame {
  display: block;
  overflow: hidden;
  border: 1px solid var(--line);
}
.drawing {
  height: 150px;
}
button:hover .frame,
button:focus-visible .frame {
  border-color: var(--juniper);
  box-shadow: 0 0 0 1px var(--juniper);
}
.name {
  display: block;
  margin-top: 5px;
}
</style>
