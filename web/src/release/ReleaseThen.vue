<script setup lang="ts">
import { computed } from 'vue'
import type { FoundAfter, Preview } from '@/api/types'
import { counted } from '@/words/counted'

/** What the sitemap and the survey say once it is live. */
const props = defineProps<{ preview: Preview; grave: FoundAfter[]; lesser: FoundAfter[] }>()
const FEW = 8
/** So many of those that are new are named; the rest stands in the survey. */
const NEW = 4
const map = computed(() => props.preview.sitemap)
const still = computed(() => !map.value.comes.length && !map.value.goes.length && !map.value.changed)
const fresh = computed(() => [...props.grave, ...props.lesser].filter((f) => f.fresh).length)
const lesserNew = computed(() => props.lesser.filter((f) => f.fresh))
const GONE: Record<number, string> = {
  200: 'stays for visitors',
  302: 'asks to sign in',
  403: 'closed',
  404: 'not there',
  410: 'gone',
}
const plain = (address: string) => decodeURI(address)
</script>

<template>
  <section aria-labelledby="map-then">
    <h3 id="map-then">The sitemap then</h3>
    <p v-if="still" class="quiet">As it is: {{ counted(map.now, 'address', 'addresses') }}.</p>
    <template v-else>
      <p class="quiet">
        {{ counted(map.then, 'address', 'addresses') }}, {{ map.now.toLocaleString('en-GB') }} now
      </p>
      <ul class="lines mono">
        <li v-for="a in map.comes.slice(0, FEW)" :key="a" class="comes">
          <span aria-hidden="true">+</span> <span class="unseen">comes:</span> {{ plain(a) }}
        </li>
        <li v-if="map.comes.length > FEW" class="comes">+ {{ map.comes.length - FEW }} more</li>
        <li v-for="g in map.goes.slice(0, FEW)" :key="g.address" class="must">
          <span aria-hidden="true">−</span> <span class="unseen">goes:</span> {{ plain(g.address) }}
          <span class="quiet">{{ g.to ? `→ ${plain(g.to)}` : GONE[g.status] }}</span>
        </li>
        <li v-if="map.goes.length > FEW" class="must">− {{ map.goes.length - FEW }} more</li>
        <li v-if="map.changed" class="quiet">~ {{ map.changed.toLocaleString('en-GB') }} with a new date</li>
      </ul>
    </template>
  </section>
  <p v-if="preview.through" class="quiet">
    {{ counted(preview.through, 'more page changes', 'more pages change') }} through a template, a menu or the
    look.
  </p>
  <section aria-labelledby="survey-then">
    <h3 id="survey-then">The survey then</h3>
    <p v-if="!grave.length && !lesser.length" class="quiet">Nothing to fix.</p>
    <p v-else>
      <b class="must">{{ grave.length }}</b> must fix <b class="should">{{ lesser.length }}</b> should fix
    </p>
    <p v-if="fresh || preview.mended" class="quiet">
      {{ fresh ? `${counted(fresh, 'finding is', 'findings are')} new` : 'None is new'
      }}{{ preview.mended ? `, ${counted(preview.mended, 'goes', 'go')}` : '' }}.
    </p>
    <ul v-if="grave.length || lesserNew.length" class="findings">
      <li v-for="(f, i) in grave" :key="`g${i}`">
        <b class="must">◆ {{ f.name }}</b> {{ f.finding.says }} <b v-if="f.fresh" class="should">new</b>
      </li>
      <li v-for="(f, i) in lesserNew.slice(0, NEW)" :key="`l${i}`">
        <b class="should">◇ {{ f.name }}</b> {{ f.finding.says }} <b class="should">new</b>
      </li>
    </ul>
    <router-link v-if="lesser.length" :to="{ name: 'survey' }">Look at them in the survey</router-link>
  </section>
</template>

<style scoped>
h3 {
  margin-top: 8px;
}
ul {
  list-style: none;
}
.lines {
  font-size: 12.5px;
  line-height: 19px;
  overflow-wrap: anywhere;
}
.comes {
  color: var(--juniper);
}
.findings {
  border-top: 1px solid var(--line);
  margin: 6px 0 10px;
  overflow-wrap: anywhere;
}
.findings li {
  padding: 4px 0;
  border-bottom: 1px solid var(--line2);
  color: var(--quiet);
}
</style>
