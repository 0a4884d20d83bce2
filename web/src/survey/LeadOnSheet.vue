<script setup lang="ts">
import { computed, ref } from 'vue'
import { said } from '@/api/said'
import { useNotices } from '@/edit/useNotices'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import LinkSheet from '@/property/LinkSheet.vue'
import { useSite } from '@/site/useSite'

/** An address at which no page stands is led to a page or a section of one, or to another site, or said to be gone. */
const props = defineProps<{ from: string }>()
const emit = defineEmits<{ close: []; led: [from: string] }>()
const site = useSite()
const notices = useNotices()
const from = ref(props.from)
const way = ref('page')
const WAYS = [
  { value: 'page', title: 'a page' },
  { value: 'section', title: 'a section of one' },
  { value: 'outside', title: 'another site' },
  { value: 'gone', title: 'it is gone' },
]
const page = ref<string | null>(null)
const section = ref<string | null>(null)
const choosing = ref(false)
const outside = ref('https://')
const trouble = ref('')
const pages = computed(() =>
  [...site.rows.values()].map((r) => ({ value: r.id, title: `${r.title}  ${r.address}` })),
)
const branch = computed(() => from.value.trim().endsWith('/*'))
const to = computed(() => {
  if (way.value === 'page') return page.value && `page:${page.value}`
  return way.value === 'section' ? section.value : outside.value.trim()
})
const ready = computed(() => !!from.value.trim() && (way.value === 'gone' || !!to.value))
const sectionWords = computed(() => {
  const [id, anchor] = (section.value ?? '').replace('page:', '').split('#')
  return section.value ? `${site.rows.get(id ?? '')?.title} #${anchor}` : 'Choose a section…'
})
function choose(target: string | null) {
  choosing.value = false
  if (!target) return
  trouble.value = target.includes('#') ? '' : 'That is a whole page: choose one of its sections.'
  if (target.startsWith('page:') && target.includes('#')) section.value = target
}

async function lead() {
  if (!ready.value) return
  const answer = await site.give(
    way.value === 'gone'
      ? { verb: 'say-gone', from: from.value }
      : { verb: 'lead-on', from: from.value, to: to.value ?? '' },
  )
  // Said here, where the way out is.
  trouble.value = answer.ok ? '' : said(answer.problem)
  if (answer.ok) emit('led', from.value)
  else notices.clear()
}
</script>

<template>
  <SheetDialog title="Lead an address on" size="narrow" form @submit="lead" @close="emit('close')">
    <p class="quiet gap">
      From the next release on, whoever asks for it is led there in one step. A page is followed wherever it
      moves.
    </p>
    <label class="label gap" for="lead-from">The address</label>
    <v-text-field id="lead-from" v-model="from" v-focus placeholder="/open-house" />
    <p class="quiet">
      {{
        branch
          ? 'A whole branch: this address and everything beneath it, but for pages that stand there.'
          : 'With /* at its end it is a whole branch: /shop/*'
      }}
    </p>
    <p class="label gap">Leads to</p>
    <ChoiceOf v-model="way" :items="WAYS" label="Leads to" in-line />
    <v-autocomplete
      v-if="way === 'page'"
      v-model="page"
      :items="pages"
      aria-label="The page that it leads to"
      placeholder="Name a page"
    />
    <button v-else-if="way === 'section'" type="button" class="textlink gap" @click="choosing = true">
      {{ sectionWords }}
    </button>
    <v-text-field v-else-if="way === 'outside'" v-model="outside" aria-label="The address that it leads to" />
    <p v-else class="gap">
      Visitors are told that what stood there is gone (410), and search engines drop it.
    </p>
    <p v-if="trouble" class="must gap" role="alert">{{ trouble }}</p>
    <div class="row-flex gap">
      <v-btn type="submit" class="yes" :disabled="!ready">{{
        way === 'gone' ? 'Say that it is gone' : 'Lead it there'
      }}</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
    <LinkSheet v-if="choosing" :value="section ?? ''" @take="choose" @close="choosing = false" />
  </SheetDialog>
</template>
