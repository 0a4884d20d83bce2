<script setup lang="ts">
import { ref } from 'vue'
import { post } from '@/api/client'
import { said } from '@/api/said'
import type { AnswerRow } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** A letter to whoever sent some answers; what is written is kept with them. */
const props = defineProps<{ rows: AnswerRow[]; form: string; begins: string }>()
const emit = defineEmits<{ close: []; sent: [] }>()
const site = useSite()
const notices = useNotices()
const subject = ref(props.form)
const one = props.rows.length === 1 ? props.rows[0]?.who : ''
const words = ref(
  props.begins ? props.begins.replaceAll('{name}', one || '{name}') : one ? `Dear ${one},\n\n` : '',
)
const trouble = ref('')
const busy = ref(false)
const reached = props.rows.filter((r) => r.email)
async function send() {
  if (busy.value) return
  busy.value = true
  const answer = await post(
    '/api/sites/{site}/answers/write',
    { path: { site: site.id } },
    { ids: reached.map((r) => r.id), subject: subject.value, words: words.value },
  )
  busy.value = false
  if (!answer.ok) return void (trouble.value = said(answer.problem))
  notices.tell(`${counted(reached.length, 'letter')} sent`)
  emit('sent')
  emit('close')
}
</script>

<template>
  <SheetDialog title="Answer by mail" size="narrow" form @submit="send" @close="emit('close')">
    <p class="quiet gap">
      To {{ reached.length === 1 ? reached[0]!.email : counted(reached.length, 'address', 'addresses') }};
      their answer comes to you.
      <template v-if="reached.length < rows.length"
        >{{ counted(rows.length - reached.length, 'answer') }} gave no address.</template
      >
    </p>
    <label class="block"
      ><span class="label">Subject</span>
      <input v-model="subject" class="boxed" maxlength="120" @input="trouble = ''" />
    </label>
    <label class="block"
      ><span class="label">What you write</span>
      <textarea
        v-model="words"
        v-focus
        class="boxed"
        rows="9"
        maxlength="10000"
        dir="auto"
        @input="trouble = ''"
      />
    </label>
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <div class="row-flex gap">
      <v-btn type="submit" class="yes" :disabled="busy || !words.trim() || !subject.trim()">Send it</v-btn>
      <v-btn @click="emit('close')">Leave it<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
.block {
  display: grid;
  gap: 4px;
  margin-top: 12px;
}
</style>
