<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import type { TemplateDetail } from '@/api/types'
import { counted } from '@/words/counted'
import { useSite } from '@/site/useSite'
import { pagesOf } from '@/site/pagesOf'

/** Which kinds of page may wear a template, and for which it is the usual one. */
const props = defineProps<{ template: TemplateDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
type Kind = TemplateDetail['kinds'][number]

function give(kind: Kind, template: string, allowed: string[] | undefined) {
  void site.give({ verb: 'set-kind-templates', kind: kind.id, template, allowed })
}
/** A kind that may wear all is narrowed to all the others. */
function allow(kind: Kind, yes: boolean) {
  void site.give({ verb: 'allow-template', kind: kind.id, template: props.template.id, may: yes })
}
function makeUsual(kind: Kind) {
  const allowed = kind.templates && [...new Set([...kind.templates, props.template.id])]
  give(kind, props.template.id, allowed ?? undefined)
}
</script>

<template>
  <SheetDialog :title="`Kinds that may wear ${template.name}`" @close="emit('close')">
    <table>
      <thead>
        <tr>
          <th scope="col">Kind</th>
          <th scope="col">May wear it</th>
          <th scope="col">Wears it as usual</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="k in template.kinds" :key="k.id">
          <th scope="row">{{ k.name }}</th>
          <td>
            <v-checkbox
              :model-value="k.allowed"
              :disabled="k.usual"
              :aria-label="`${pagesOf(k.name)} may wear it`"
              @update:model-value="(v: unknown) => allow(k, v === true)"
            />
          </td>
          <td>
            <span v-if="k.usual"
              >● {{ counted(k.following, 'page follows', 'pages follow') }}, {{ k.chosen }} chose their
              own</span
            >
            <button v-else type="button" class="textlink" @click="makeUsual(k)">
              Make it the usual one: {{ counted(k.following, 'page changes', 'pages change') }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <v-btn class="gap" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
  margin-top: 10px;
}
th,
td {
  text-align: left;
  border-top: 1px solid var(--line2);
  padding: 2px 10px 2px 0;
  font-weight: 400;
}
tbody th {
  font-weight: 600;
}
</style>
