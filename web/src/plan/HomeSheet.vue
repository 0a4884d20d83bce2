<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, onMounted, ref } from 'vue'
import { get } from '@/api/client'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSite } from '@/site/useSite'

const props = defineProps<{ page: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const effects = ref<string[]>([])
const isHome = computed(() => site.standing?.homeId === props.page)

onMounted(async () => {
  const answer = await get('/api/sites/{site}/pages/{id}/home-effects', {
    path: { site: site.id, id: props.page },
  })
  if (answer.ok) effects.value = answer.value
})

async function make() {
  await site.give({ verb: 'make-home', page: props.page })
  emit('close')
}
</script>

<template>
  <SheetDialog
    :title="isHome ? 'This is the home page' : `Make “${site.rows.get(page)?.title}” the home page`"
    size="wide"
    @close="emit('close')"
  >
    <template v-if="isHome">
      <p class="gap">It is served at / already.</p>
      <v-btn class="foot" @click="emit('close')">Close</v-btn>
    </template>
    <template v-else>
      <div class="proofs">
        <figure v-if="site.standing?.homeId">
          <figcaption class="label">/ now</figcaption>
          <ProofFrame :path="`page/${site.standing.homeId}`" :width="1280" label="What / shows now" still />
        </figure>
        <figure>
          <figcaption class="label">/ then</figcaption>
          <ProofFrame :path="`page/${page}`" :width="1280" label="What / would show" still />
        </figure>
      </div>
      <p class="quiet gap">What will change:</p>
      <ul>
        <li v-for="e in effects" :key="e">{{ e }}</li>
      </ul>
      <div class="row-flex foot">
        <v-btn v-focus class="yes" @click="make">Make it the home page</v-btn>
        <v-btn @click="emit('close')">Leave it</v-btn>
      </div>
    </template>
  </SheetDialog>
</template>

<style scoped>
.proofs {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 16px;
  margin-top: 12px;
}
.proofs :deep(iframe) {
  pointer-events: none;
}
figure > :last-child {
  height: 190px;
  border: 1px solid var(--line);
}
ul {
  padding-left: 18px;
}
li {
  margin: 5px 0;
}
</style>
