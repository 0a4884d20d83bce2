<script setup lang="ts">
import { question } from '@/api/client'
import { computed, ref } from 'vue'
import type { PageDetail, Value, Values } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import SettingRow from './SettingRow.vue'

/** In what one page's look differs from the theme: each setting by name, and the way back to the theme's. */
const props = defineProps<{ page: PageDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const PREFIX = 'theme.'
const { value: theme } = useItem(() => question('/api/sites/{site}/theme', { path: { site: site.id } }))
/** Chosen here and not set yet. */
const begun = ref<string[]>([])
const own = computed<Values>(() =>
  Object.fromEntries(
    Object.entries(props.page.settings)
      .filter(([key]) => key.startsWith(PREFIX))
      .map(([key, value]) => [key.slice(PREFIX.length), value]),
  ),
)
const values = computed<Values>(() => ({ ...theme.value?.settings, ...own.value }))
const all = computed(() =>
  (theme.value?.groups ?? []).flatMap((g) => g.settings.map((p) => ({ part: g.label, property: p }))),
)
const shown = computed(() =>
  all.value.filter(({ property: p }) => p.key in own.value || begun.value.includes(p.key)),
)
const others = computed(() =>
  all.value
    .filter((s) => !shown.value.includes(s))
    .map((s) => ({ value: s.property.key, title: `${s.part}: ${s.property.label}` })),
)
function set(key: string, value: Value | undefined) {
  begun.value = begun.value.filter((k) => k !== key)
  void site.give({ verb: 'set-value', item: props.page.id, key: PREFIX + key, value: value }, props.page.id)
}
</script>

<template>
  <SheetDialog title="Differ from the theme" size="narrow" @close="emit('close')">
    <p class="quiet gap">
      What is chosen here holds for this page alone, in any look. All else is as the theme says. The Theme
      lists the pages that differ.
    </p>
    <p v-if="!theme" class="quiet" aria-busy="true">Fetching the theme…</p>
    <template v-else>
      <div v-for="{ part, property } in shown" :key="property.key" class="one">
        <span class="label">{{ part }}</span>
        <SettingRow :property="property" :values="values" goes-back @change="(v) => set(property.key, v)" />
        <button
          v-if="property.key in own"
          type="button"
          class="textlink"
          :aria-label="`${property.label} as the theme again`"
          @click="set(property.key, undefined)"
        >
          as the theme again
        </button>
        <span v-else class="quiet">as the theme, until you choose</span>
      </div>
      <p v-if="!shown.length" class="gap">This page looks as the theme says.</p>
      <v-autocomplete
        :key="shown.length"
        :model-value="null"
        :items="others"
        aria-label="A setting in which it differs"
        placeholder="Another setting…"
        @update:model-value="(key: unknown) => key && begun.push(String(key))"
      />
    </template>
    <v-btn class="gap" @click="emit('close')">Done<span class="kbd">Esc</span></v-btn>
  </SheetDialog>
</template>

<style scoped>
.one {
  border-top: 1px solid var(--line2);
  padding: 8px 0;
}
</style>
