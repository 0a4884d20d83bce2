<script setup lang="ts">
import { ref } from 'vue'
import { freshId } from '@/api/client'
import { said } from '@/api/said'
import type { MembersTold } from '@/api/types'
import SheetDialog from '@/look/SheetDialog.vue'
import { inputOf } from '@/look/targets'
import { useSite } from '@/site/useSite'
import { counted } from '@/words/counted'

/** The groups of members: made, named and removed. They are part of the site, and live with its next release. */
const props = defineProps<{ told: MembersTold }>()
const emit = defineEmits<{ close: []; changed: [] }>()
const site = useSite()
const name = ref('')
const note = ref('')
const trouble = ref('')
type Given = Parameters<typeof site.give>[0]
async function give(command: Given): Promise<boolean> {
  const answer = await site.give(command)
  trouble.value = answer.ok ? '' : said(answer.problem)
  emit('changed')
  return answer.ok
}
async function make() {
  if (!name.value.trim()) return
  const done = await give({ verb: 'make-group', id: freshId(), name: name.value, note: note.value })
  if (done) name.value = note.value = ''
}
type Group = MembersTold['groups'][number]
const describe = (g: Group, to: Partial<Group>) =>
  give({ verb: 'describe-group', group: g.id, name: to.name ?? g.name, note: to.note ?? g.note })
</script>

<template>
  <SheetDialog title="Groups of members" form @close="emit('close')" @submit="make">
    <p class="quiet">
      A page, a section or a menu line can be for some groups alone. What is said of groups goes live with the
      next release; who belongs to one holds at once.
    </p>
    <ul>
      <li v-for="g in props.told.groups" :key="g.id">
        <input
          class="boxed"
          :value="g.name"
          maxlength="40"
          aria-label="Name of the group"
          @change="(e) => describe(g, { name: inputOf(e).value })"
        />
        <input
          class="boxed grow"
          :value="g.note"
          maxlength="200"
          aria-label="What it is for"
          placeholder="What it is for"
          @change="(e) => describe(g, { note: inputOf(e).value })"
        />
        <span class="quiet">{{ counted(g.members, 'member') }}</span>
        <v-btn class="danger" @click="give({ verb: 'remove-group', group: g.id })">Remove</v-btn>
      </li>
    </ul>
    <p v-if="trouble" class="must" role="alert">{{ trouble }}</p>
    <div class="row-flex gap">
      <input v-model="name" class="boxed" maxlength="40" placeholder="A new group" aria-label="A new group" />
      <input
        v-model="note"
        class="boxed grow"
        maxlength="200"
        placeholder="What it is for"
        aria-label="What it is for"
      />
      <v-btn type="submit" class="ink" :disabled="!name.trim()">Make it</v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
ul {
  list-style: none;
  display: grid;
  gap: 8px;
  margin: 14px 0;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
}
</style>
