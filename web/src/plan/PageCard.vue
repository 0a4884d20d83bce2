<script setup lang="ts">
import { counted } from '@/words/counted'
import { computed, toRef } from 'vue'
import FindingBox from '@/survey/FindingBox.vue'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import ProofFrame from '@/proof/ProofFrame.vue'
import { usePage } from '@/site/usePage'
import { whenWords } from '@/words/whenWords'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { wornWords } from '@/words/wornWords'
import { pagesOf } from '@/site/pagesOf'
import type { SheetName } from './usePlanKeys'

const props = defineProps<{ page: string }>()
const emit = defineEmits<{
  open: []
  rename: []
  sheet: [name: SheetName]
}>()
const site = useSite()
const session = useSession()
const { page: detail, html } = usePage(toRef(props, 'page'))

const row = computed(() => site.rows.get(props.page))
const there = computed(() => {
  const menus = (detail.value?.menus ?? []).filter((m) => m.there || m.follows)
  const words = menus.map((m) => (m.above ? `${m.name} menu, beneath ${m.above}` : `${m.name} menu`))
  if (row.value?.sitemap === 'in') words.push('sitemap')
  return words
})
const notThere = computed(() => (detail.value?.menus ?? []).filter((m) => !m.there && !m.follows))
const fillWords = computed(() => {
  const places = detail.value?.toFill ?? []
  const first = places[0]
  return first
    ? `${places.length} in “${first.sectionName}”${places.length > 1 ? ' and on' : ''}`
    : 'nothing left'
})

async function withdraw(off: boolean) {
  await site.give({ verb: 'withdraw-page', page: props.page, withdrawn: off }, props.page)
}
async function place(menu: string) {
  await site.give({ verb: 'place-in-menu', menu, page: props.page, id: `m-${props.page}`.slice(0, 40) })
}
</script>

<template>
  <aside class="card side-pane" aria-label="The chosen page">
    <template v-if="detail && row">
      <div class="top">
        <TemplateGlyph :template="detail.template" :wide="38" />
        <div class="grow">
          <h2 class="cut" dir="auto" :title="detail.title">{{ detail.title }}</h2>
          <div class="mono cut">{{ detail.address }}</div>
        </div>
        <v-btn class="ink" @click="emit('open')">Open<span class="kbd">Enter</span></v-btn>
      </div>
      <div class="proofs">
        <ProofFrame class="wide" :path="`page/${page}`" :width="1280" :html="html" label="Proof, wide" />
        <ProofFrame class="narrow" :path="`page/${page}`" :width="390" :html="html" label="Proof, narrow" />
      </div>
      <div class="acts">
        <v-btn v-if="!row.home && session.manager" @click="emit('sheet', 'home')"
          >Make it home<span class="kbd">H</span></v-btn
        >
        <v-btn v-if="detail.changeable" @click="emit('rename')">Rename<span class="kbd">F2</span></v-btn>
        <v-btn v-if="detail.withdrawn && detail.changeable" @click="withdraw(false)">Put back</v-btn>
        <v-btn v-else-if="detail.changeable && !row.home && row.state !== 'DRAFT'" @click="withdraw(true)"
          >Take off the site</v-btn
        >
        <v-btn @click="emit('sheet', 'duplicate')">Duplicate…<span class="kbd">D</span></v-btn>
        <v-btn v-if="session.manager" @click="emit('sheet', 'pack')">Save as a pack…</v-btn>
        <v-btn v-if="!row.home && detail.changeable" class="danger" @click="emit('sheet', 'remove')"
          >Remove</v-btn
        >
      </div>
      <dl>
        <dt>Wears</dt>
        <dd>
          {{ site.templates.get(detail.template)?.name }}
          <span class="quiet">{{ wornWords(detail) }}</span>
          <button v-if="detail.changeable" type="button" class="textlink" @click="emit('sheet', 'fitting')">
            Fitting…
          </button>
        </dd>
        <dt>Appears</dt>
        <dd>
          {{ there.join(' · ') || 'nowhere yet' }}
          <div v-if="row.sitemap !== 'in'" class="quiet">Not in the sitemap: {{ row.sitemapWhy }}</div>
          <div v-for="m in notThere" :key="m.menu" class="quiet">
            Not in {{ m.name }}
            <button type="button" class="textlink" @click="place(m.menu)">place it</button>
          </div>
        </dd>
        <dt>Links in</dt>
        <dd>
          <template v-if="detail.linksIn.length">
            {{ counted(detail.linksIn.length, 'place') }}
            <span class="quiet"
              >({{
                detail.linksIn
                  .slice(0, 3)
                  .map((l) => l.name)
                  .join(', ')
              }})</span
            >
          </template>
          <span v-else class="quiet">none in words</span>
          <span class="quiet"> · {{ detail.linksOut }} out</span>
        </dd>
        <dt>To fill</dt>
        <dd :class="{ quiet: !detail.toFill.length }">{{ fillWords }}</dd>
      </dl>
      <FindingBox v-for="(f, i) in detail.findings" :key="i" :finding="f" />
      <p v-if="!detail.changeable" class="label gap">
        {{ pagesOf(detail.kindName) }} are changed by managers.
      </p>
      <p v-if="detail.lastChange" class="label last">
        Last change: {{ detail.lastChange.name }} · {{ detail.lastChange.who }},
        {{ whenWords(detail.lastChange.at) }}
      </p>
    </template>
  </aside>
</template>

<style scoped>
.top {
  display: flex;
  gap: 12px;
  align-items: center;
}
.proofs {
  display: grid;
  grid-template-columns: 1fr 92px;
  gap: 10px;
  margin: 16px 0;
}
.proofs > * {
  height: 214px;
  border: 1px solid var(--line);
}
dl {
  display: grid;
  grid-template-columns: 62px 1fr;
  gap: 8px 12px;
}
dt {
  color: var(--quiet);
}
dd {
  overflow-wrap: anywhere;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 16px 0;
}
.last {
  margin-top: 14px;
}
@media (min-width: 821px) and (max-width: 1150px) {
  .card {
    width: 320px;
    padding: 14px;
  }
}
</style>
