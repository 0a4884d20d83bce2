<script setup lang="ts">
import { computed, ref } from 'vue'

/** A password that is being chosen: it can be seen, and says how long it is. */
const password = defineModel<string>({ required: true })
const { id = 'new-password', label = 'Password' } = defineProps<{ id?: string; label?: string }>()
const SHORTEST = 12
const shown = ref(false)
const length = computed(() => Array.from(password.value).length)
</script>

<template>
  <div>
    <div class="row-flex">
      <label class="label grow" :for="id">{{ label }}</label>
      <button type="button" class="textlink label" :aria-pressed="shown" @click="shown = !shown">
        {{ shown ? 'hide' : 'show' }}
      </button>
    </div>
    <v-text-field
      :id="id"
      v-model="password"
      :type="shown ? 'text' : 'password'"
      autocomplete="new-password"
      :aria-describedby="`${id}-note`"
    />
    <p :id="`${id}-note`" class="label note">
      {{
        length === 0 || length >= SHORTEST
          ? '12 characters or more; a few words that don’t belong together do well.'
          : `${SHORTEST - length} more, please.`
      }}
    </p>
  </div>
</template>

<style scoped>
.note {
  margin-top: 4px;
}
</style>
