<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get } from '@/api/client'
import type { Fit } from '@/api/types'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSite } from '@/site/useSite'

const props = defineProps<{ page: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const fits = ref<Fit[]>([])
const from = ref(0)
const SIDE = 3
const shown = computed(() => fits.value.slice(from.value, from.value + SIDE))

onMounted(async () => {
  const answer = await get<Fit[]>(`/sites/${site.id}/pages/${props.page}/fitting`)
  if (answer.ok) fits.value = answer.value
})

async function take(fit: Fit) {
  emit('close')
  await site.give({
    verb: 'choose-template',
    pages: [props.page],
    template: fit.kindsOwn ? undefined : fit.template,
  })
}
</script>

<template>
  <v-dialog :model-value="true" max-width="1180" @update:model-value="emit('close')">
    <div class="sheet">
      <div class="row-flex">
        <h2 class="grow cut">Fitting: {{ site.rows.get(page)?.title }}</h2>
        <v-btn v-if="fits.length > SIDE" :disabled="from === 0" @click="from--">◂ Before</v-btn>
        <v-btn v-if="fits.length > SIDE" :disabled="from + SIDE >= fits.length" @click="from++">Next ▸</v-btn>
        <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
      </div>
      <p class="quiet">
        The templates its kind may wear, on this page’s own content. Nothing changes until one is taken.
      </p>
      <div class="fits">
        <section v-for="fit in shown" :key="fit.template" :class="{ worn: fit.worn }">
          <ProofFrame
            class="proof"
            :path="`page/${page}`"
            :query="`in=${fit.template}`"
            :width="1280"
            still
            :label="`In ${site.templates.get(fit.template)?.name}`"
          />
          <div class="row-flex">
            <TemplateGlyph :template="fit.template" />
            <b class="grow">{{ site.templates.get(fit.template)?.name }}</b>
            <span v-if="fit.worn" class="quiet">worn now</span>
            <v-btn v-else class="ink" @click="take(fit)">Take this</v-btn>
          </div>
          <p class="label">
            {{ fit.kindsOwn ? 'As its kind says. ' : '' }}
            {{
              fit.shelved.length ? `To the shelf: ${fit.shelved.join(', ')}` : 'Every section keeps a place.'
            }}
          </p>
        </section>
      </div>
    </div>
  </v-dialog>
</template>

<style scoped>
.fits {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 16px;
  margin-top: 14px;
}
.proof {
  height: 400px;
  border: 1px solid var(--line);
  margin-bottom: 10px;
}
.worn .proof {
  outline: 2px solid var(--juniper);
}
</style>
