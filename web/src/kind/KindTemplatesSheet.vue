<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed } from 'vue'
import type { KindDetail } from '@/api/types'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import { counted } from '@/words/counted'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { pagesOf } from '@/site/pagesOf'

/** The templates that pages of a kind may wear, and the one they wear unless they choose. */
const props = defineProps<{ kind: KindDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const session = useSession()
const may = (id: string) => !props.kind.allowed || props.kind.allowed.includes(id)
const templates = computed(() => (site.catalog?.templates ?? []).filter((t) => !t.retired || may(t.id)))

function give(template: string, allowed: string[] | undefined) {
  void site.give({ verb: 'set-kind-templates', kind: props.kind.id, template, allowed })
}
function all(is: boolean) {
  give(props.kind.usual, is ? undefined : templates.value.map((t) => t.id))
}
function allow(id: string, yes: boolean) {
  void site.give({ verb: 'allow-template', kind: props.kind.id, template: id, may: yes })
}
function makeUsual(id: string) {
  const allowed = props.kind.allowed
  give(id, allowed ? [...new Set([...allowed, id])] : undefined)
}
</script>

<template>
  <SheetDialog
    :title="`Templates of ${pagesOf(kind.name)}`"
    :inert="!session.manager || undefined"
    @close="emit('close')"
  >
    <p class="quiet">
      {{ counted(kind.following, 'page follows', 'pages follow') }} the usual one, {{ kind.chosen }} chose
      their own. Changing it changes those that follow.
    </p>
    <v-checkbox
      :model-value="!kind.allowed"
      label="They may wear any template"
      @update:model-value="(v: unknown) => all(v === true)"
    />
    <ul>
      <li v-for="t in templates" :key="t.id">
        <TemplateGlyph :template="t.id" :wide="30" />
        <b class="grow cut">{{ t.name }}<span v-if="t.retired" class="quiet"> · retired</span></b>
        <span v-if="t.id === kind.usual" class="usual">● the usual one</span>
        <button v-else type="button" class="textlink" @click="makeUsual(t.id)">make it the usual one</button>
        <v-checkbox
          v-if="kind.allowed"
          :model-value="may(t.id)"
          :disabled="t.id === kind.usual"
          :aria-label="`They may wear ${t.name}`"
          @update:model-value="(v: unknown) => allow(t.id, v === true)"
        />
      </li>
    </ul>
    <v-btn class="gap" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>

<style scoped>
ul {
  list-style: none;
  max-height: 50vh;
  overflow-y: auto;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  border-top: 1px solid var(--line2);
  min-height: 42px;
}
.usual {
  color: var(--juniper);
}
</style>
