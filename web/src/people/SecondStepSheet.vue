<script setup lang="ts">
import { computed, ref } from 'vue'
import { post, type Problem, type Outcome } from '@/api/client'
import { said } from '@/api/said'
import type { AppSecret } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'

/** Sets a second step up, in three turns: one's password, the app, the recovery codes. Or takes it away. */
const { ends } = defineProps<{ ends: boolean }>()
const emit = defineEmits<{ close: []; done: [] }>()
const present = ref('')
const code = ref('')
const secret = ref<AppSecret | null>(null)
const codes = ref<string[]>([])
const problem = ref<Problem | null>(null)
const title = computed(() =>
  ends ? 'Take the second step away' : codes.value.length ? 'Your recovery codes' : 'A second step',
)
const inFours = (words: string) => words.replace(/(.{4})(?=.)/g, '$1 ')

async function told<T>(asking: Promise<Outcome<T>>): Promise<T | null> {
  const answer = await asking
  problem.value = answer.ok ? null : answer.problem
  return answer.ok ? answer.value : null
}
async function submit() {
  if (ends) {
    await told(post('/api/my/second-step/end', {}, { present: present.value }))
    if (!problem.value) emit('done')
  } else if (!secret.value) {
    secret.value = await told(post('/api/my/second-step/begin', {}, { present: present.value }))
  } else {
    codes.value = (await told(post('/api/my/second-step/confirm', {}, { code: code.value })))?.codes ?? []
  }
}
</script>

<template>
  <SheetDialog
    :title="title"
    form
    :stays="codes.length > 0"
    @submit="submit"
    @close="codes.length ? emit('done') : emit('close')"
  >
    <template v-if="codes.length">
      <p class="gap">
        Each of these lets you in once, where your phone is not at hand. They are shown this once: print them,
        or keep them where you keep passwords.
      </p>
      <ol class="codes mono">
        <li v-for="c in codes" :key="c">{{ c }}</li>
      </ol>
      <div class="row-flex foot"><v-btn class="yes" @click="emit('done')">I have kept them</v-btn></div>
    </template>
    <template v-else-if="secret">
      <div class="app gap">
        <svg
          :viewBox="`-3 -3 ${secret.size + 6} ${secret.size + 6}`"
          role="img"
          aria-label="QR code for the app"
        >
          <rect x="-3" y="-3" :width="secret.size + 6" :height="secret.size + 6" fill="#fff" />
          <path :d="secret.qr" fill="#000" />
        </svg>
        <div>
          <p>Take a picture of this with an authenticator app, or type in the key:</p>
          <p class="mono key">{{ inFours(secret.secret) }}</p>
          <label class="label" for="step-code">The six digits that it shows now</label>
          <v-text-field
            id="step-code"
            v-model="code"
            v-focus
            inputmode="numeric"
            autocomplete="one-time-code"
          />
        </div>
      </div>
      <p v-if="problem" class="must" role="alert">{{ said(problem) }}</p>
      <div class="row-flex foot">
        <v-btn type="submit" class="yes">Turn it on</v-btn>
        <v-btn @click="emit('close')">Leave it</v-btn>
      </div>
    </template>
    <template v-else>
      <p class="gap">
        {{
          ends
            ? 'From then on your password alone lets in. Your recovery codes go, too.'
            : 'With it, whoever learns your password can’t come in without your phone.'
        }}
      </p>
      <label class="label gap block" for="step-present">Your password</label>
      <v-text-field
        id="step-present"
        v-model="present"
        v-focus
        type="password"
        autocomplete="current-password"
      />
      <p v-if="problem" class="must" role="alert">{{ said(problem) }}</p>
      <div class="row-flex foot">
        <v-btn type="submit" class="yes">{{ ends ? 'Take it away' : 'Go on' }}</v-btn>
        <v-btn @click="emit('close')">Leave it</v-btn>
      </div>
    </template>
  </SheetDialog>
</template>

<style scoped>
.block {
  display: block;
}
.app {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 20px;
}
.app svg {
  width: 190px;
  height: 190px;
}
.key {
  margin: 8px 0 12px;
  color: var(--ink);
}
.codes {
  list-style: none;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 24px;
  margin: 14px 0;
  font-size: 15px;
  line-height: 22px;
  color: var(--ink);
}
</style>
