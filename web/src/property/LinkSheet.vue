<script setup lang="ts">
import { question } from '@/api/client'
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, ref } from 'vue'
import { fold } from '@/words/fold'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import { textOf } from './values'

const props = defineProps<{ value: string }>()
const emit = defineEmits<{ take: [target: string | null]; close: [] }>()
const site = useSite()
const words = ref(
  props.value.startsWith('page:')
    ? (site.rows.get(props.value.slice(5).split('#')[0] ?? '')?.title ?? '')
    : props.value,
)
const MOST = 8

const isAddress = computed(() => /^(https?:\/\/|mailto:|tel:|\/|#)/i.test(words.value.trim()))
const pages = computed(() => {
  const wanted = fold(words.value.trim())
  return [...site.rows.values()]
    .filter((r) => fold(`${r.title} ${r.address}`).includes(wanted))
    .slice(0, MOST)
})

/** The page whose sections are looked through, and those of them that a link can lead to. */
const within = ref('')
const { value: sections } = useItem(() =>
  within.value
    ? question('/api/sites/{site}/pages/{id}', { path: { site: site.id, id: within.value } })
    : null,
)
const anchors = computed(() =>
  (sections.value?.zones ?? [])
    .flatMap((z) => z.sections)
    .map((s) => ({ name: s.section.name, anchor: textOf(s.section.settings.anchor) }))
    .filter((s) => s.anchor),
)
function submit() {
  const first = pages.value[0]
  if (isAddress.value) emit('take', words.value.trim())
  else if (first) emit('take', `page:${first.id}`)
}
</script>

<template>
  <SheetDialog title="Lead to" size="narrow" form @submit="submit" @close="emit('close')">
    <v-text-field
      v-model="words"
      v-focus
      class="gap"
      aria-label="A page’s name, or an address"
      placeholder="A page’s name, or https://…"
    />
    <button v-if="isAddress" type="submit" class="hit">
      The address <span class="mono">{{ words }}</span>
    </button>
    <template v-for="p in pages" :key="p.id">
      <div class="row-flex one">
        <button type="button" class="hit" @click="emit('take', `page:${p.id}`)">
          <span class="grow cut">{{ p.title }}</span><span class="mono cut">{{ p.address }}</span>
        </button>
        <button
          type="button"
          class="textlink"
          :aria-expanded="within === p.id"
          :aria-label="`Sections of ${p.title}`"
          @click="within = within === p.id ? '' : p.id"
        >
          sections
        </button>
      </div>
      <template v-if="within === p.id && sections?.id === p.id">
        <button
          v-for="s in anchors"
          :key="s.anchor"
          type="button"
          class="hit inner"
          @click="emit('take', `page:${p.id}#${s.anchor}`)"
        >
          <span class="grow cut">{{ s.name }}</span><span class="mono cut">#{{ s.anchor }}</span>
        </button>
        <p v-if="!anchors.length" class="quiet inner">
          No section there has an anchor yet: a section’s settings give it one.
        </p>
      </template>
    </template>
    <p v-if="!isAddress && pages.length === 0" class="quiet">
      No page is called so. An address begins with https://
    </p>
    <div class="row-flex gap">
      <v-btn v-if="value" class="danger" @click="emit('take', null)">Take the link away</v-btn>
      <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.hit {
  display: flex;
  gap: 10px;
  width: 100%;
  border: 0;
  border-bottom: 1px solid var(--line2);
  background: none;
  padding: 6px 4px;
  font: inherit;
  color: inherit;
  text-align: left;
}
.one {
  gap: 8px;
  border-bottom: 1px solid var(--line2);
}
.one .hit {
  border: 0;
}
.one .textlink {
  font-size: 12px;
}
.inner {
  padding-left: 22px;
}
.hit:hover,
.hit:focus-visible {
  background: var(--juniper-wash);
}
</style>
