<script setup lang="ts">
import WordOf from '@/help/WordOf.vue'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { PlacedSection } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { useGalley } from './useGalley'

/** How a copy stands to the template or pattern it comes from, and the ways between them. */
const props = defineProps<{ own: PlacedSection }>()
const site = useSite()
const galley = useGalley()
const session = useSession()
const notices = useNotices()
const router = useRouter()
const WORDS: Record<string, string> = { IN_STEP: 'in step', BEHIND: 'behind', ADAPTED: 'adapted' }
const words = computed(() => WORDS[props.own.lineage] ?? '')
/** By its sort too: a pattern often has the name of its section. */
const item = computed(() => props.own.section.origin?.item ?? '')
const sort = computed(() => (site.templates.has(item.value) ? 'template' : 'pattern'))
const origin = computed(() => `the ${sort.value} ${props.own.originName}`)
const at = computed(() => ({ page: galley.id(), section: props.own.section.id }))

function follow() {
  void galley.give({ verb: 'follow-again', ...at.value })
}
async function teach() {
  const answer = await galley.give({ verb: 'give-to-origin', ...at.value })
  if (answer.ok)
    notices.tell(
      `Now ${origin.value} has it so too.`,
      'New pages get it; those with copies keep theirs until it is rolled out.',
    )
}
</script>

<template>
  <span v-if="own.lineage === 'IN_STEP'" class="label live" :title="`As ${origin} has it`"
    ><WordOf word="lineage">{{ words }}</WordOf></span
  >
  <v-menu v-else-if="words && own.originName">
    <template #activator="{ props: menu }">
      <button type="button" class="label should lineage" v-bind="menu" :title="`From ${origin}`">
        {{ words }} ▾
      </button>
    </template>
    <v-list>
      <v-list-subheader>Its lineage: how it stands to {{ origin }}</v-list-subheader>
      <v-list-item
        v-if="own.lineage === 'BEHIND'"
        :title="`Follow ${origin}`"
        subtitle="It has moved on since this copy was taken"
        @click="follow"
      />
      <v-list-item
        v-else
        :title="`Give up what was changed here and follow ${origin} again`"
        subtitle="Can be undone"
        @click="follow"
      />
      <v-list-item
        v-if="session.manager"
        :title="`Open ${origin}`"
        @click="router.push({ name: sort, params: { [sort]: item } })"
      />
      <v-list-item
        v-if="session.manager"
        :title="`Roll ${origin} out…`"
        subtitle="To all pages with copies of it, looked at one by one"
        @click="router.push({ name: 'roll-out', params: { item } })"
      />
      <v-list-item
        v-if="session.manager && own.lineage === 'ADAPTED'"
        :title="`Make it so in ${origin}`"
        subtitle="Pages that hold copies keep theirs until it is rolled out"
        @click="teach"
      />
    </v-list>
  </v-menu>
</template>

<style scoped>
.lineage {
  border: 0;
  background: none;
  padding: 0;
  white-space: nowrap;
}
</style>
