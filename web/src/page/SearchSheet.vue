<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, ref } from 'vue'
import { useSite } from '@/site/useSite'
import PropertyInput from '@/property/PropertyInput.vue'
import { PARTS_GROUP } from '@/parts/parts'
import { useGalley } from '@/galley/useGalley'
import { said } from '@/api/said'

const emit = defineEmits<{ close: [] }>()
const site = useSite()
const galley = useGalley()
const page = computed(() => galley.page.value!)
const settings = computed(() => (site.catalog?.pageSettings ?? []).filter((p) => p.group !== PARTS_GROUP))
const segment = ref(page.value.segment)
const trouble = ref('')

async function readdress() {
  if (segment.value === page.value.segment) return
  const answer = await site.give(
    { verb: 'set-segment', page: page.value.id, segment: segment.value },
    page.value.id,
  )
  trouble.value = answer.ok ? '' : said(answer.problem)
}
</script>

<template>
  <SheetDialog title="Search text, settings and address" @close="emit('close')">
    <div class="found">
      <div class="mono">{{ site.standing?.origin }}{{ page.address }}</div>
      <b>{{ page.searchTitle }}</b>
      <p>{{ page.description || 'No description yet: search engines will pick words of their own.' }}</p>
    </div>
    <template v-for="(p, i) in settings" :key="p.key">
      <p v-if="p.group && p.group !== settings[i - 1]?.group" class="label gap">{{ p.group }}</p>
      <PropertyInput
        :class="{ gap: !p.group }"
        :property="p"
        :value="page.settings[p.key]"
        @change="(v) => galley.set(null, null, p.key, v === '' ? undefined : v)"
        @leave="galley.leave()"
      />
    </template>
    <label class="label" for="segment">Last part of the address</label>
    <v-text-field
      id="segment"
      v-model="segment"
      :error-messages="trouble"
      @blur="readdress"
      @keydown.enter="readdress"
    />
    <p v-if="page.liveAddress" class="label">
      From the next release on, {{ page.liveAddress }} redirects to the new address.
    </p>
    <v-btn class="gap" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>

<style scoped>
.found {
  border: 1px solid var(--line);
  padding: 10px 12px;
  margin: 10px 0;
  overflow-wrap: anywhere;
}
</style>
