<script setup lang="ts">
import { computed } from 'vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useMenuSheet } from '@/site/useMenuSheet'
import { useSite } from '@/site/useSite'
import { useGalley } from '@/galley/useGalley'

/** In which menus a page stands, and in which it doesn't. */
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const galley = useGalley()
const { open } = useMenuSheet()
const page = computed(() => galley.page.value!)
type Place = (typeof page.value.menus)[number]

function words(m: Place) {
  if (m.follows) return `${m.name}, by itself: its line “${m.above}” follows the branch`
  return m.above ? `${m.name}, beneath ${m.above}` : m.name
}
function set(menu: string, there: boolean) {
  const id = page.value.id
  if (there) void site.give({ verb: 'place-in-menu', menu, page: id, id: `m-${id}`.slice(0, 40) })
  else void site.give({ verb: 'remove-from-menu', menu, page: id })
}
function lines(menu: string) {
  emit('close')
  open(menu)
}
</script>

<template>
  <SheetDialog title="In menus" size="narrow" @close="emit('close')">
    <div v-for="m in page.menus" :key="m.menu" class="row-flex">
      <v-checkbox
        class="grow"
        :model-value="m.there || m.follows"
        :disabled="m.follows"
        :label="words(m)"
        @update:model-value="(v: unknown) => set(m.menu, v === true)"
      />
      <button type="button" class="textlink" :aria-label="`Lines of ${m.name}…`" @click="lines(m.menu)">
        Lines of {{ m.name }}…
      </button>
    </div>
    <p v-if="page.state === 'DRAFT'" class="quiet gap">Visitors see the line once the page is released.</p>
    <v-btn class="gap" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>
