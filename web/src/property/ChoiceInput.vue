<script setup lang="ts">
import { computed } from 'vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSite } from '@/site/useSite'
import type { Asked, Told } from './asked'
import TextureChoice from './TextureChoice.vue'
import { isToFill, promptOf } from './values'

type Choice = Asked['property']['choices'][number]

/** One of several: of the property's own choices, or of the site's kinds. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const site = useSite()
const choices = computed(() =>
  props.property.type === 'KIND'
    ? (site.catalog?.kinds ?? []).map((k) => ({ value: k.id, title: k.name }))
    : props.property.choices
        .filter(isThere)
        .map((c) => ({ value: c.value, title: tone(c)?.label ?? c.label })),
)
/** Tones of the look's own go by their names; those that it has not are offered to nobody. */
const OWN = ['first', 'second', 'third', 'fourth']
const tones = computed(() => props.property.choices.some((c) => c.value === 'tinted'))
const tone = (c: Choice) =>
  tones.value && OWN.includes(c.value) ? site.catalog?.tones.find((t) => t.key === c.value) : undefined
const isThere = (c: Choice) =>
  !tones.value || !OWN.includes(c.value) || c.value === props.value || tone(c) !== undefined

const textured = computed(() => props.property.key.toLowerCase().endsWith('texture'))
</script>

<template>
  <TextureChoice
    v-if="textured"
    :model-value="String(value ?? property.fallback ?? '')"
    :items="choices"
    :label="name ?? property.label"
    @update:model-value="(v?: string) => emit('change', v)"
  />
  <ChoiceOf
    v-else
    :model-value="isToFill(value) ? '' : String(value ?? property.fallback ?? '')"
    :none="promptOf(value)"
    :items="choices"
    :label="name ?? property.label"
    @update:model-value="(v?: string) => emit('change', v)"
  />
</template>
