<script setup lang="ts">
import { question } from '@/api/client'
import { computed, ref } from 'vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import ReleaseDone from './ReleaseDone.vue'
import { useReleasing } from './useReleasing'

/** Releases one page, with what must come along, and nothing else that waits. */
const props = defineProps<{ page: string; title: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const { value: waiting } = useItem(() =>
  question('/api/sites/{site}/releases/waiting', { path: { site: site.id } }),
)
const entries = computed(() => waiting.value?.changes.flatMap((c) => c.entries) ?? [])
const mine = computed(() => entries.value.filter((e) => e.item === props.page).map((e) => e.item))
const { goes, count, along, unfilled, grave, busy, done, release } = useReleasing(waiting, mine)
const names = computed(() => new Map(entries.value.map((e) => [e.item, e.name])))
const note = ref('')
const places = computed(() => unfilled.value.reduce((sum, p) => sum + p.toFill, 0))
const says = computed(() => entries.value.find((e) => e.item === props.page)?.says ?? [])
</script>

<template>
  <SheetDialog :title="`Release “${title}”`" form @close="emit('close')" @submit="release(note)">
    <ReleaseDone v-if="done" class="gap" :done="done" :origin="site.standing?.origin ?? ''" />
    <p v-else-if="!waiting" class="quiet gap" role="status">Looking at what has changed…</p>
    <p v-else-if="!mine.length" class="gap">Visitors see this page as it is: nothing of it waits.</p>
    <template v-else>
      <p class="gap">{{ says.join('; ') }}.</p>
      <p v-if="along.length" class="gap should">
        ◇ {{ along.map((i) => names.get(i)).join(', ') }} must come along.
      </p>
      <p v-if="places" class="gap should">
        ◇ {{ counted(places, 'place is', 'places are') }} still to fill; visitors don’t see such places, and a
        section with nothing but such places is left out whole.
      </p>
      <p v-if="grave.length" class="gap must">
        ◆ {{ counted(grave.length, 'finding', 'findings') }} must be fixed on the live site then:
        {{ grave[0]?.name }}, {{ grave[0]?.finding.says }}
      </p>
      <p class="quiet gap">
        {{ counted((waiting?.changes.length ?? 0) - count, 'other change waits', 'other changes wait') }}
        on.
      </p>
      <label class="label" for="page-note">A note for the log</label>
      <v-text-field id="page-note" v-model="note" maxlength="200" placeholder="What this release is about" />
    </template>
    <div class="row-flex foot">
      <v-btn v-if="goes.length && !done" v-focus type="submit" class="strong" :disabled="busy">
        {{ places || grave.length ? 'Release it even so' : 'Release it' }}
      </v-btn>
      <v-btn @click="emit('close')">{{ done ? 'Close' : 'Not yet' }}<span class="kbd">Esc</span></v-btn>
    </div>
  </SheetDialog>
</template>
