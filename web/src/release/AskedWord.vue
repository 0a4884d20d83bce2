<script setup lang="ts">
import { computed } from 'vue'
import { del } from '@/api/client'
import type { AskedRelease } from '@/api/types'
import { useNotices } from '@/edit/useNotices'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'

/** Who asks for a change to be released, with their word; or with which word it was given back to them. */
const props = defineProps<{ asked: AskedRelease }>()
const emit = defineEmits<{ giveBack: [] }>()
const site = useSite()
const manager = computed(() => useSession().manager)
async function takeBack() {
  const answer = await del('/api/sites/{site}/releases/asked/{id}', {
    path: { site: site.id, id: props.asked.id },
  })
  if (!answer.ok) useNotices().refuse(answer.problem)
}
</script>

<template>
  <p class="asked">
    <template v-if="asked.back"
      ><b>{{ asked.back.by }} gave it back</b> to {{ asked.mine ? 'you' : asked.by }}:
      <q dir="auto">{{ asked.back.word }}</q></template
    >
    <template v-else
      ><b>{{ asked.mine ? 'You ask' : `${asked.by} asks` }}</b
      >: <q dir="auto">{{ asked.word }}</q></template
    >
    <span class="acts">
      <button
        v-if="manager && !asked.mine && !asked.back"
        type="button"
        class="textlink"
        @click.stop="emit('giveBack')"
      >
        give back…
      </button>
      <button v-if="asked.mine && !asked.back" type="button" class="textlink" @click.stop="takeBack">
        ask no more
      </button>
    </span>
  </p>
</template>

<style scoped>
.asked {
  color: var(--ochre-ink);
  overflow-wrap: anywhere;
}
q {
  quotes: '“' '”';
}
.acts {
  margin-left: 6px;
}
</style>
