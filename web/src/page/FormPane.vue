<script setup lang="ts">
import { computed } from 'vue'
import FormFields from '@/property/FormFields.vue'
import { useGalley } from '@/galley/useGalley'

/** The page as a form: what its kind asks for. The galley shows the same values where elements are bound to them. */
const galley = useGalley()
const page = computed(() => galley.page.value!)
</script>

<template>
  <section class="pane" aria-label="Form">
    <div class="paper">
      <p class="label">
        Kept as you type. What is given here shows in listings, in the title band and wherever the page’s
        sections say so.
      </p>
      <FormFields
        :fields="page.fieldList"
        :values="page.fields"
        @change="(key, v) => galley.set(null, null, key, v)"
        @leave="galley.leave()"
      />
    </div>
  </section>
</template>

<style scoped>
.pane {
  overflow-y: auto;
  padding: 20px;
  border-right: 1px solid var(--line);
  min-height: 0;
}
.paper {
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 18px 22px 26px;
  display: flex;
  flex-direction: column;
  gap: 16px;
}
</style>
