<script setup lang="ts">
import { watch } from 'vue'
import { useRoute } from 'vue-router'
import { useNotices } from '@/edit/useNotices'

const notices = useNotices()
const route = useRoute()
watch(() => route.name, notices.clear)
</script>

<template>
  <div class="notices" role="alert">
    <div v-for="n in notices.list" :key="n.id" class="notice" :class="{ told: !n.refusal }">
      <span v-if="n.refusal" aria-hidden="true" class="must">◆</span>
      <span class="grow"
        ><b>{{ n.says }}</b> {{ n.fix }}</span
      >
      <button type="button" class="textlink" @click="notices.drop(n.id)">Close</button>
    </div>
  </div>
</template>

<style scoped>
.notices {
  position: fixed;
  bottom: 48px;
  left: 20px;
  right: 20px;
  z-index: 3000;
  display: flex;
  flex-direction: column;
  gap: 6px;
  align-items: flex-end;
  pointer-events: none;
}
.notice {
  pointer-events: auto;
  background: var(--sheet);
  border: 1px solid var(--brick);
  border-left-width: 4px;
  border-radius: 3px;
  padding: 9px 14px;
  display: flex;
  gap: 10px;
  max-width: 620px;
  overflow-wrap: anywhere;
}
.notice.told {
  border-color: var(--juniper);
}
</style>
