<script setup lang="ts">
import { ref, watch } from 'vue'
import { allZones, proposedHost, type AskedSite } from './proposed'
import ChoiceOf from '@/look/ChoiceOf.vue'
import { LANGUAGES } from '@/words/languages'

/** What is asked of a new site. `wrong` says what is wrong with a field, or nothing. */
const asked = defineModel<AskedSite>({ required: true })
defineProps<{ wrong: (field: string) => string }>()

/** The host name follows the site's name until somebody writes their own. */
const own = ref(false)
watch(
  () => asked.value.siteName,
  (name) => !own.value && (asked.value.siteHost = proposedHost(name)),
)
</script>

<template>
  <fieldset class="asked">
    <legend>The site</legend>
    <label class="label" for="site-name">Name</label>
    <v-text-field id="site-name" v-model="asked.siteName" autocomplete="organization" />
    <p v-if="wrong('siteName')" class="must" role="alert">{{ wrong('siteName') }}</p>
    <label class="label" for="site-host">Host name: its address for now</label>
    <v-text-field
      id="site-host"
      v-model="asked.siteHost"
      autocomplete="off"
      spellcheck="false"
      @input="own = true"
    />
    <p v-if="wrong('siteHost')" class="must" role="alert">{{ wrong('siteHost') }}</p>
    <div class="two">
      <div>
        <span class="label">Language</span>
        <ChoiceOf v-model="asked.language" :items="LANGUAGES" label="Language" />
      </div>
      <div>
        <label class="label" for="zone">Time zone</label>
        <v-autocomplete id="zone" v-model="asked.timeZone" :items="allZones()" />
      </div>
    </div>
    <p v-if="wrong('language') || wrong('timeZone')" class="must" role="alert">
      {{ wrong('language') || wrong('timeZone') }}
    </p>
  </fieldset>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
