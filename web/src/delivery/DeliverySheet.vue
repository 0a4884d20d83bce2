<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { post } from '@/api/client'
import { said } from '@/api/said'
import type { Delivery, DeliveryTried } from '@/api/types'
import ChoiceOf from '@/look/ChoiceOf.vue'
import FilterTabs from '@/look/FilterTabs.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { asked, typed } from './asked'
import BucketFields from './BucketFields.vue'
import CallFields from './CallFields.vue'

/** Where releases go: tried before it is kept. Where it lies stays as it is; all else can be changed. */
const props = defineProps<{ delivery?: Delivery; serverKeys: boolean }>()
const emit = defineEmits<{ kept: []; close: [] }>()
const site = useSite()
const draft = ref(typed(props.delivery))
const toFolder = computed(() => draft.value.kind === 'folder')
const KEPT = 'kept; type to replace'
const keyHint = computed(() =>
  props.delivery?.hasKeys ? KEPT : props.serverKeys ? 'that of the server' : '',
)
const tried = ref<DeliveryTried | null>(null)
const problem = ref('')
const busy = ref(false)
const KINDS = [
  { key: 'folder', name: 'a folder' },
  { key: 'bucket', name: 'object storage (S3)' },
] as const
const LAYOUTS = [
  { value: 'AT_ADDRESSES', title: 'Each page at its address: for any web server or content network' },
  { value: 'BY_HASH', title: 'By hash, each release in one move: for nginx with deploy/follow' },
]
watch(draft, () => (tried.value = null), { deep: true })

async function tryOut() {
  busy.value = true
  const query = props.delivery ? { id: props.delivery.id } : {}
  const answer = await post(
    '/api/sites/{site}/deliveries/try',
    { path: { site: site.id }, query },
    asked(draft.value),
  )
  busy.value = false
  problem.value = answer.ok ? '' : said(answer.problem)
  tried.value = answer.ok ? answer.value : null
}
async function keep() {
  if (busy.value) return
  busy.value = true
  const answer = props.delivery
    ? await post(
        '/api/sites/{site}/deliveries/{id}',
        { path: { site: site.id, id: props.delivery.id } },
        asked(draft.value),
      )
    : await post('/api/sites/{site}/deliveries', { path: { site: site.id } }, asked(draft.value))
  busy.value = false
  if (answer.ok) emit('kept')
  else problem.value = said(answer.problem)
}
</script>

<template>
  <SheetDialog
    :title="delivery ? `Delivery ${delivery.name}` : 'Add a delivery'"
    size="wide"
    form
    @close="emit('close')"
    @submit="keep"
  >
    <div class="fields">
      <label class="label" for="d-name">Name</label>
      <v-text-field id="d-name" v-model="draft.name" v-focus :maxlength="60" placeholder="Main" />
      <span class="label">Goes to</span>
      <FilterTabs v-if="!delivery" v-model="draft.kind" :tabs="KINDS" label="Goes to" />
      <span v-else class="mono">{{ delivery.where }}</span>
      <template v-if="toFolder && !delivery">
        <label class="label" for="d-folder">Folder</label>
        <v-text-field id="d-folder" v-model="draft.folder" dir="ltr" placeholder="/srv/www/site" />
        <p class="quiet note">
          An empty folder of this machine, or of a disk that other machines mount, too.
        </p>
      </template>
      <BucketFields v-if="!toFolder" v-model="draft" :fixed="!!delivery" :key-hint="keyHint" />
      <label class="label" for="d-address">Public address</label>
      <v-text-field id="d-address" v-model="draft.address" dir="ltr" placeholder="https://www.example.org" />
      <p class="quiet note">Where visitors find it. Its pages, feeds and sitemap name this address.</p>
      <template v-if="!delivery">
        <span class="label">Lies there</span>
        <ChoiceOf v-model="draft.layout" :items="LAYOUTS" label="Lies there" />
      </template>
      <label class="label" for="d-server">This server</label>
      <v-text-field id="d-server" v-model="draft.server" dir="ltr" placeholder="not asked" />
      <p class="quiet note">
        The address at which visitors reach this server for what files can’t answer: forms, search, comments.
      </p>
      <label class="label" for="d-call">Then call</label>
      <v-text-field id="d-call" v-model="draft.call" dir="ltr" placeholder="nobody" />
      <p class="quiet note">A content network that is told which addresses changed, as JSON.</p>
      <CallFields v-if="draft.call" v-model="draft" :hint="KEPT" />
    </div>
    <p v-if="problem" class="must gap" role="alert">{{ problem }}</p>
    <p v-else-if="tried" class="gap" role="status">
      <b :class="tried.well ? 'state LIVE' : 'must'">{{ tried.well ? '● It works.' : '⊘ It doesn’t.' }}</b>
      {{ tried.says }} {{ tried.fix }}
    </p>
    <div class="row-flex foot">
      <v-btn class="yes" type="submit" :disabled="busy || !draft.name.trim()">{{
        delivery ? 'Keep it' : 'Add it'
      }}</v-btn>
      <v-btn :disabled="busy || !draft.name.trim()" @click="tryOut">Try it</v-btn>
      <span class="grow" />
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr);
  gap: 8px 14px;
  align-items: center;
  max-height: 62vh;
  overflow-y: auto;
  padding-inline-end: 6px;
}
.note {
  grid-column: 2;
  margin-top: -4px;
  font-size: 12.5px;
  line-height: 17px;
}
@media (max-width: 560px) {
  .fields {
    grid-template-columns: minmax(0, 1fr);
    gap: 3px;
  }
  .note {
    grid-column: 1;
    margin: 0 0 6px;
  }
}
</style>
