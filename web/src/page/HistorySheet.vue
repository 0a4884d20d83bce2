<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { counted } from '@/words/counted'
import { computed, onMounted, ref, watch } from 'vue'
import { get, post, question } from '@/api/client'
import type { ComparedPart } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { whenWords } from '@/words/whenWords'
import PartPair from '@/proof/PartPair.vue'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useParts } from '@/site/useParts'
import { useSite } from '@/site/useSite'
import { useGalley } from '@/galley/useGalley'

/** The versions of a page; one is looked at beside now, as proofs or as words, and brought back whole or in part. */
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const galley = useGalley()
const notices = useNotices()
const parts = ref<ComparedPart[]>([])
const chosen = ref('')
const as = ref<'proofs' | 'words'>('proofs')
const here = () => ({ site: site.id, id: galley.id() })
const {
  all: versions,
  more,
  load: loadVersions,
  earlier,
} = useParts((from) => get('/api/sites/{site}/pages/{id}/history', { path: here(), query: { from } }))
const markup = (of: string) =>
  question('/api/sites/{site}/pages/{id}/markup', { path: { ...here(), site: of } })
const version = computed(() => versions.value.find((v) => v.revision === chosen.value))
const differing = computed(() => parts.value.filter((p) => p.state !== 'SAME'))
/** As the proofs know them: what is no section is the title. */
const marked = computed(() => differing.value.map((p) => p.section ?? 'title'))
const WORDS: Record<string, string> = { CHANGED: 'changed', ADDED: 'came later', REMOVED: 'gone since' }

const sameWords = (p: ComparedPart) => p.before.join('\n') === p.after.join('\n')

onMounted(load)
async function load() {
  await loadVersions()
  chosen.value ||= versions.value.find((v) => !v.now)?.revision ?? ''
}
watch(chosen, compare)
async function compare() {
  if (!chosen.value) return
  const answer = await get('/api/sites/{site}/pages/{id}/history/{revision}', {
    path: { ...here(), revision: chosen.value },
  })
  parts.value = answer.ok ? answer.value : []
}
async function bringBack(section?: string) {
  const answer = await post(
    '/api/sites/{site}/pages/{id}/history/{revision}/return',
    { path: { ...here(), revision: chosen.value } },
    { section },
  )
  if (!answer.ok) return notices.refuse(answer.problem)
  await site.settle()
  if (!section) return emit('close')
  await Promise.all([load(), compare()])
}
</script>

<template>
  <SheetDialog :title="`History of ${galley.page.value?.title}`" size="large" @close="emit('close')">
    <template #beside>
      <div class="as" role="group" aria-label="Compare as">
        <button type="button" :aria-pressed="as === 'proofs'" @click="as = 'proofs'">Proofs</button>
        <button type="button" :aria-pressed="as === 'words'" @click="as = 'words'">Words</button>
      </div>
      <v-btn @click="emit('close')">Close<span class="kbd">Esc</span></v-btn>
    </template>
    <div class="sides">
      <ol class="versions" aria-label="Versions, the latest first">
        <li v-for="v in versions" :key="v.at + v.revision">
          <button type="button" :class="{ on: v.revision === chosen }" @click="chosen = v.revision">
            <b class="cut">{{ v.name }}</b>
            <span class="quiet">{{ whenWords(v.at) }} · {{ v.who }}</span>
            <span v-if="v.now || v.live" class="label live">{{
              v.now ? (v.live ? 'now, and live' : 'now') : 'live'
            }}</span>
          </button>
        </li>
        <li v-if="more"><v-btn @click="earlier">Earlier versions…</v-btn></li>
      </ol>
      <div v-if="version" class="look">
        <div v-if="as === 'proofs'" class="proofs">
          <figure>
            <figcaption class="label">{{ whenWords(version.at) }}</figcaption>
            <ProofFrame
              :path="`page/${galley.id()}`"
              :query="`at=${version.revision}&marks=1`"
              :width="1100"
              :differing="marked"
              still
              label="As it was"
            />
          </figure>
          <figure>
            <figcaption class="label">Now</figcaption>
            <ProofFrame
              :path="`page/${galley.id()}`"
              query="marks=1"
              :markup="markup"
              :width="1100"
              :differing="marked"
              label="Now"
            />
          </figure>
        </div>
        <div v-else class="words">
          <p v-if="!differing.length" class="quiet">Nothing differs.</p>
          <section v-for="p in differing" :key="p.section ?? 'facts'">
            <div class="row-flex">
              <h3 class="grow">
                {{ p.name }} <span class="quiet">{{ WORDS[p.state] }}</span>
              </h3>
              <v-btn v-if="p.section && p.state !== 'ADDED'" @click="bringBack(p.section)"
                >Bring it back</v-btn
              >
            </div>
            <p v-if="sameWords(p)" class="quiet">
              The words are the same; its pictures, links or settings differ.
            </p>
            <PartPair v-else :before="p.before" :after="p.after" />
          </section>
        </div>
        <div class="row-flex foot">
          <v-btn class="yes" :disabled="version.now" @click="bringBack()">Bring all of it back</v-btn>
          <span class="quiet">
            {{
              version.now
                ? 'The page is like this now.'
                : `${counted(differing.length, 'part differs', 'parts differ')} from now. Its address and place stay; it can be undone.`
            }}
          </span>
        </div>
      </div>
      <p v-else class="quiet">There is no earlier version yet.</p>
    </div>
  </SheetDialog>
</template>

<style scoped>
.as button {
  border: 1px solid var(--line);
  background: var(--sheet);
  color: inherit;
  font: 13px/28px var(--text);
  padding: 0 12px;
}
.as button[aria-pressed='true'] {
  border-color: var(--juniper);
  box-shadow: inset 0 0 0 1px var(--juniper);
}
.sides {
  display: grid;
  grid-template-columns: 270px minmax(0, 1fr);
  gap: 20px;
  margin-top: 14px;
  height: 66vh;
}
.versions {
  list-style: none;
  overflow-y: auto;
  border-right: 1px solid var(--line);
}
.versions button {
  display: flex;
  flex-direction: column;
  width: 100%;
  border: 0;
  border-left: 3px solid transparent;
  border-bottom: 1px solid var(--line2);
  background: none;
  color: inherit;
  font: 13px/18px var(--text);
  padding: 7px 12px;
  text-align: left;
}
.versions button.on {
  background: var(--juniper-wash);
  border-left-color: var(--juniper);
}
.live {
  color: var(--juniper);
}
.look {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.proofs,
.words {
  flex: 1;
  min-height: 0;
}
.words {
  overflow-y: auto;
}
.proofs {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 14px;
}
figure {
  min-width: 0;
  display: flex;
  flex-direction: column;
  min-height: 0;
}
figure :deep(.proof) {
  flex: 1;
  border: 1px solid var(--line);
}
.words section {
  border-bottom: 1px solid var(--line);
  padding: 8px 0;
}
@media (max-width: 820px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 26vh) minmax(0, 1fr);
  }
  .foot {
    flex-wrap: wrap;
  }
}
</style>
