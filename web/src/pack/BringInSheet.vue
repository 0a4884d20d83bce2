<script setup lang="ts">
import { inputOf } from '@/look/targets'
import { computed, onMounted, ref, watch } from 'vue'
import { said } from '@/api/said'
import { useNotices } from '@/edit/useNotices'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import PackPages from './PackPages.vue'
import PackReport from './PackReport.vue'
import { sizeWords } from './sizeWords'
import { useBringIn } from './useBringIn'

/** Brings in a pack: chosen or dropped, looked at, and read in one step. */
const props = defineProps<{ given?: File | null; page?: string | null }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const notices = useNotices()
const { looked, problem, busy, share, kept, how, send, look, read } = useBringIn()
const over = ref(false)
const report = computed(() => looked.value?.report)
const pages = computed(() =>
  site.order.flatMap((id) => {
    const row = site.rows.get(id)
    return row ? [{ value: row.id, title: row.title, subtitle: row.address }] : []
  }),
)
const HOLDS = {
  TEMPLATE: 'A template',
  PATTERN: 'A pattern',
  KIND: 'A kind of page',
  LOOK: 'A look',
}
const holds = computed(() => {
  if (!looked.value || !report.value) return ''
  const { files, bytes, pages } = looked.value
  const { holds } = report.value
  const what =
    holds === 'SITE'
      ? 'A whole site'
      : holds === 'PAGE'
        ? counted(how.pages?.length ?? pages.length, 'page')
        : HOLDS[holds]
  return `${what} with all that ${what.startsWith('1 ') || holds !== 'PAGE' ? 'it needs' : 'they need'} · ${files ? `${counted(files, 'file')}, ${sizeWords(bytes)}` : 'no files'}`
})
const several = computed(() => (how.pages?.length ?? looked.value?.pages.length ?? 1) > 1)
/** A whole site comes as that, or some of its pages do. */
const isSite = ref(false)
const progress = computed(() =>
  kept.value && kept.value.done < kept.value.files
    ? `Keeping its files: ${kept.value.done} of ${counted(kept.value.files, 'file')}`
    : 'Putting everything in its place…',
)
watch(looked, (now, before) => {
  if (now && now.id !== before?.id) isSite.value = now.report.holds === 'SITE'
})
function take(all: boolean) {
  how.pages = all ? undefined : []
  how.how = 'UNDER'
  how.at = undefined
  if (all) void look()
}
const takes = computed(() => report.value?.steps ?? 0)
const ready = computed(
  () => takes.value > 0 && how.pages?.length !== 0 && (how.how !== 'IN_PLACE_OF' || !!how.at),
)

onMounted(() => props.given && void send(props.given))
function chosen(files: FileList | null | undefined) {
  over.value = false
  if (files?.[0]) void send(files[0])
}
function place(where: 'UNDER' | 'IN_PLACE_OF' | 'ONLY_PATTERNS') {
  how.how = where
  how.at =
    where === 'ONLY_PATTERNS'
      ? undefined
      : (props.page ?? (where === 'UNDER' ? undefined : (site.standing?.homeId ?? undefined)))
  void look()
}
function at(page: unknown) {
  how.at = page ? String(page) : undefined
  void look()
}
async function bringIn() {
  const name = report.value?.name
  const done = await read()
  if (!done) return
  notices.tell(done.step ? `“${name}” is in: one step to undo.` : `All of “${name}” is here already.`)
  emit('close')
}
</script>

<template>
  <SheetDialog
    :title="report ? `Bring in “${report.name}”` : 'Bring in a pack'"
    :size="report ? 'large' : 'usual'"
    :stays="busy === 'reads'"
    @close="emit('close')"
  >
    <template v-if="!report">
      <p class="quiet">
        A pack holds a page, a template, a pattern, a kind, a look or a whole site, with all that it needs. It
        is looked at first; nothing is changed before you say so.
      </p>
      <label
        class="drop"
        :class="{ over }"
        @dragover.prevent="over = true"
        @dragleave="over = false"
        @drop.prevent="(e) => chosen(e.dataTransfer?.files)"
      >
        <template v-if="busy === 'sends'">
          <span>{{
            share < 1
              ? `Being sent: ${Math.floor(share * 100)} %`
              : 'All of it is here. Its files are being looked at, one by one…'
          }}</span>
          <v-progress-linear
            :model-value="share * 100"
            :indeterminate="share >= 1"
            aria-label="How much has gone"
          />
        </template>
        <template v-else>
          <span><span class="textlink">Choose a .venuepack file</span>, or drop it here</span>
        </template>
        <input
          v-focus
          type="file"
          accept=".venuepack,application/vnd.venue.pack+zip"
          class="unseen"
          :disabled="!!busy"
          aria-label="Choose a pack"
          @change="(e) => chosen(inputOf(e).files)"
        />
      </label>
    </template>
    <div v-else class="bringing">
      <div class="placing">
        <p class="quiet">{{ holds }}</p>
        <v-radio-group
          v-if="isSite"
          :model-value="!how.pages"
          aria-label="How much of it comes"
          class="ways"
          @update:model-value="(all: unknown) => take(!!all)"
        >
          <v-radio :value="true" label="All of it, with its home page, menus and facts" />
          <v-radio :value="false" label="Only pages that I choose" />
        </v-radio-group>
        <v-radio-group
          v-if="report.holds === 'PAGE' || how.how === 'ONLY_PATTERNS'"
          :model-value="how.how"
          aria-label="Where it comes"
          class="ways"
          @update:model-value="(w: unknown) => place(w as 'UNDER')"
        >
          <v-radio value="UNDER" :label="several ? 'As new pages' : 'As a new page'" />
          <v-radio
            value="IN_PLACE_OF"
            :label="several ? 'The topmost in place of a page' : 'In place of a page'"
          />
          <v-radio
            value="ONLY_PATTERNS"
            :label="several ? 'Only their sections, as patterns' : 'Only its sections, as patterns'"
          />
        </v-radio-group>
        <v-autocomplete
          v-if="report.holds === 'PAGE' && how.how !== 'ONLY_PATTERNS'"
          :model-value="how.at ?? null"
          :items="pages"
          :label="how.how === 'UNDER' ? 'Beneath' : 'In place of'"
          :clearable="how.how === 'UNDER'"
          placeholder="The top of the site"
          persistent-placeholder
          @update:model-value="at"
        />
        <v-checkbox
          v-if="report.look"
          v-model="how.wearItsLook"
          :label="`Wear its look, “${report.look}”`"
          @update:model-value="look"
        />
        <p class="quiet gap">
          {{
            how.how === 'IN_PLACE_OF'
              ? 'Its address and place stay, and what it was stays in its history.'
              : 'Pages take on this site’s look. What you keep stays as it is.'
          }}
        </p>
      </div>
      <div class="told">
        <PackPages v-if="looked!.pages.length" v-model:how="how" :looked="looked!" @look="look" />
        <PackReport v-model:how="how" :looked="looked!" @look="look" />
      </div>
    </div>
    <p v-if="problem" class="must gap" role="alert">{{ said(problem) }}</p>
    <div v-if="busy === 'reads'" class="gap">
      <p class="quiet" aria-live="polite">{{ progress }}</p>
      <v-progress-linear
        :model-value="share * 100"
        :indeterminate="share === 0 || share >= 1"
        aria-label="How much has been kept"
      />
    </div>
    <div class="row-flex foot">
      <v-btn v-if="report" class="yes" :disabled="!ready || !!busy" @click="bringIn">
        {{
          busy === 'reads'
            ? 'Bringing it in…'
            : takes
              ? `Bring in ${counted(takes, 'item')}`
              : 'Nothing to bring in'
        }}
      </v-btn>
      <v-btn :disabled="busy === 'reads'" @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.drop {
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: center;
  justify-content: center;
  min-height: 120px;
  margin-top: 14px;
  padding: 20px;
  border: 1px dashed var(--line);
  background: var(--paper);
  cursor: pointer;
}
.drop.over,
.drop:focus-within {
  border-color: var(--juniper);
  background: var(--juniper-wash);
}
.ways {
  margin: 12px 0 14px;
}
.told {
  display: flex;
  flex-direction: column;
  gap: 18px;
  min-width: 0;
}
.bringing {
  display: grid;
  grid-template-columns: 260px minmax(0, 1fr);
  gap: 28px;
  align-items: start;
  margin-top: 8px;
}
.placing {
  position: sticky;
  top: 0;
  min-width: 0;
}
@media (max-width: 900px) {
  .placing {
    position: static;
  }
  .bringing {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
