<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import SendProofSheet from '@/proof/SendProofSheet.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import AudienceChoice from './AudienceChoice.vue'
import { gateCommand, isWhole, wantedOf, type Wanted } from './gateCommand'
import { meets, STRANGER } from './gates'

/** Who may see the whole site: pages may be left open one by one. */
const site = useSite()
const sending = ref(false)
const facts = computed(() => site.catalog?.facts ?? {})
const wanted = ref(wantedOf({}, 'everyone'))
watch(facts, (now) => (wanted.value = wantedOf(now, 'everyone')), { immediate: true })
async function set(to: Wanted) {
  wanted.value = to
  if (isWhole(to)) await site.give(gateCommand('site', to.who === 'everyone' ? { ...to, who: '' } : to))
}
function say(event: Event) {
  const on = (event.target as HTMLInputElement).checked
  void site.give({ verb: 'set-value', item: 'site', key: 'sayClosed', value: on })
}
const open = computed(() => [...site.rows.values()].filter((r) => meets(r.gate, STRANGER) === 'opens').length)
const closed = computed(() => site.rows.size - open.value)
</script>

<template>
  <section aria-labelledby="site-gate">
    <h2 id="site-gate">Who may see the site</h2>
    <AudienceChoice
      :model-value="wanted"
      label="The home page, and every page that says nothing else"
      @update:model-value="set"
    />
    <label v-if="closed || facts.sayClosed === true" class="say gap">
      <input type="checkbox" :checked="facts.sayClosed === true" @change="say" />
      <span>
        Links to closed pages say so
        <small class="quiet"
          >“(for members)” stands beside them, for whoever would be asked to sign in.</small
        >
      </span>
    </label>
    <p class="quiet gap">
      {{ counted(open, 'page is', 'pages are') }} open to everyone, {{ closed }} not: with the next release.
      Which they are shows in the Plan, under the lens “who may see it”.
    </p>
    <v-btn class="gap" @click="sending = true">A link to look…</v-btn>
    <SendProofSheet v-if="sending" page="site" @close="sending = false" />
  </section>
</template>

<style scoped>
.say {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
.say small {
  display: block;
}
</style>
