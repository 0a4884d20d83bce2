<script setup lang="ts">
import { computed } from 'vue'
import type { ShelfLine } from '@/api/types'
import LibraryShelf from '@/library/LibraryShelf.vue'
import TemplateGlyph from '@/glyph/TemplateGlyph.vue'
import DrawingBoard from '@/drawing/DrawingBoard.vue'
import DrawnPlace from '@/drawing/DrawnPlace.vue'
import { counted } from '@/words/counted'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { pagesOf } from '@/site/pagesOf'
import { useNewPageHere } from './useNewPage'

/** What a new page is and what it wears, of what may be made in its place. */
const site = useSite()
const session = useSession()
const { form, given, leadTo, open, whyNot, may, evenSo, nothingFits, kind, beginnings } = useNewPageHere()
const template = computed(() => site.templates.get(form.template))
const kinds = computed(() =>
  (site.catalog?.kinds ?? []).filter((k) => whyNot.value.has(k.id) && (!given.value || k.id === given.value)),
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
      <div v-for="k in offered" :key="k.id">
        <label class="kind" :class="{ on: form.kind === k.id, no: whyNot.get(k.id) }">
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
            <span class="quiet note">{{ whyNot.get(k.id) ? `They ${whyNot.get(k.id)}.` : k.note }}</span>
          </span>
        </label>
        <button v-if="whyNot.get(k.id)" type="button" class="textlink leads-there" @click="leadTo(k.id)">
          Go where {{ pagesOf(k.name) }} stand
        </button>
      </div>
    </div>
    <p v-if="given" class="gap">
      <button type="button" class="textlink" @click="open">Other kinds, other places</button>
    </p>
    <ul v-if="withheld.length" class="withheld label">
      <li v-for="k in withheld" :key="k.id">
        {{ pagesOf(k.name) }} {{ whyNot.get(k.id) }}.
        <button type="button" class="textlink" @click="leadTo(k.id)">Go there</button>
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
    <DrawingBoard>
      <h2 v-if="kind && may.has(form.kind)" class="wearing">
        Wearing <span class="quiet">drawn with this site’s own look and words</span>
      </h2>
      <div v-if="may.has(form.kind)" class="templates" role="radiogroup" aria-label="Wearing">
        <label v-for="t in templates" :key="t.id" :class="{ on: form.template === t.id }">
          <input v-model="form.template" type="radio" :value="t.id" class="unseen" />
          <DrawnPlace
            class="proof"
            :of="t.shown ? `page/${t.shown}` : `template/${t.id}?sample=1`"
            :at="1280"
            whole
            :label="`A page in ${t.name}`"
          />
          <span class="row-flex"
            ><TemplateGlyph :template="t.id" :wide="26" /><b>{{ t.name }}</b></span
          >
        </label>
      </div>
      <template v-if="may.has(form.kind) && beginnings.length && template">
        <h2 class="wearing">Begin with</h2>
        <div class="templates" role="radiogroup" aria-label="Begin with">
          <label :class="{ on: !form.begin }">
            <input v-model="form.begin" type="radio" value="" class="unseen" />
            <DrawnPlace
              class="proof"
              :of="`template/${template.id}?sample=1`"
              :at="1280"
              whole
              :label="`What ${template.name} brings`"
            />
            <b>What {{ template.name }} brings</b>
            <span class="quiet note">{{ counted(template.sections, 'section') }}</span>
          </label>
          <label v-for="p in beginnings" :key="p.id" :class="{ on: form.begin === p.id }">
            <input v-model="form.begin" type="radio" :value="p.id" class="unseen" />
            <DrawnPlace
              class="proof"
              :of="`pattern/${p.id}?drawn=${p.drawn}`"
              :version="p.drawn"
              :at="1280"
              whole
              :label="`The pattern ${p.name}`"
            />
            <b>{{ p.name }}</b>
            <span class="quiet note"
              >{{ counted(p.sections, 'section') }}, {{ p.toFill ? `${p.toFill} to fill` : 'ready' }}</span
            >
          </label>
        </div>
      </template>
    </DrawingBoard>
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
.leads-there {
  font-size: 13px;
  margin: 2px 0 0 12px;
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
