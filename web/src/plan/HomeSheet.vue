<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { get } from '@/api/client'
import { useSite } from '@/site/useSite'

const props = defineProps<{ page: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const effects = ref<string[]>([])

onMounted(async () => {
  const answer = await get<string[]>(`/sites/${site.id}/pages/${props.page}/home-effects`)
  if (answer.ok) effects.value = answer.value
})

async function make() {
  await site.give({ verb: 'make-home', page: props.page })
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="560" @update:model-value="emit('close')">
    <div class="sheet">
      <template v-if="site.standing?.homeId === page">
        <h2>This is the home page</h2>
        <p class="gap">It is served at / already.</p>
        <v-btn @click="emit('close')">Close</v-btn>
      </template>
      <template v-else>
        <h2>Make “{{ site.rows.get(page)?.title }}” the home page</h2>
        <p class="quiet gap">What will change:</p>
        <ul>
          <li v-for="e in effects" :key="e">{{ e }}</li>
        </ul>
        <div class="row-flex">
          <v-btn v-focus class="yes" @click="make">Make it the home page</v-btn>
          <v-btn @click="emit('close')">Leave it</v-btn>
        </div>
      </template>
    </div>
  </v-dialog>
</template>

<style scoped>
.gap {
  margin: 8px 0;
}
ul {
  padding-left: 18px;
  margin-bottom: 16px;
}
li {
  margin: 5px 0;
}
</style>
