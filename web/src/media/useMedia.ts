import { question } from '@/api/client'
import { defineStore } from 'pinia'
import { computed, onScopeDispose, ref, watch } from 'vue'
import { useItem } from '@/site/useItem'
import { useSite } from '@/site/useSite'

/** The files of the site, asked for by whoever needs them first and shared by all who show them; fresh while somebody watches. */
export const useMedia = defineStore('media', () => {
  const site = useSite()
  /** The site whose files somebody has needed. */
  const needed = ref('')
  const watching = ref(0)
  const { value, load } = useItem(
    () =>
      site.id && needed.value === site.id
        ? question('/api/sites/{site}/media', { path: { site: site.id } })
        : null,
    () => [],
    () => watching.value === 0,
  )
  const all = computed(() => value.value ?? [])
  const byId = computed(() => new Map(all.value.map((m) => [m.id, m])))

  /** Asks for them, and again after each step for as long as who asks is there. */
  function watchAll() {
    watching.value++
    onScopeDispose(() => watching.value--)
    if (needed.value === site.id) void load()
    else needed.value = site.id
  }

  /** Asks unless the file is known already; those who ask while an answer is awaited wait for that one. */
  let known = ''
  function need(id: string) {
    if (!id || byId.value.has(id)) return
    if (needed.value !== site.id) needed.value = site.id
    else if (value.value && known !== id) void load()
    known = id
  }

  watch(
    () => site.id,
    () => (value.value = null),
  )

  return { all, loaded: computed(() => value.value !== null), byId, load, need, watchAll }
})
