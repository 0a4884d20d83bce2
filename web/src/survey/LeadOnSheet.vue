<script setup lang="ts">
import { computed, ref } from 'vue'
import { said } from '@/api/said'
import { useNotices } from '@/edit/useNotices'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'

/** An address at which no page stands is led to a page, or to another site. */
const props = defineProps<{ from: string }>()
const emit = defineEmits<{ close: []; led: [from: string] }>()
const site = useSite()
const notices = useNotices()
const from = ref(props.from)
const way = ref('page')
const WAYS = [
  { value: 'page', title: 'a page of this site' },
  { value: 'outside', title: 'another site' },
]
const page = ref<string | null>(null)
const outside = ref('https://')
const trouble = ref('')
const pages = computed(() =>
  [...site.rows.values()].map((r) => ({ value: r.id, title: `${r.title}  ${r.address}` })),
)
const ready = computed(() => !!from.value.trim() && (way.value === 'outside' || !!page.value))

async function lead() {
  if (!ready.value) return
  const to = way.value === 'page' ? `page:${page.value}` : outside.value.trim()
  const answer = await site.give({ verb: 'lead-on', from: from.value, to })
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
    <p class="label gap">Leads to</p>
    <ChoiceOf v-model="way" :items="WAYS" label="Leads to" in-line />
    <v-autocomplete
      v-if="way === 'page'"
      v-model="page"
      :items="pages"
      aria-label="The page that it leads to"
      placeholder="Name a page"
    />
    <v-text-field v-else v-model="outside" aria-label="The address that it leads to" />
    <p v-if="trouble" class="must gap" role="alert">{{ trouble }}</p>
    <div class="row-flex gap">
      <v-btn type="submit" class="yes" :disabled="!ready">Lead it there</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>
