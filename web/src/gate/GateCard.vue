<script setup lang="ts">
import { computed, toRef } from 'vue'
import ChosenHead from '@/glyph/ChosenHead.vue'
import ProofFrame from '@/proof/ProofFrame.vue'
import { usePage } from '@/site/usePage'
import { useSite } from '@/site/useSite'
import { useSession } from '@/session/useSession'
import FindingBox from '@/survey/FindingBox.vue'
import AudienceChoice from './AudienceChoice.vue'
import { useGate } from './useGate'
import { MEETING_WORDS, meets, STRANGER, type Lane } from './gates'

/** Who may see the chosen page, how far that reaches, and what a stranger and somebody else get there. */
const props = defineProps<{ page: string; lanes: Lane[]; as: string }>()
const emit = defineEmits<{ open: [] }>()
const session = useSession()
const site = useSite()
const { page: detail } = usePage(toRef(props, 'page'))
const { gate, wanted, set, inherits, reach, from, closed } = useGate(() => detail.value)
const RULES = ['gate', 'open-to-closed']
const findings = computed(() =>
  (detail.value?.findings ?? []).filter((f) => RULES.some((r) => f.rule.includes(r))),
)
const others = computed(() => [
  STRANGER,
  props.lanes.find((l) => l.key === props.as && l.key !== STRANGER.key) ??
    props.lanes.find((l) => !l.robots && l.key !== STRANGER.key)!,
])
const nameOf = (lane: Lane) => (lane.key === STRANGER.key ? 'A stranger' : lane.label)
</script>

<template>
  <aside class="card side-pane" aria-label="Who may see the chosen page">
    <template v-if="detail && gate">
      <ChosenHead class="top" :page="detail" @open="emit('open')" />
      <p v-if="detail.home" class="quiet">
        The home page is closed with the whole site, and not alone: under Site settings.
      </p>
      <AudienceChoice
        v-else-if="session.manager"
        :model-value="wanted"
        label="Who may open it, and what stands beneath"
        :inherits="inherits"
        @update:model-value="set"
      />
      <p v-else class="quiet">Managers say who may open it.</p>
      <p v-if="gate.source !== 'PAGE'" class="quiet gap">
        Now {{ from }}: {{ closed ? 'not open to everyone' : 'open to everyone' }}.
      </p>
      <p v-if="reach" class="quiet gap">{{ reach }}</p>
      <div class="proofs">
        <figure v-for="l in others" :key="l.key">
          <ProofFrame
            :path="`page/${page}`"
            :query="`as=${l.key}&at=${site.step}`"
            :width="1280"
            :label="`As ${nameOf(l)}`"
          />
          <figcaption>
            <b>{{ nameOf(l) }}</b>
            {{ meets(gate, l) === 'opens' ? 'reads it' : MEETING_WORDS[meets(gate, l)] }}
          </figcaption>
        </figure>
      </div>
      <FindingBox v-for="(f, i) in findings" :key="i" :finding="f" />
      <template v-if="closed">
        <p class="quiet gap">
          Left out for whoever may not open it: menus, lists, search, feeds, the sitemap, and what is
          exported.
        </p>
        <p class="quiet gap">
          Files that stand on closed pages alone are closed with them. Copies that others took while they were
          open stay theirs.
        </p>
      </template>
    </template>
  </aside>
</template>

<style scoped>
.top {
  margin-bottom: 14px;
}
.proofs {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  margin: 16px 0;
}
figure {
  min-width: 0;
}
figure > :first-child {
  height: 210px;
  border: 1px solid var(--line);
}
figcaption {
  margin-top: 5px;
  color: var(--quiet);
}
figcaption b {
  color: var(--ink);
}
</style>
