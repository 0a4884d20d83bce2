<script setup lang="ts">
import { computed } from 'vue'
import type { PackHow, PackLine, PackLooked } from '@/api/types'
import FilterTabs from '@/look/FilterTabs.vue'
import { counted } from '@/words/counted'
import { SORTS, sortsCounted } from '@/words/sorts'

/** What reading a pack would do: what is new, what is here, and what becomes of what differs. */
const props = defineProps<{ looked: PackLooked }>()
const emit = defineEmits<{ look: [] }>()
const how = defineModel<PackHow>('how', { required: true })
const FIRST = 60
const report = computed(() => props.looked.report)
/** Its pages are told of one by one, beside those here. */
const others = (lines: PackLine[]) => lines.filter((l) => l.sort !== 'PAGE')
const fresh = computed(() => others(report.value.fresh))
const differing = computed(() => others(report.value.differing))
const same = computed(() => others(report.value.same))
const withPages = computed(() => props.looked.pages.length > 0)
const CHOICES = [
  { key: 'MINE', name: 'Keep ours' },
  { key: 'THEIRS', name: 'Take theirs' },
  { key: 'BOTH', name: 'Both' },
]
/** There is one site, and one menu in each place. */
const choices = (line: PackLine) =>
  ['SITE', 'MENU', 'REDIRECT'].includes(line.sort) ? CHOICES.slice(0, 2) : CHOICES

function choose(line: PackLine, choice: string) {
  how.value.each = { ...how.value.each, [line.id]: choice as PackHow['differing'] }
  emit('look')
}
function chooseAll(choice: string) {
  how.value.differing = choice as PackHow['differing']
  how.value.each = {}
  emit('look')
}
const shown = (line: PackLine) => (line.sort === 'SITE' ? 'Home page, facts and look of the site' : line.name)
</script>

<template>
  <div class="report">
    <section aria-labelledby="pack-fresh">
      <h3 id="pack-fresh">
        {{ withPages ? 'New with them' : 'New here' }} <span class="many">{{ fresh.length }}</span>
      </h3>
      <p class="quiet">
        {{
          sortsCounted(fresh) ||
          (withPages ? 'Nothing: all that they need is here already.' : 'Nothing: all of it is here already.')
        }}
      </p>
      <ul v-if="fresh.length" class="lines">
        <li v-for="line in fresh.slice(0, FIRST)" :key="line.id">
          <span class="cut" dir="auto"
            >{{ line.name }} <span class="label">{{ line.note }}</span></span
          >
          <span class="label">{{ SORTS[line.sort].one }}</span>
        </li>
        <li v-if="fresh.length > FIRST" class="quiet">and {{ fresh.length - FIRST }} more</li>
      </ul>
    </section>
    <section v-if="differing.length" aria-labelledby="pack-differing">
      <div class="row-flex">
        <h3 id="pack-differing" class="grow">
          Here and different <span class="many">{{ differing.length }}</span>
        </h3>
        <FilterTabs
          v-if="differing.length > 1"
          :model-value="Object.keys(how.each).length ? '' : how.differing"
          :tabs="CHOICES"
          label="What becomes of all that differ"
          @update:model-value="chooseAll"
        />
      </div>
      <ul class="lines differing">
        <li v-for="line in differing.slice(0, FIRST)" :key="line.id">
          <span class="cut" dir="auto">{{ shown(line) }}</span>
          <span class="label">{{ SORTS[line.sort].one }}</span>
          <FilterTabs
            :model-value="line.choice ?? 'MINE'"
            :tabs="choices(line)"
            :label="`What becomes of ${line.name}`"
            @update:model-value="(c) => choose(line, c)"
          />
        </li>
        <li v-if="differing.length > FIRST" class="quiet">
          and {{ differing.length - FIRST }} more, as chosen for all
        </li>
      </ul>
    </section>
    <section v-if="same.length">
      <h3>
        Here already, as it is <span class="many">{{ same.length }}</span>
      </h3>
      <p class="quiet">{{ sortsCounted(same) }}</p>
    </section>
    <section v-if="report.gone.length || looked.lacking.length">
      <h3>Not here</h3>
      <p v-if="report.gone.length" class="quiet">
        Links to {{ report.gone.join(', ') }} become places to fill: nothing here is called so.
      </p>
      <p v-if="looked.lacking.length" class="should">
        {{ counted(looked.lacking.length, 'file is', 'files are') }} missing from the pack, and will be shown
        as missing: {{ looked.lacking.join(', ') }}.
      </p>
    </section>
  </div>
</template>

<style scoped>
.report {
  display: flex;
  flex-direction: column;
  gap: 18px;
  min-width: 0;
}
.many {
  font: 500 13px/20px var(--text);
  color: var(--quiet);
  margin-left: 4px;
}
.lines {
  list-style: none;
  max-height: 190px;
  overflow-y: auto;
  border-top: 1px solid var(--line);
  margin-top: 6px;
  scrollbar-width: thin;
}
.lines li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(90px, auto);
  gap: 12px;
  align-items: center;
  min-height: 30px;
  border-bottom: 1px solid var(--line2);
}
.differing li {
  grid-template-columns: minmax(0, 1fr) 90px auto;
}
.differing {
  max-height: 230px;
}
</style>
