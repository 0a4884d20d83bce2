<script setup lang="ts">
import { inputOf } from '@/look/targets'
import type { Property } from '@/api/types'
import { useTyping } from '@/edit/useTyping'
import { useTrial } from './useTrial'

const props = defineProps<{ property: Property; /** Empty where it is made of others. */ value: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const trial = useTrial()
const typing = useTyping(
  () => props.value,
  (hex) => emit('change', hex.toUpperCase()),
)
const { typed } = typing
function write(hex: string) {
  trial.value = { key: props.property.key, value: hex }
  typing.write(hex)
}

function read(event: Event) {
  const text = inputOf(event).value.trim()
  const hex = text.startsWith('#') ? text : `#${text}`
  if (/^#[0-9a-f]{6}$/i.test(hex)) {
    write(hex)
  } else inputOf(event).value = typed.value
}
</script>

<template>
  <div class="colour">
    <input
      :value="typed || '#808080'"
      type="color"
      :class="{ made: !typed }"
      :aria-label="property.label"
      @input="write(inputOf($event).value)"
    />
    <span class="grow" :title="property.help">{{ property.label }}</span>
    <input
      class="mono hex"
      :value="typed.toUpperCase()"
      :placeholder="typed ? '' : 'made'"
      :aria-label="`${property.label} as six digits`"
      maxlength="7"
      @change="read"
    />
  </div>
</template>

<style scoped>
.colour {
  display: flex;
  align-items: center;
  gap: 10px;
}
input[type='color'] {
  width: 24px;
  height: 24px;
  padding: 0;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: none;
}
input::-webkit-color-swatch-wrapper {
  padding: 0;
}
input::-webkit-color-swatch {
  border: 0;
}
.made {
  opacity: 0.25;
}
.hex {
  width: 76px;
  min-height: 24px;
  border: 1px solid transparent;
  background: none;
  text-align: right;
}
.hex:hover,
.hex:focus {
  border-color: var(--line);
}
</style>
