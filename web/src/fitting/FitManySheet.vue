<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, onMounted, ref } from 'vue'
import { get } from '@/api/client'
import type { FittedMany } from '@/api/types'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import { counted } from '@/words/counted'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSite } from '@/site/useSite'

/** Chooses the template of many pages at once: what each would do to them, and how one of them would look. */
const props = defineProps<{ pages: string[] }>()
const emit = defineEmits<{ close: []; taken: [] }>()
const site = useSite()
const fits = ref<FittedMany[] | null>(null)
const looked = ref('')
const on = ref(props.pages[0] ?? '')
const choices = computed(() =>
  props.pages.map((id) => ({ value: id, title: site.rows.get(id)?.title ?? id })),
)

onMounted(async () => {
  const answer = await get('/api/sites/{site}/fitting', {
    path: { site: site.id },
    query: { pages: props.pages },
  })
  fits.value = answer.ok ? answer.value : []
  looked.value = fits.value[0]?.template ?? ''
})

async function take(template?: string) {
  const answer = await site.give({ verb: 'choose-template', pages: props.pages, template })
  if (answer.ok) emit('taken')
}
function words(fit: FittedMany) {
  const shelf = fit.shelved
    ? `${counted(fit.shelved, 'section')} of ${counted(fit.shelving, 'page')} to the shelf`
    : 'every section keeps a place'
  return fit.worn ? `worn by ${fit.worn} of them · ${shelf}` : shelf
}
</script>

<template>
  <SheetDialog :title="`A template for ${counted(pages.length, 'page')}`" size="large" @close="emit('close')">
    <p class="quiet">
      Those that all of them may wear. Nothing changes until one is taken; it is undone in one step.
    </p>
    <p v-if="fits && !fits.length" class="gap">
      No template may be worn by all of them. Choose pages of fewer kinds, or allow their kinds more.
    </p>
    <div class="sides">
      <ul>
        <li v-for="fit in fits ?? []" :key="fit.template" :class="{ on: fit.template === looked }">
          <button
            type="button"
            class="one"
            :aria-pressed="fit.template === looked"
            @click="looked = fit.template"
          >
            <TemplateGlyph :template="fit.template" :wide="30" />
            <span class="grow">
              <b>{{ site.templates.get(fit.template)?.name }}</b>
              <span class="label">{{ words(fit) }}</span>
            </span>
          </button>
          <v-btn class="ink" :disabled="fit.worn === pages.length" @click="take(fit.template)"
            >Take this</v-btn
          >
        </li>
      </ul>
      <div v-if="looked">
        <v-autocomplete v-model="on" :items="choices" aria-label="Page to look at" />
        <ProofFrame
          :key="`${looked}/${on}`"
          class="proof"
          :path="`page/${on}`"
          :query="`in=${looked}`"
          :width="1280"
          still
          :label="`In ${site.templates.get(looked)?.name}`"
        />
      </div>
    </div>
    <div class="row-flex gap">
      <v-btn @click="take()">As their kinds say</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: 1fr 400px;
  gap: 20px;
  margin-top: 12px;
}
ul {
  list-style: none;
  max-height: 420px;
  overflow-y: auto;
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  border-top: 1px solid var(--line2);
  border-left: 3px solid transparent;
  padding: 6px 4px 6px 8px;
}
li.on {
  border-left-color: var(--juniper);
  background: var(--juniper-wash);
}
.one {
  flex: 1;
  min-width: 0;
  display: flex;
  gap: 12px;
  align-items: center;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
}
.one .label {
  display: block;
}
.proof {
  height: 340px;
  border: 1px solid var(--line);
  margin-top: 10px;
}
</style>
