<script setup lang="ts">
import { onMounted } from 'vue'
import SignInForm from './session/SignInForm.vue'
import { useSession } from './session/useSession'

const session = useSession()
onMounted(session.load)
</script>

<template>
  <v-app>
    <main v-if="session.asked && !session.person" class="door"><SignInForm /></main>
    <router-view v-else-if="session.person" />
    <v-dialog :model-value="session.expired" persistent max-width="390">
      <SignInForm again @done="session.expired = false" />
    </v-dialog>
  </v-app>
</template>

<style scoped>
.door {
  height: 100vh;
  display: grid;
  place-items: center;
}
</style>
