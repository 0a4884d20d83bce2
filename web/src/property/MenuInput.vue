<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { freshId } from '@/api/client'
import { said } from '@/api/said'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { useSession } from '@/session/useSession'
import { useMenuSheet } from '@/site/useMenuSheet'
import { useSite } from '@/site/useSite'
import type { Asked, Told } from './asked'
import { textOf } from './values'

/** One of the site's menus, with the way to its lines; or a new one, made in place. */
const props = defineProps<Asked>()
const emit = defineEmits<Told>()
const site = useSite()
const session = useSession()
const { open } = useMenuSheet()
const NONE = ''
const chosen = computed(() => textOf(props.value))
const gone = computed(() => chosen.value && !site.catalog?.menus.some((m) => m.id === chosen.value))
const choices = computed(() => [
  ...(site.catalog?.menus ?? []).map((m) => ({ value: m.id, title: m.name })),
  { value: NONE, title: 'None' },
])
const newName = ref<string | null>(null)
const trouble = ref('')

async function make() {
  const id = freshId()
  const answer = await site.give({ verb: 'make-menu', id, name: newName.value ?? '' })
  if (!answer.ok) return void (trouble.value = said(answer.problem))
  newName.value = null
  emit('change', id)
  await nextTick()
  open(id)
}
</script>

<template>
  <ChoiceOf
    :model-value="chosen"
    :items="choices"
    :label="props.name ?? property.label"
    :none="gone ? 'A menu that is gone' : undefined"
    @update:model-value="(v?: string) => emit('change', v || undefined)"
  />
  <p v-if="!chosen" class="quiet small">No menu stands here.</p>
  <form v-if="newName !== null" class="row-flex" @submit.prevent="make">
    <input
      v-model="newName"
      v-focus
      class="boxed grow"
      maxlength="40"
      aria-label="Name of the new menu"
      placeholder="Name, for example Plan a visit"
      @input="trouble = ''"
      @keydown.esc.stop="newName = null"
    />
    <v-btn type="submit" class="ink" :disabled="!newName.trim()">Make it</v-btn>
  </form>
  <p v-if="trouble" class="must small" role="alert">{{ trouble }}</p>
  <p v-if="newName === null" class="row-flex small">
    <button v-if="chosen && !gone" type="button" class="textlink" @click="open(chosen)">Its lines…</button>
    <button v-if="session.manager" type="button" class="textlink" @click="newName = ''">New menu…</button>
  </p>
</template>

<style scoped>
.small {
  font-size: 12.5px;
}
.row-flex {
  gap: 14px;
}
</style>
