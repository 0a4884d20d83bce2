<script setup lang="ts">
import { inputOf } from '@/look/targets'
import { computed, ref } from 'vue'
import BeginningChoice from './BeginningChoice.vue'
import type { NewSource } from './proposed'
import { sendFile, type Problem } from '@/api/client'
import { said } from '@/api/said'
import type { Offer, PackOfSite, SiteName } from '@/api/types'
import FilterTabs from '@/look/FilterTabs.vue'
import { counted } from '@/words/counted'

/** What a further site is made of: a beginning, a copy of a site, or a pack. */
const source = defineModel<NewSource>({ required: true })
const props = defineProps<{ offers: Offer[]; sites: SiteName[] }>()
const emit = defineEmits<{ pack: [held: PackOfSite] }>()
const WAYS = [
  { key: 'beginning', name: 'A beginning' },
  { key: 'copy', name: 'A copy of a site' },
  { key: 'pack', name: 'A pack' },
]
const ways = computed(() => (props.sites.length ? WAYS : WAYS.filter((w) => w.key !== 'copy')))
const way = ref('beginning')
const pack = ref<PackOfSite | null>(null)
const share = ref<number | null>(null)
const problem = ref<Problem | null>(null)

function turn(to: string) {
  way.value = to
  const from = to === 'copy' ? props.sites[0]?.id : to === 'pack' ? pack.value?.id : undefined
  source.value = { beginWith: to === 'beginning' ? 'small' : to, from, withContent: false }
}
async function send(file: File | undefined) {
  if (!file) return
  problem.value = null
  share.value = 0
  const answer = await sendFile('/api/packs', {}, file, (gone) => (share.value = gone)).done
  share.value = null
  if (!answer.ok) return (problem.value = answer.problem)
  pack.value = answer.value
  source.value = { beginWith: 'pack', from: answer.value.id }
  emit('pack', answer.value)
}
</script>

<template>
  <div>
    <FilterTabs :model-value="way" :tabs="ways" label="What it is made of" @update:model-value="turn" />
    <BeginningChoice
      v-if="way === 'beginning'"
      class="way"
      :model-value="source.beginWith"
      :offers="offers"
      @update:model-value="(b) => (source = { beginWith: b })"
    />
    <div v-else-if="way === 'copy'" class="way narrow">
      <v-radio-group
        aria-label="The site that is copied"
        :model-value="source.from"
        @update:model-value="(from: unknown) => (source = { ...source, from: String(from) })"
      >
        <v-radio v-for="s in sites" :key="s.id" :value="s.id" :label="s.name" />
      </v-radio-group>
      <p class="label">What comes along</p>
      <v-radio-group
        aria-label="What comes along"
        :model-value="!!source.withContent"
        @update:model-value="(all: unknown) => (source = { ...source, withContent: !!all })"
      >
        <v-radio :value="false" label="Structure and theme alone" />
        <v-radio :value="true" label="All of it, with content" />
      </v-radio-group>
      <p class="quiet">
        {{
          source.withContent
            ? 'Every page as it stands in the working copy, with its pictures, entries and old addresses.'
            : 'Every page with its title and place and what its template brings; kinds, templates, patterns, menus and looks. Nothing that was written, shown or filled in.'
        }}
      </p>
    </div>
    <div v-else class="way narrow">
      <p v-if="pack">
        <b>{{ pack.name }}</b>: {{ counted(pack.pages, 'page') }}, {{ counted(pack.files, 'file') }}
      </p>
      <label class="choose">
        <span class="textlink">{{ pack ? 'Choose another…' : 'Choose the pack of a whole site…' }}</span>
        <input
          type="file"
          class="unseen"
          accept=".venuepack,application/vnd.venue.pack+zip"
          aria-label="Choose the pack of a whole site"
          @change="(e) => send(inputOf(e).files?.[0])"
        />
      </label>
      <v-progress-linear
        v-if="share !== null"
        :model-value="share * 100"
        :indeterminate="share >= 1"
        aria-label="How much has gone"
      />
      <p v-if="problem" class="must" role="alert">{{ said(problem) }}</p>
    </div>
  </div>
</template>

<style scoped>
.way {
  margin-top: 16px;
}
.narrow {
  max-width: 460px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.choose:focus-within {
  outline: 2px solid var(--juniper);
}
</style>
