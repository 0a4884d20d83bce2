<script setup lang="ts">
import { ref } from 'vue'
import { post } from '@/api/client'
import { said } from '@/api/said'
import type { Delivery } from '@/api/types'
import WordOf from '@/help/WordOf.vue'
import SheetDialog from '@/look/SheetDialog.vue'
import { useSession } from '@/session/useSession'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'
import DeliverySheet from './DeliverySheet.vue'
import { again, stands } from './deliveryWords'
import { useDeliveries } from './useDeliveries'

/** Where releases go outside this machine: how each place stands, and what can't be answered from there. */
const site = useSite()
const session = useSession()
const { told, all, load } = useDeliveries()
const open = ref<Delivery | 'new' | null>(null)
const removing = ref<Delivery | null>(null)
const problem = ref('')

async function ask(
  path: '/api/sites/{site}/deliveries/{id}/again' | '/api/sites/{site}/deliveries/{id}/remove',
  d: Delivery,
) {
  const answer = await post(path, { path: { site: site.id, id: d.id } })
  problem.value = answer.ok ? '' : said(answer.problem)
  removing.value = null
  await load()
}
async function kept() {
  open.value = null
  await load()
}
</script>

<template>
  <section v-if="told" aria-labelledby="deliveries">
    <h2 id="deliveries"><WordOf word="delivery">Deliveries</WordOf></h2>
    <p v-if="!all.length" class="quiet gap">
      Releases are shown by this server. They can also go by themselves to other machines that show them: to a
      folder, or to object storage that speaks S3.
    </p>
    <ul v-else class="places">
      <li v-for="d in all" :key="d.id" :aria-label="d.name">
        <div class="row-flex">
          <b class="grow" dir="auto">{{ d.name }}</b>
          <button
            v-if="session.manager"
            type="button"
            class="textlink"
            :disabled="!!d.stands.doing"
            @click="ask('/api/sites/{site}/deliveries/{id}/again', d)"
          >
            Deliver again
          </button>
          <template v-if="told.mayChange">
            <button type="button" class="textlink" @click="open = d">Change…</button>
            <button type="button" class="textlink" @click="removing = d">Remove…</button>
          </template>
        </div>
        <p class="mono small">{{ d.where }} → {{ d.goes.address }}</p>
        <p :class="stands(d).tone" role="status">{{ stands(d).words }}</p>
        <progress
          v-if="d.stands.doing"
          :value="d.stands.doing.of ? d.stands.doing.done : undefined"
          :max="d.stands.doing.of || undefined"
          :aria-label="`How far ${d.name} is`"
        />
        <p v-if="d.stands.trouble && !d.stands.doing" class="small">
          {{ d.stands.trouble.fix }} <span class="quiet">{{ again(d.stands.trouble.nextAt) }}</span>
        </p>
      </li>
    </ul>
    <v-btn v-if="told.mayChange" class="gap" @click="open = 'new'">Add a delivery…</v-btn>
    <p v-else class="quiet small">An owner of this installation says where releases go.</p>
    <p v-if="problem" class="must" role="alert">{{ problem }}</p>
    <details v-if="told.asking.length" class="gap">
      <summary>What files alone can’t answer ({{ told.asking.length }})</summary>
      <p class="quiet small">
        Where an address of this server is given, pages ask it there. Else these say that nothing can be sent,
        or are left out.
      </p>
      <ul class="asking">
        <li v-for="a in told.asking" :key="a.kind">
          <b>{{ a.name }}</b> on {{ counted(a.pages, 'page') }}
          <span class="quiet" dir="auto">{{ a.on.join(', ') }}{{ a.pages > a.on.length ? ' …' : '' }}</span>
        </li>
      </ul>
    </details>
    <DeliverySheet
      v-if="open"
      :delivery="open === 'new' ? undefined : open"
      :server-keys="told.serverKeys"
      @kept="kept"
      @close="open = null"
    />
    <SheetDialog v-if="removing" :title="`Remove ${removing.name}`" size="narrow" @close="removing = null">
      <p class="gap">
        Releases go there no more, and its keys are forgotten. What lies at
        <span class="mono">{{ removing.where }}</span> stays as it is: take it away there.
      </p>
      <div class="row-flex foot">
        <v-btn class="danger" @click="ask('/api/sites/{site}/deliveries/{id}/remove', removing)"
          >Remove it</v-btn
        >
        <v-btn @click="removing = null">Leave it<span class="kbd">Esc</span></v-btn>
      </div>
    </SheetDialog>
  </section>
</template>

<style scoped>
h2 {
  font-size: 16px;
  margin-bottom: 10px;
}
section {
  margin-bottom: 34px;
}
.places,
.asking {
  list-style: none;
}
.places li {
  background: var(--sheet);
  border: 1px solid var(--line);
  padding: 9px 12px 10px;
  margin-bottom: 8px;
  overflow-wrap: anywhere;
}
.small {
  font-size: 12.5px;
  line-height: 17px;
}
progress {
  width: 100%;
  height: 6px;
  accent-color: var(--juniper);
}
summary {
  cursor: pointer;
}
.asking li {
  padding: 3px 0;
}
</style>
