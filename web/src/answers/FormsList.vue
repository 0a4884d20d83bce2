<script setup lang="ts">
import { computed } from 'vue'
import type { AnswersTold } from '@/api/types'
import { counted } from '@/words/counted'

/** The forms of the site, with how many answers of each are new; and how long those of the one at hand are kept. */
const props = defineProps<{ told: AnswersTold; chosen: string }>()
const emit = defineEmits<{ spam: [] }>()
const here = computed(() => props.told.forms.find((f) => f.id === props.chosen))
const copies = computed(() => here.value?.copies.split('\n').filter(Boolean).join(', '))
</script>

<template>
  <nav class="forms" aria-label="Forms">
    <router-link
      v-for="f in told.forms"
      :key="f.id"
      :to="{ name: 'answers', params: { form: f.id } }"
      class="row-flex"
      :class="{ on: f.id === chosen, off: f.retired || f.gone }"
    >
      <span class="grow cut" dir="auto">{{ f.name }}</span>
      <span class="quiet">{{ f.fresh ? `${f.fresh} new` : f.all }}</span>
    </router-link>
    <button v-if="here?.apart" type="button" class="row-flex apart" @click="emit('spam')">
      <span class="grow">Set apart as spam</span><span>{{ here.apart }}</span>
    </button>
    <div v-if="here" class="kept">
      <p v-if="here.gone">The form was removed; what came stays until its time is over.</p>
      <p v-else>Kept {{ counted(here.months, 'month') }}, then removed by themselves.</p>
      <p v-if="copies">Copies go to {{ copies }}{{ told.mail ? '' : ' once mail is set up' }}.</p>
      <p v-if="here.retired" class="should">Retired: it takes no more.</p>
      <p v-else-if="!here.placed && !here.gone" class="should">It stands on no page.</p>
      <router-link v-if="!here.gone" :to="{ name: 'form-item', params: { form: here.id } }"
        >This form…</router-link
      >
    </div>
  </nav>
</template>

<style scoped>
.forms {
  width: 214px;
  flex: none;
  border-right: 1px solid var(--line);
  padding: 10px 0;
  overflow-y: auto;
}
.forms > :is(a, button) {
  width: 100%;
  padding: 0 14px 0 16px;
  min-height: 36px;
  border: 0;
  border-left: 4px solid transparent;
  background: none;
  color: inherit;
  font: 14px/20px var(--text);
  text-align: left;
  text-decoration: none;
}
.forms > .on {
  border-color: var(--juniper);
  background: var(--sheet);
  font-weight: 600;
}
.forms > .off {
  color: var(--quiet);
}
.forms > .apart {
  color: var(--quiet);
  font-size: 13px;
  margin-top: 10px;
}
.kept {
  padding: 14px 18px;
  font-size: 13px;
  color: var(--quiet);
  overflow-wrap: anywhere;
}
@media (max-width: 1100px) {
  .forms {
    width: 168px;
  }
}
</style>
