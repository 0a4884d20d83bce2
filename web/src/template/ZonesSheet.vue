<script setup lang="ts">
import WordOf from '@/help/WordOf.vue'
import { counted } from '@/words/counted'
import ChoiceOf from '@/look/ChoiceOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { computed, ref, watch } from 'vue'
import { vDrag, vOnto } from '@/look/dragging'
import { freshId } from '@/api/client'
import type { TemplateDetail } from '@/api/types'
import { said } from '@/api/said'
import { useSite } from '@/site/useSite'

/** A template's zones on a small plan of the page: dragged between its parts, or moved by their menus. */
const props = defineProps<{ template: TemplateDetail }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
type Role = 'TOP' | 'LEFT' | 'MAIN' | 'RIGHT' | 'FOOT'
interface ZoneDraft {
  key: string
  name: string
  role: Role
  accepts: string[]
  sections: number
}
const ROLES: { value: Role; title: string }[] = [
  { value: 'TOP', title: 'Above' },
  { value: 'LEFT', title: 'Left column' },
  { value: 'MAIN', title: 'Main' },
  { value: 'RIGHT', title: 'Side column' },
  { value: 'FOOT', title: 'Above the footer' },
]
const zones = ref<ZoneDraft[]>([])
const trouble = ref('')
const dragged = ref<string | null>(null)
watch(
  () => props.template.zones,
  (all) =>
    (zones.value = all.map((z) => ({
      key: z.key,
      name: z.name,
      role: z.role,
      accepts: z.accepts,
      sections: z.sections.length,
    }))),
  { immediate: true },
)
const kinds = computed(() => (site.catalog?.elements ?? []).map((e) => ({ value: e.key, title: e.name })))
const inPart = (role: Role) => zones.value.filter((z) => z.role === role)

async function give() {
  const answer = await site.give(
    {
      verb: 'set-zones',
      template: props.template.id,
      zones: zones.value.map(({ key, name, role, accepts }) => ({ key, name, role, accepts })),
    },
    props.template.id,
  )
  trouble.value = answer.ok ? '' : said(answer.problem)
}
function add(role: Role) {
  const name = ROLES.find((r) => r.value === role)!.title
  const taken = zones.value.some((z) => z.name === name)
  zones.value.push({
    key: freshId(),
    name: taken ? `${name} ${zones.value.length}` : name,
    role,
    accepts: [],
    sections: 0,
  })
  void give()
}
function drop(role: Role) {
  const zone = zones.value.find((z) => z.key === dragged.value)
  if (!zone || zone.role === role) return
  zone.role = role
  void give()
}
function remove(zone: ZoneDraft) {
  const before = zones.value
  zones.value = before.filter((z) => z !== zone)
  void give().then(() => {
    if (trouble.value) zones.value = before
  })
}
</script>

<template>
  <SheetDialog :title="`Zones of ${template.name}`" size="wide" @close="emit('close')">
    <p class="quiet">
      A <WordOf word="zone" /> is where sections stand on a page. Drag a zone to another part of the page.
    </p>
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <div class="plan">
      <section
        v-for="r in ROLES"
        :key="r.value"
        v-onto="{ drop: () => drop(r.value) }"
        class="part"
        :class="[r.value, { over: dragged }]"
        :aria-label="r.title"
      >
        <div
          v-for="z in inPart(r.value)"
          :key="z.key"
          v-drag="{ begin: () => (dragged = z.key), end: () => (dragged = null) }"
          class="zone"
        >
          <div class="row-flex">
            <input v-model="z.name" aria-label="Name of the zone" maxlength="40" @change="give" />
            <button
              v-if="!z.sections"
              type="button"
              class="x"
              :aria-label="`Remove the zone ${z.name}`"
              @click="remove(z)"
            >
              ×
            </button>
            <span v-else class="label">{{ z.sections }}</span>
          </div>
          <ChoiceOf
            v-model="z.role"
            :items="ROLES"
            :label="`Part of the page for ${z.name}`"
            @update:model-value="give"
          />
          <details class="accepts" :aria-label="`What ${z.name} takes`">
            <summary>
              {{
                z.accepts.length
                  ? `takes ${counted(z.accepts.length, 'kind')} of element`
                  : 'takes everything'
              }}
            </summary>
            <label v-for="k in kinds" :key="k.value" class="row-flex">
              <input v-model="z.accepts" type="checkbox" :value="k.value" @change="give" />{{ k.title }}
            </label>
          </details>
        </div>
        <button type="button" class="textlink" @click="add(r.value)">+ zone</button>
      </section>
    </div>
    <v-btn class="gap" @click="emit('close')">Done</v-btn>
  </SheetDialog>
</template>

<style scoped>
.plan {
  display: grid;
  grid-template: 'TOP TOP TOP' auto 'LEFT MAIN RIGHT' minmax(150px, auto) 'FOOT FOOT FOOT' auto / 1fr 2fr 1fr;
  gap: 8px;
  margin-top: 12px;
  border: 1px solid var(--line);
  padding: 8px;
}
.part {
  border: 1px dashed var(--line);
  padding: 8px;
  min-width: 0;
}
.part.over {
  background: var(--juniper-wash);
}
.TOP {
  grid-area: TOP;
}
.LEFT {
  grid-area: LEFT;
}
.MAIN {
  grid-area: MAIN;
}
.RIGHT {
  grid-area: RIGHT;
}
.FOOT {
  grid-area: FOOT;
}
.zone {
  border: 1px solid var(--quiet);
  border-radius: 3px;
  background: var(--sheet);
  padding: 6px 8px;
  margin-bottom: 8px;
  cursor: grab;
}
.zone input {
  flex: 1;
  min-width: 0;
  border: 0;
  background: none;
  color: inherit;
  font: 600 14px/20px var(--text);
}
.zone .choice {
  margin: 3px 0;
}
.accepts {
  font-size: 12px;
}
.accepts summary {
  color: var(--juniper);
  text-decoration: underline;
  list-style: none;
  cursor: pointer;
}
.x {
  border: 0;
  background: none;
  color: var(--quiet);
}
</style>
