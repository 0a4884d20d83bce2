<script setup lang="ts">
import { ref, watch } from 'vue'
import { useDebounceFn } from '@vueuse/core'
import { post } from '@/api/client'
import type { DeliveryForeseen } from '@/api/types'
import { weight } from '@/media/weight'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** Where a release goes, and how much it sends there at most: told before, for it may be all there is. */
const props = defineProps<{ items: readonly string[] }>()
const site = useSite()
const foreseen = ref<DeliveryForeseen | null>(null)
const SETTLE_MS = 250
let asked = 0
const look = useDebounceFn(async () => {
  const mine = ++asked
  if (!props.items.length) return
  const answer = await post(
    '/api/sites/{site}/deliveries/foreseen',
    { path: { site: site.id } },
    { items: [...props.items] },
  )
  if (answer.ok && mine === asked) foreseen.value = answer.value
}, SETTLE_MS)
watch(() => props.items, look, { immediate: true })
</script>

<template>
  <section v-if="foreseen?.deliveries" aria-labelledby="goes-to">
    <h3 id="goes-to">Goes to</h3>
    <p>this server, {{ counted(foreseen.deliveries, 'delivery', 'deliveries') }}</p>
    <p class="quiet">
      <template v-if="foreseen.all"
        >All {{ counted(foreseen.pages, 'page') }} may be others then: each is compared, and what differs is
        sent</template
      >
      <template v-else>{{ counted(foreseen.pages, 'page is', 'pages are') }} compared</template
      ><template v-if="foreseen.objects"
        >, at most {{ counted(foreseen.objects, 'object')
        }}{{ foreseen.bytes ? ` and ${weight(foreseen.bytes)}` : '' }} to each</template
      >.
    </p>
  </section>
</template>
