<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed } from 'vue'
import { useSite } from '@/site/useSite'
import { useGalley } from '@/galley/useGalley'

const emit = defineEmits<{ close: [] }>()
const site = useSite()
const galley = useGalley()
const page = computed(() => galley.page.value!)

function set(menu: string, there: boolean) {
  const id = page.value.id
  if (there) void site.give({ verb: 'place-in-menu', menu, page: id, id: `m-${id}`.slice(0, 40) })
  else void site.give({ verb: 'remove-from-menu', menu, page: id })
}
</script>

<template>
  <SheetDialog title="In menus" size="narrow" @close="emit('close')">
    <v-checkbox
      v-for="m in page.menus"
      :key="m.menu"
      :model-value="m.there"
      :label="m.above ? `${m.name}, beneath ${m.above}` : m.name"
      @update:model-value="(v: unknown) => set(m.menu, v === true)"
    />
    <p v-if="page.state === 'DRAFT'" class="quiet gap">Visitors see the line once the page is released.</p>
    <v-btn class="gap" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>
