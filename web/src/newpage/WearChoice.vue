<script setup lang="ts">
import type { KindInfo } from '@/api/types'
import DrawnPlace from '@/drawing/DrawnPlace.vue'

/** Something that a new page can begin as: drawn small, and named. */
defineProps<{
  name: string
  of: string
  version?: string
  narrow: boolean
  label: string
  /** The kind that the page becomes by it, where that is another than the chosen one. */
  as?: KindInfo
  /** Why it can't be chosen; it is drawn pale. */
  whyNot?: string
  group: string
  value: string
}>()
const chosen = defineModel<string>({ required: true })
</script>

<template>
  <div class="choice">
    <label :class="{ on: chosen === value, pale: whyNot }">
      <input v-model="chosen" type="radio" :name="group" :value="value" class="unseen" :disabled="!!whyNot" />
      <DrawnPlace
        :key="narrow ? 'narrow' : 'wide'"
        class="drawing"
        :class="{ narrow }"
        :of="of"
        :version="version"
        :at="narrow ? 390 : 1280"
        whole
        :pale="!!whyNot"
        :label="label"
      />
      <b dir="auto">{{ name }}</b>
    </label>
    <span v-if="whyNot" class="quiet">{{ whyNot }}</span>
    <span v-else-if="as" class="quiet">{{ as.name }}</span>
    <slot />
  </div>
</template>

<style scoped>
.choice {
  min-width: 0;
  font-size: 13px;
  line-height: 17px;
}
label {
  display: block;
  cursor: pointer;
}
label:focus-within .drawing {
  outline: 2px solid var(--juniper);
  outline-offset: 2px;
}
.pale {
  cursor: default;
  color: var(--quiet);
}
b {
  display: block;
  font-weight: 500;
}
.on b {
  font-weight: 650;
}
.drawing {
  height: 92px;
  border: 1px solid var(--line);
  margin-bottom: 5px;
}
.narrow {
  height: 150px;
}
.on .drawing {
  border-color: var(--juniper);
  box-shadow: 0 0 0 2px var(--juniper);
}
</style>
