<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import WrittenInput from '@/edit/WrittenInput.vue'
import { packHref } from '@/pack/packHref'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import GiveItem from './GiveItem.vue'

/** The strip of what pages are made of: its name, facts of it, and what managers do with it as a whole. */
const props = defineProps<{
  noun: string
  item: { id: string; name: string; retired: boolean }
  back: string
  /** What is left when it is retired. */
  stays: string
  /** On how many pages a change waits; absent for what is not rolled out. */
  waiting?: number
  removable?: boolean
}>()
const emit = defineEmits<{ back: []; name: [name: string]; retire: []; another: []; remove: [] }>()
const site = useSite()
const session = useSession()
const router = useRouter()
const manager = computed(() => session.manager)
const rollOut = () => void router.push({ name: 'roll-out', params: { item: props.item.id } })
</script>

<template>
  <div class="strip" role="region" :aria-label="`Facts of the ${noun}`">
    <h1 class="unseen">{{ noun[0]?.toUpperCase() }}{{ noun.slice(1) }}: {{ item.name }}</h1>
    <div class="title">
      <button type="button" class="mono back" @click="emit('back')">← {{ back }}</button>
      <WrittenInput
        class="disp"
        :value="item.name"
        :disabled="!manager"
        :aria-label="`Name of the ${noun}`"
        @written="(name) => emit('name', name)"
      />
    </div>
    <slot />
    <div class="acts">
      <v-btn v-if="manager && waiting" class="yes" @click="rollOut"
        >Roll out to {{ counted(waiting, 'page') }}…</v-btn
      >
      <v-menu v-if="manager">
        <template #activator="{ props: menu }">
          <v-btn v-bind="menu">More ▾</v-btn>
        </template>
        <v-list>
          <slot name="first" />
          <v-list-item :title="`Make another ${noun} from it…`" @click="emit('another')" />
          <v-list-item
            :title="item.retired ? 'Offer it again' : 'Retire it'"
            :subtitle="item.retired ? '' : stays"
            @click="emit('retire')"
          />
          <GiveItem :item="item.id" :name="item.name" />
          <v-list-item title="Save as a pack" :href="packHref(site.id, { item: item.id })" download />
          <slot name="more" />
          <v-list-item v-if="removable" title="Remove it…" @click="emit('remove')" />
          <v-list-item v-if="waiting !== undefined" title="Roll out…" @click="rollOut" />
        </v-list>
      </v-menu>
    </div>
    <slot name="sheets" />
  </div>
</template>
