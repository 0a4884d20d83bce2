<script setup lang="ts">
import { inputOf } from '@/look/targets'
import { ref, watch } from 'vue'
import { get } from '@/api/client'
import type { Palette, ThemeDetail } from '@/api/types'
import { useTyping } from '@/edit/useTyping'
import { useSite } from '@/site/useSite'

/** Whole palettes made of one colour or two, each of which can be read; one that is taken is one step. */
const props = defineProps<{ theme: ThemeDetail; accent: string }>()
const site = useSite()
const of = ref(props.accent)
const and = ref('')
const palettes = ref<Palette[]>([])
const open = ref(false)
const { typed, write } = useTyping(
  () => of.value,
  (hex) => {
    of.value = hex
  },
)
/** The colours by which the logo is known; nothing where there is no logo, or no colour in it. */
const logo = ref<string[]>([])
watch(open, async () => {
  const answer = open.value
    ? await get('/api/sites/{site}/theme/logo-colours', { path: { site: site.id } })
    : null
  if (answer?.ok) logo.value = answer.value
})
function ofLogo() {
  const [first, second] = logo.value
  of.value = first ?? of.value
  and.value = second ?? ''
}
let asked = 0
watch([of, and, open], async () => {
  if (!open.value) return
  const mine = ++asked
  const answer = await get('/api/sites/{site}/theme/palettes', {
    path: { site: site.id },
    query: { of: of.value, and: and.value },
  })
  if (answer.ok && mine === asked) palettes.value = answer.value
})

/** Roles that a palette doesn't name are made of the others again. */
function take(palette: Palette) {
  const colours = props.theme.groups
    .filter((g) => g.key === 'palette')
    .flatMap((g) => g.settings)
    .filter((p) => p.type === 'COLOUR')
  const reset = colours.map((p) => p.key).filter((key) => palette.settings[key] === undefined)
  void site.give(
    { verb: 'set-values', item: props.theme.id, values: palette.settings, reset },
    props.theme.id,
  )
}
</script>

<template>
  <details class="maker" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>Make one of a colour</summary>
    <div class="row-flex">
      <input
        :value="typed"
        type="color"
        aria-label="Colour to make a palette of"
        @input="write(inputOf($event).value)"
      />
      <span class="quiet">stands out</span>
      <input
        v-if="and"
        v-model.lazy="and"
        type="color"
        aria-label="Second colour to make a palette of"
      /><button type="button" class="textlink" @click="and = and ? '' : '#12202F'">
        {{ and ? 'without the second' : 'and another for the deep surface' }}
      </button>
    </div>
    <button v-if="logo.length" type="button" class="textlink" @click="ofLogo">
      <i v-for="c in logo" :key="c" class="dot" :style="{ background: c }" /> of the logo’s colours
    </button>
    <button v-for="p in palettes" :key="p.name" type="button" class="made" @click="take(p)">
      <span class="swatches"
        ><i v-for="(c, key) in p.settings" :key="key" :style="{ background: String(c) }" /></span
      >{{ p.name }}
    </button>
  </details>
</template>

<style scoped>
.maker > :not(summary) {
  margin-top: 8px;
}
summary {
  cursor: pointer;
  font-weight: 600;
}
input[type='color'] {
  width: 28px;
  height: 24px;
  padding: 0;
  border: 1px solid var(--line);
  background: none;
}
.made {
  box-sizing: border-box;
  display: flex;
  align-items: center;
  gap: 10px;
  width: 100%;
  border: 1px solid var(--line);
  background: var(--sheet);
  color: inherit;
  font: 13px/20px var(--text);
  padding: 5px 8px;
}
.made:hover {
  border-color: var(--ink);
}
.dot {
  display: inline-block;
  width: 12px;
  height: 12px;
  border: 1px solid var(--line);
}
.swatches {
  display: flex;
  border: 1px solid var(--line);
}
i {
  width: 20px;
  height: 18px;
}
</style>
