import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { get } from '@/api/client'
import type { MediaInfo } from '@/api/types'
import { useSite } from '@/site/useSite'

/** The files of the site, asked for once by whoever needs them first and shared by all who show them. */
export const useMedia = defineStore('media', () => {
  const site = useSite()
  const all = ref<MediaInfo[]>([])
  const loaded = ref(false)
  const byId = computed(() => new Map(all.value.map((m) => [m.id, m])))
  let asking: Promise<void> | null = null

  async function ask() {
    const answer = await get<MediaInfo[]>(`/sites/${site.id}/media`)
    if (answer.ok) all.value = answer.value
    loaded.value = answer.ok
  }

  /** Asks anew; those who ask meanwhile get the same answer. */
  function load(): Promise<void> {
    asking ??= ask().finally(() => (asking = null))
    return asking
  }

  /** Asks unless the file is known already. */
  async function need(id: string) {
    if (id && !byId.value.has(id)) await load()
  }

  watch(
    () => site.id,
    () => {
      all.value = []
      loaded.value = false
    },
  )

  return { all, loaded, byId, load, need }
})
