<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { question } from '@/api/client'
import { said } from '@/api/said'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'

/** How the pages beneath one are ordered: by hand, or by title or a date of theirs, once or from now on. */
const props = defineProps<{ page: string | null }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const { value: told } = useItem(() =>
  question('/api/sites/{site}/plan/order', {
    path: { site: site.id },
    query: { page: props.page ?? undefined },
  }),
)
const by = ref('title')
const down = ref(false)
const always = ref(false)
const trouble = ref('')
watch(told, (now) => {
  if (!now) return
  by.value = now.by ?? 'title'
  down.value = now.down
  always.value = !!now.by
})
const title = computed(() => (props.page ? `“${site.rows.get(props.page)?.title}”` : 'the top'))
const ways = computed(() => [
  ...(told.value?.by ? [{ value: 'hand', title: 'by hand' }] : []),
  { value: 'title', title: 'by title' },
  ...(told.value?.fields ?? []).map((f) => ({ value: f.key, title: `by ${f.label}` })),
])
const directions = computed(() =>
  by.value === 'title'
    ? [
        { value: false, title: 'A to Z' },
        { value: true, title: 'Z to A' },
      ]
    : [
        { value: false, title: 'first to last' },
        { value: true, title: 'last to first' },
      ],
)
const TIMES = [
  { value: false, title: 'once' },
  { value: true, title: 'always' },
]
async function order() {
  const hand = by.value === 'hand'
  const answer = await site.give({
    verb: 'order-beneath',
    page: props.page ?? undefined,
    by: hand ? undefined : by.value,
    down: !hand && down.value,
    always: !hand && always.value,
  })
  trouble.value = answer.ok ? '' : said(answer.problem)
  if (answer.ok) emit('close')
}
</script>

<template>
  <SheetDialog :title="`Order beneath ${title}`" size="narrow" form @submit="order" @close="emit('close')">
    <template v-if="told">
      <p class="quiet gap">
        {{
          told.by
            ? 'These pages keep themselves in order: whatever is added or changed stands where it belongs.'
            : 'Somebody orders these pages by hand.'
        }}
      </p>
      <p class="label gap">Ordered</p>
      <ChoiceOf v-model="by" :items="ways" label="Ordered" />
      <template v-if="by !== 'hand'">
        <ChoiceOf v-model="down" class="gap" :items="directions" label="Direction" in-line />
        <p v-if="by !== 'title'" class="quiet">Pages without it come last, by title.</p>
        <template v-if="page">
          <p class="label gap">How long</p>
          <ChoiceOf v-model="always" :items="TIMES" label="How long" in-line />
          <p class="quiet">
            {{
              always
                ? 'From now on nobody moves them by hand here, and the branch says so.'
                : 'Afterwards they are moved by hand as before.'
            }}
          </p>
        </template>
      </template>
      <p v-if="trouble" class="must gap" role="alert">{{ trouble }}</p>
    </template>
    <div class="row-flex foot">
      <v-btn type="submit" class="yes" :disabled="!told">{{
        by === 'hand' ? 'Order them by hand' : 'Put them in order'
      }}</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>
