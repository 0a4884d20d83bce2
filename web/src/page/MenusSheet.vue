<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, ref } from 'vue'
import MenuSheet from '@/menu/MenuSheet.vue'
import { useSite } from '@/site/useSite'
import { useGalley } from '@/galley/useGalley'

const emit = defineEmits<{ close: [] }>()
const site = useSite()
const galley = useGalley()
/** The menu whose lines are arranged. */
const arranged = ref<string | null>(null)
const page = computed(() => galley.page.value!)

function set(menu: string, there: boolean) {
  const id = page.value.id
  if (there) void site.give({ verb: 'place-in-menu', menu, page: id, id: `m-${id}`.slice(0, 40) })
  else void site.give({ verb: 'remove-from-menu', menu, page: id })
}
</script>

<template>
  <MenuSheet v-if="arranged" :menu="arranged" @close="emit('close')" />
  <SheetDialog v-else title="In menus" size="narrow" @close="emit('close')">
    <div v-for="m in page.menus" :key="m.menu" class="row-flex">
      <v-checkbox
        class="grow"
        :model-value="m.there"
        :label="m.above ? `${m.name}, beneath ${m.above}` : m.name"
        @update:model-value="(v: unknown) => set(m.menu, v === true)"
      />
      <button type="button" class="textlink" :aria-label="`Lines of ${m.name}…`" @click="arranged = m.menu">
        Lines of {{ m.name }}…
      </button>
    </div>
    <p v-if="page.state === 'DRAFT'" class="quiet gap">Visitors see the line once the page is released.</p>
    <v-btn class="gap" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>
