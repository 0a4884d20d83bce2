<script setup lang="ts">
import { computed, ref } from 'vue'
import { freshId } from '@/api/client'
import type { ThemeDetail } from '@/api/types'
import GiveItem from '@/library/GiveItem.vue'
import { packHref } from '@/pack/packHref'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'

/** The looks that are kept: worn, tried on the contact sheet, and kept under another name. */
const props = defineProps<{ theme: ThemeDetail }>()
const trying = defineModel<string | null>('trying', { required: true })
const site = useSite()
const manager = computed(() => useSession().manager)
const naming = ref('')
const nameOf = (id: string) => props.theme.looks.find((l) => l.id === id)?.name ?? ''

async function wear() {
  const look = trying.value
  trying.value = null
  if (look) await site.give({ verb: 'wear-look', look })
}
async function keep() {
  if (!naming.value.trim()) return
  const answer = await site.give({
    verb: 'keep-look',
    look: props.theme.id,
    id: freshId(),
    name: naming.value,
  })
  if (answer.ok) naming.value = ''
}
</script>

<template>
  <div class="looks" role="group" aria-label="Looks">
    <button
      v-for="l in theme.looks"
      :key="l.id"
      type="button"
      class="look"
      :class="{ on: l.worn, trying: trying === l.id }"
      :aria-pressed="l.worn"
      :title="l.worn ? 'Worn now' : `Try ${l.name} on the contact sheet`"
      @click="trying = l.worn || trying === l.id ? null : l.id"
    >
      <span class="swatch"><i v-for="c in l.colours" :key="c" :style="{ background: c }" /></span>{{ l.name }}
    </button>
  </div>
  <v-menu v-if="manager">
    <template #activator="{ props: menu }"><v-btn v-bind="menu">More ▾</v-btn></template>
    <v-list>
      <GiveItem :item="trying ?? theme.id" :name="nameOf(trying ?? theme.id)" />
      <v-list-item title="Save as a pack" :href="packHref(site.id, trying ?? theme.id)" download />
    </v-list>
  </v-menu>
  <template v-if="trying && manager">
    <v-btn class="yes" @click="wear">Wear it</v-btn>
    <v-btn @click="trying = null">Put it back</v-btn>
  </template>
  <form v-else-if="manager" class="row-flex" @submit.prevent="keep">
    <input
      v-model="naming"
      class="naming"
      placeholder="Keep a copy as…"
      aria-label="Name of a copy to keep"
      maxlength="40"
    />
    <v-btn v-if="naming.trim()" type="submit">Keep</v-btn>
  </form>
</template>

<style scoped>
.looks {
  display: flex;
  gap: 8px;
}
.look {
  display: flex;
  gap: 8px;
  align-items: center;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--sheet);
  color: inherit;
  font: 500 13px/26px var(--text);
  padding: 0 9px 0 7px;
}
.look.on {
  border-color: var(--juniper);
  box-shadow: inset 0 0 0 1px var(--juniper);
}
.look.trying {
  border-color: var(--ink);
  border-style: dashed;
}
.swatch {
  display: flex;
  border: 1px solid var(--line);
}
.swatch i {
  width: 12px;
  height: 12px;
}
.naming {
  width: 130px;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--sheet);
  color: inherit;
  font: 13px/28px var(--text);
  padding: 0 9px;
}
</style>
