<script setup lang="ts">
import { question } from '@/api/client'
import { computed, ref } from 'vue'
import type { Value, Values } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import FoldedGroup from '@/look/FoldedGroup.vue'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import { isNamed } from '@/words/named'
import SettingRow from './SettingRow.vue'

/** In what a page's look, or that of all pages of a kind, differs from the theme: by the parts of a page, and the way back. */
const props = defineProps<{ item: { id: string; settings: Values }; of: 'page' | 'kind'; kind?: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const PREFIX = 'theme.'
const { value: theme } = useItem(() => question('/api/sites/{site}/theme', { path: { site: site.id } }))
const words = ref('')
const own = computed<Values>(() =>
  Object.fromEntries(
    Object.entries(props.item.settings)
      .filter(([key]) => key.startsWith(PREFIX))
      .map(([key, value]) => [key.slice(PREFIX.length), value]),
  ),
)
/** What a page has that says nothing itself: the theme, and what its kind says. */
const inherited = computed<Values>(() => ({
  ...theme.value?.settings,
  ...theme.value?.differing.find((d) => d.sort === 'KIND' && d.id === props.kind)?.settings,
}))
const values = computed<Values>(() => ({ ...inherited.value, ...own.value }))
/** A kind names no file. */
const may = (type: string) => props.of === 'page' || !['PICTURE', 'FONT'].includes(type)
const groups = computed(() =>
  (theme.value?.groups ?? [])
    .map((g) => ({
      ...g,
      settings: g.settings.filter(
        (p) => may(p.type) && isNamed(words.value.trim(), g.label, p.label, p.help),
      ),
      own: g.settings.filter((p) => p.key in own.value).length,
    }))
    .filter((g) => g.settings.length),
)
const open = ref<string | null>(null)
const isOpen = (key: string) => !!words.value.trim() || open.value === key
function set(key: string, value: Value | undefined) {
  void site.give({ verb: 'set-value', item: props.item.id, key: PREFIX + key, value }, props.item.id)
}
</script>

<template>
  <SheetDialog title="Differ from the theme" size="narrow" sight @close="emit('close')">
    <template #beside
      ><v-btn @click="emit('close')">Done<span class="kbd">Esc</span></v-btn></template
    >
    <p class="quiet">
      {{
        of === 'page'
          ? 'What is chosen here holds for this page alone, in any look.'
          : 'What is chosen here holds for all pages of this kind, in any look, unless a page says otherwise.'
      }}
      All else is as the theme says, which is shown where nothing is chosen.
    </p>
    <p v-if="!theme" class="quiet" aria-busy="true">Fetching the theme…</p>
    <template v-else>
      <input
        v-model="words"
        class="boxed find"
        type="search"
        placeholder="in words"
        aria-label="Found by words"
      />
      <div class="groups">
        <FoldedGroup
          v-for="g in groups"
          :key="g.key"
          :label="g.label"
          :set="g.own ? `differs in ${g.own}` : ''"
          :open="isOpen(g.key)"
          @update:open="(is) => (open = is ? g.key : null)"
        >
          <div v-for="p in g.settings" :key="p.key" class="one" :class="{ own: p.key in own }">
            <SettingRow :property="p" :values="values" goes-back @change="(v) => set(p.key, v)" />
            <button
              v-if="p.key in own"
              type="button"
              class="textlink"
              :aria-label="`${p.label} as the theme again`"
              @click="set(p.key, undefined)"
            >
              as the theme again
            </button>
          </div>
        </FoldedGroup>
      </div>
      <p v-if="!groups.length" class="quiet">No setting is called so.</p>
    </template>
  </SheetDialog>
</template>

<style scoped>
.find {
  width: 100%;
  margin: 10px 0;
}
.groups {
  border: 1px solid var(--line);
  border-width: 1px 0;
  margin-inline: -13px;
}
.one {
  grid-column: 1 / -1;
  padding-inline-start: 9px;
  border-inline-start: 3px solid transparent;
}
.one:empty,
.one:not(:has(*)) {
  display: none;
}
.own {
  border-color: var(--juniper);
}
</style>
