<script setup lang="ts">
import { computed } from 'vue'
import type { KindInfo } from '@/api/types'
import { useSession } from '@/session/useSession'
import { purposeOf } from '@/site/byPurpose'
import { pagesOf } from '@/site/pagesOf'
import { useSite } from '@/site/useSite'
import { useNewPageHere } from './useNewPage'

/** What kind of page a new one is; those that can't stand in its place say why, and where they can. */
const site = useSite()
const session = useSession()
const { form, given, leadTo, open, whyNot, may, evenSo, nothingFits, kind } = useNewPageHere()
const kinds = computed(() =>
  (site.catalog?.kinds ?? []).filter((k) => whyNot.value.has(k.id) && (!given.value || k.id === given.value)),
)
/** What the rules allow here; and what a manager has chosen against them. */
const fitting = computed(() => kinds.value.filter((k) => !whyNot.value.get(k.id) || k.id === form.kind))
const others = computed(() => kinds.value.filter((k) => whyNot.value.get(k.id) && k.id !== form.kind))
/** What it is for, and what somebody wrote of it. */
const says = (k: KindInfo | undefined) => [purposeOf(site.catalog, k), k?.note].filter(Boolean).join(': ')
const parentTitle = computed(() => (form.parent ? site.rows.get(form.parent)?.title : null))
</script>

<template>
  <div>
    <h2 id="it-is-a">It is a</h2>
    <div class="kinds" role="radiogroup" aria-labelledby="it-is-a">
      <label v-for="k in fitting" :key="k.id" :class="{ on: form.kind === k.id }" :title="says(k)">
        <input
          v-model="form.kind"
          type="radio"
          :value="k.id"
          class="unseen"
          :disabled="!!whyNot.get(k.id) && !may.has(k.id)"
        />
        <b>{{ k.name }}</b>
      </label>
    </div>
    <p v-if="says(kind)" class="label">{{ says(kind) }}</p>
    <p v-if="given">
      <button type="button" class="textlink" @click="open">Other kinds, other places</button>
    </p>
    <details v-if="others.length" class="others">
      <summary class="textlink">others…</summary>
      <ul class="label">
        <li v-for="k in others" :key="k.id">
          <label v-if="session.manager && may.has(k.id)">
            <input v-model="form.kind" type="radio" :value="k.id" class="unseen" />
            <b class="textlink">{{ pagesOf(k.name) }}</b>
          </label>
          <template v-else>{{ pagesOf(k.name) }}</template>
          {{ whyNot.get(k.id) }}.
          <button type="button" class="textlink" @click="leadTo(k.id)">Go there</button>
        </li>
      </ul>
    </details>
    <p v-if="nothingFits && !evenSo" class="told">
      {{ session.manager ? 'By the rules, nothing' : 'You can make nothing' }}
      {{ parentTitle ? `beneath “${parentTitle}”` : 'at the top of the plan' }}. Choose another place at the
      left.
    </p>
    <p v-if="evenSo" class="told should">
      {{ pagesOf(kind?.name) }} {{ whyNot.get(form.kind) }}. As a manager you can make it here even so; the
      survey will say that it stands against the rules.
    </p>
  </div>
</template>

<style scoped>
h2 {
  font-size: 16px;
  margin: 16px 0 6px;
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}
.kinds label {
  cursor: pointer;
  border-bottom: 2px solid transparent;
  padding: 2px 0;
}
.kinds b {
  font-weight: 500;
}
.kinds .on {
  border-color: var(--juniper);
}
.kinds .on b {
  font-weight: 650;
}
label:focus-within {
  outline: 2px solid var(--juniper);
}
.others {
  margin-top: 4px;
}
.others ul {
  list-style: none;
  margin-top: 4px;
}
.others li {
  padding: 2px 0;
}
.told {
  background: var(--paper);
  border-left: 3px solid var(--line);
  padding: 9px 12px;
  margin: 10px 0;
}
</style>
