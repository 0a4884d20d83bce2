<script setup lang="ts">
import { computed } from 'vue'
import type { ShelfLine } from '@/api/types'
import LibraryShelf from '@/library/LibraryShelf.vue'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import ProofFrame from '@/proof/ProofFrame.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { pagesOf } from '@/site/pagesOf'
import { useNewPageHere } from './useNewPage'

/** What a new page is and what it wears, of what may be made in its place. */
const site = useSite()
const session = useSession()
const { form, given, whyNot, may, evenSo, nothingFits, kind } = useNewPageHere()
const kinds = computed(() =>
  (site.catalog?.kinds ?? []).filter((k) => whyNot.value.has(k.id) && (!given || k.id === given)),
)
/** Editors see what they may do; managers also what the rules would not allow. */
const offered = computed(() =>
  session.manager ? kinds.value : kinds.value.filter((k) => may.value.has(k.id)),
)
const withheld = computed(() => (session.manager ? [] : kinds.value.filter((k) => !may.value.has(k.id))))
const parentTitle = computed(() => (form.parent ? site.rows.get(form.parent)?.title : null))
/** What was taken is what the page wears, or is. */
async function wear(line: ShelfLine, here: string) {
  if (line.sort === 'KIND') form.kind = here
  else form.template = here
}
const templates = computed(() =>
  (kind.value?.templates ?? []).map((t) => site.templates.get(t)).filter((t) => t !== undefined),
)
</script>

<template>
  <section class="what">
    <h2>What</h2>
    <div class="kinds" role="radiogroup" aria-label="What">
      <label
        v-for="k in offered"
        :key="k.id"
        class="kind"
        :class="{ on: form.kind === k.id, no: whyNot.get(k.id) }"
      >
        <input
          v-model="form.kind"
          type="radio"
          :value="k.id"
          class="unseen"
          :disabled="!!whyNot.get(k.id) && !may.has(k.id)"
        />
        <TemplateGlyph :template="k.template" :wide="34" />
        <span class="grow">
          <b>{{ k.name }}</b>
          <span class="quiet note">{{ whyNot.get(k.id) || k.note }}</span>
        </span>
      </label>
    </div>
    <ul v-if="withheld.length" class="withheld label">
      <li v-for="k in withheld" :key="k.id">
        <b>{{ k.name }}</b> pages {{ whyNot.get(k.id) }}.
      </li>
    </ul>
    <p v-if="nothingFits && !evenSo" class="brings">
      {{ session.manager ? 'By the rules, nothing' : 'You can make nothing' }}
      {{ parentTitle ? `beneath “${parentTitle}”` : 'at the top of the plan' }}. Choose another place at the
      left.
    </p>
    <p v-if="evenSo" class="brings should">
      {{ pagesOf(kind?.name) }} {{ whyNot.get(form.kind) }}. As a manager you can make it here even so; the
      survey will say that it stands against the rules.
    </p>
    <h2 v-if="kind && may.has(form.kind)" class="wearing">
      Wearing <span class="quiet">drawn with this site’s own look and words</span>
    </h2>
    <div v-if="may.has(form.kind)" class="templates" role="radiogroup" aria-label="Wearing">
      <label v-for="t in templates" :key="t.id" :class="{ on: form.template === t.id }">
        <input v-model="form.template" type="radio" :value="t.id" class="unseen" />
        <ProofFrame
          class="proof"
          :path="t.shown ? `page/${t.shown}` : `template/${t.id}`"
          :width="1100"
          still
          :label="`A page in ${t.name}`"
        />
        <span class="row-flex"
          ><TemplateGlyph :template="t.id" :wide="26" /><b>{{ t.name }}</b></span
        >
      </label>
    </div>
    <LibraryShelf
      v-if="session.manager"
      :sorts="['TEMPLATE', 'KIND']"
      :worn-by="form.kind"
      act="Take and wear it"
      @taken="wear"
    />
  </section>
</template>

<style scoped>
h2 {
  font-size: 16px;
  margin-bottom: 8px;
}
label:focus-within {
  outline: 2px solid var(--juniper);
}
.kinds {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.kind {
  display: flex;
  gap: 12px;
  align-items: center;
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 8px 12px;
  cursor: pointer;
}
.kind.on {
  border-color: var(--juniper);
  box-shadow: inset 0 0 0 1px var(--juniper);
}
.kind.no {
  border-style: dashed;
  color: var(--quiet);
  cursor: default;
}
.note {
  display: block;
  font-size: 13px;
  line-height: 17px;
}
.wearing {
  margin-top: 18px;
}
.wearing span {
  font: 13px/18px var(--text);
  letter-spacing: 0;
}
.templates {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 12px;
}
.templates label {
  cursor: pointer;
}
.proof {
  height: 178px;
  border: 1px solid var(--line);
  margin-bottom: 6px;
}
.templates .on .proof {
  border-color: var(--juniper);
  box-shadow: 0 0 0 1px var(--juniper);
}
.withheld {
  list-style: none;
  margin-top: 10px;
}
.withheld li {
  padding: 1px 0;
}
.brings {
  background: var(--paper);
  border-left: 3px solid var(--line);
  padding: 9px 12px;
  margin: 14px 0;
}
</style>
