<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { freshId, question } from '@/api/client'
import { said } from '@/api/said'
import NamingSheet from '@/edit/NamingSheet.vue'
import WrittenInput from '@/edit/WrittenInput.vue'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSession } from '@/session/useSession'
import { useItem } from '@/site/useItem'
import { useMenuSheet } from '@/site/useMenuSheet'
import { useSite } from '@/site/useSite'
import MenuLines from './MenuLines.vue'
import MenuShown from './MenuShown.vue'

/** The site's menus, one at a time: what it is called, where it is shown, and its lines. */
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const session = useSession()
const { menu, turn } = useMenuSheet()
const menus = computed(() => site.catalog?.menus ?? [])
const making = ref(false)
const trouble = ref('')
const { value: detail, problem } = useItem(
  () => question('/api/sites/{site}/menus/{menu}', { path: { site: site.id, menu: menu.value } }),
  (m) => [{ item: m.id, revision: m.revision }],
)
const shown = computed(() => (detail.value?.id === menu.value ? detail.value : null))
watch(menu, () => (trouble.value = ''))

async function make(name: string) {
  const id = freshId()
  const answer = await site.give({ verb: 'make-menu', id, name })
  if (answer.ok) turn(id)
  return answer
}
async function call(name: string) {
  const answer = await site.give({ verb: 'name-menu', menu: menu.value, name })
  trouble.value = answer.ok ? '' : said(answer.problem)
}
async function remove() {
  const answer = await site.give({ verb: 'remove-menu', menu: menu.value })
  if (!answer.ok) return void (trouble.value = said(answer.problem))
  const other = menus.value.find((m) => m.id !== menu.value)
  if (other) turn(other.id)
  else emit('close')
}
</script>

<template>
  <NamingSheet
    v-if="making"
    heading="A new menu"
    act="Make it"
    placeholder="For example Plan a visit"
    :give="make"
    @close="making = false"
  />
  <SheetDialog v-else title="Menus" size="wide" @close="emit('close')">
    <div class="row-flex which">
      <ChoiceOf
        class="grow"
        :model-value="menu"
        :items="menus.map((m) => ({ value: m.id, title: m.name }))"
        label="Menu"
        @update:model-value="(id?: string) => id && turn(id)"
      />
      <v-btn v-if="session.manager" @click="making = true">New menu…</v-btn>
    </div>
    <p v-if="!menus.length" class="gap">This site has no menu yet.</p>
    <p v-else-if="problem && !shown" class="must gap">
      {{ problem.status === 404 ? 'This menu is gone.' : said(problem) }}
    </p>
    <p v-else-if="!shown" class="quiet gap" aria-busy="true">Fetching its lines…</p>
    <template v-else>
      <div v-if="session.manager" class="row-flex">
        <WrittenInput
          class="boxed title"
          :value="shown.name"
          aria-label="Name of the menu"
          maxlength="40"
          @written="call"
        />
        <button type="button" class="textlink" @click="remove">Remove this menu</button>
      </div>
      <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
      <MenuShown :menu="shown" />
      <MenuLines :key="shown.id" :menu="shown">
        <v-btn @click="emit('close')">Done<span class="kbd">Esc</span></v-btn>
      </MenuLines>
      <p class="quiet note">
        A line to a page takes the page’s title, unless it is given words of its own. Visitors see changes
        once they are released.
      </p>
    </template>
  </SheetDialog>
</template>

<style scoped>
.which {
  border-bottom: 1px solid var(--line);
  padding: 2px 0 6px;
  margin-bottom: 10px;
  align-items: flex-start;
}
.title {
  max-width: 320px;
  font-weight: 600;
}
.note {
  font-size: 12.5px;
  margin-top: 8px;
}
</style>
