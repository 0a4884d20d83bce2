<script setup lang="ts">
import type { Typed } from './asked'

/** A bucket of object storage, and what lets us into it. Where it is stays as it is once something lies there. */
defineProps<{ fixed: boolean; keyHint: string }>()
const draft = defineModel<Typed>({ required: true })
</script>

<template>
  <template v-if="!fixed">
    <label class="label" for="d-bucket">Bucket</label>
    <v-text-field id="d-bucket" v-model="draft.bucket" dir="ltr" placeholder="my-site" />
    <label class="label" for="d-prefix">Keys begin with</label>
    <v-text-field id="d-prefix" v-model="draft.prefix" dir="ltr" placeholder="nothing more" />
  </template>
  <label class="label" for="d-endpoint">Endpoint</label>
  <v-text-field
    id="d-endpoint"
    v-model="draft.endpoint"
    dir="ltr"
    placeholder="https://storage.example; empty for that of the region"
  />
  <label class="label" for="d-region">Region</label>
  <v-text-field id="d-region" v-model="draft.region" dir="ltr" placeholder="us-east-1" />
  <span />
  <div>
    <v-checkbox
      :model-value="draft.pathStyle"
      label="The bucket stands in the path, not in the host name"
      @update:model-value="(v: unknown) => (draft.pathStyle = v === true)"
    />
    <v-checkbox
      :model-value="draft.redirects"
      label="It serves as a website: mark addresses that lead on"
      @update:model-value="(v: unknown) => (draft.redirects = v === true)"
    />
  </div>
  <label class="label" for="d-key">Key</label>
  <v-text-field id="d-key" v-model="draft.keyId" dir="ltr" autocomplete="off" :placeholder="keyHint" />
  <label class="label" for="d-secret">Secret</label>
  <v-text-field
    id="d-secret"
    :model-value="draft.keySecret"
    type="password"
    autocomplete="new-password"
    @update:model-value="(v: string) => (draft.keySecret = v)"
  />
  <p class="quiet note">They lie in a file that the server alone reads, and are never shown again.</p>
</template>

<style scoped>
.note {
  grid-column: 2;
  margin-top: -4px;
  font-size: 12.5px;
  line-height: 17px;
}
@media (max-width: 560px) {
  .note {
    grid-column: 1;
    margin: 0 0 6px;
  }
}
</style>
