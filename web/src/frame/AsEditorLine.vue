<script setup lang="ts">
import { useSession } from '@/session/useSession'

/** Says that this window is as an editor has it, and the way back. */
const session = useSession()
</script>

<template>
  <div class="line" role="status">
    <b>You see Venue as an editor does.</b>
    <span>What you can’t do here, editors can’t do either. It holds for this window only.</span>
    <span class="grow" />
    <button type="button" class="textlink" @click="session.seeAsEditor(false)">See all again</button>
  </div>
</template>

<style scoped>
.line {
  flex: none;
  display: flex;
  gap: 10px;
  padding: 5px 20px;
  background: var(--ochre-wash);
  color: var(--ochre-ink);
  border-bottom: 1px solid var(--ochre);
  font-size: 13px;
  line-height: 18px;
}
</style>
