<script setup lang="ts">
import SheetDialog from '@/look/SheetDialog.vue'
import { counted } from '@/words/counted'
import { computed, onMounted } from 'vue'
import { useSite } from '@/site/useSite'
import ForeseenWords from '@/together/ForeseenWords.vue'
import { childrenOf } from './outline'
import { useForeseen } from '@/together/useForeseen'

const props = defineProps<{ page: string }>()
const emit = defineEmits<{ close: [] }>()
const site = useSite()
const row = computed(() => site.rows.get(props.page))
const beneath = computed(() => {
  const children = childrenOf(site.order, site.rows)
  const count = (id: string): number => (children.get(id) ?? []).reduce((n, c) => n + 1 + count(c), 0)
  return count(props.page)
})

const { coming, foresee } = useForeseen()
onMounted(() => !row.value?.home && foresee([{ verb: 'remove-page', page: props.page }]))

async function remove() {
  emit('close')
  await site.give({ verb: 'remove-page', page: props.page })
}
</script>

<template>
  <SheetDialog
    :title="row?.home ? 'The home page stays' : `Remove “${row?.title}”`"
    size="narrow"
    @close="emit('close')"
  >
    <template v-if="row?.home">
      <p class="gap">“{{ row.title }}” is the home page. Make another page the home page first.</p>
      <v-btn class="foot" @click="emit('close')">Close</v-btn>
    </template>
    <template v-else>
      <p class="gap">
        {{ beneath ? `${counted(beneath, 'page')} beneath it go too. ` : '' }}
        {{
          row?.menus.length ? `${counted(row.menus.length, 'menu line goes', 'menu lines go')} with it. ` : ''
        }}
        Visitors keep seeing what is live until the next release. It lies in the bin for 30 days, and you can
        undo it.
      </p>
      <ForeseenWords v-if="coming" :coming="coming" />
      <div class="row-flex foot">
        <v-btn v-focus class="danger ink" :disabled="!!coming?.refusals" @click="remove"
          >Remove {{ beneath ? beneath + 1 + ' pages' : 'the page' }}</v-btn
        >
        <v-btn @click="emit('close')">Leave it</v-btn>
      </div>
    </template>
  </SheetDialog>
</template>
