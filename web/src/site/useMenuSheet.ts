import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'

/** The menu whose lines are arranged, over whatever screen: it stands in the address, so that Back leaves it. */
export function useMenuSheet() {
  const route = useRoute()
  const router = useRouter()
  const menu = computed(() => (route.query.menu ? String(route.query.menu) : ''))
  const query = (id: string | undefined) => ({ query: { ...route.query, menu: id }, params: route.params })
  return {
    menu,
    open: (id: string) => void router.push(query(id)),
    /** Another one in the same sheet. */
    turn: (id: string) => void router.replace(query(id)),
    close: () => void router.replace(query(undefined)),
  }
}
