<script setup lang="ts">
import { computed } from 'vue'
import type { Property, Value, Values } from '@/api/types'
import { grouped } from './fields'
import PropertyInput from './PropertyInput.vue'
import { matters } from './values'

/** The fields of a kind as somebody fills them in: under their headings, with what is inherited and what is the page's own. */
const props = defineProps<{
  fields: Property[]
  values: Values
  still?: boolean
  /** Who gives the defaults. */
  one?: string
}>()
const emit = defineEmits<{ change: [key: string, value: Value | undefined]; leave: [] }>()
const WIDE = ['LINES', 'RICH', 'PICTURE', 'FILE', 'MANY']
const groups = computed(() => grouped(props.fields.filter((f) => matters(f, props.values))))

const isOwn = (field: Property) => props.values[field.key] !== undefined
const inherits = (field: Property) => field.fallback !== undefined && field.fallback !== null
</script>

<template>
  <div class="form" :inert="still || undefined">
    <fieldset v-for="g in groups" :key="g.name">
      <legend v-if="g.name">{{ g.name }}</legend>
      <div v-for="f in g.fields" :key="f.key" :class="{ wide: WIDE.includes(f.type) }">
        <PropertyInput
          :property="f"
          :value="values[f.key]"
          @change="(v) => emit('change', f.key, v === '' ? undefined : v)"
          @leave="emit('leave')"
        />
        <p v-if="inherits(f)" class="label from">
          <template v-if="isOwn(f)"
            >This page’s own.
            <button type="button" class="textlink" @click="emit('change', f.key, undefined)">
              As {{ (one ?? 'The kind').toLowerCase() }} says
            </button></template
          >
          <template v-else>As {{ (one ?? 'The kind').toLowerCase() }} says.</template>
        </p>
        <p v-else-if="f.required && !isOwn(f)" class="label asked">Asked for.</p>
      </div>
    </fieldset>
    <p v-if="!fields.length" class="quiet">This kind has no fields.</p>
  </div>
</template>

<style scoped>
.form {
  display: flex;
  flex-direction: column;
  gap: 20px;
}
fieldset {
  border: 0;
  padding: 0;
  min-width: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 14px 16px;
}
legend {
  font: 600 16px/22px var(--display);
  margin-bottom: 8px;
  padding: 0;
}
.wide {
  grid-column: 1 / -1;
}
.from,
.asked {
  margin-top: 3px;
}
.asked {
  color: var(--ochre-ink);
}
</style>
