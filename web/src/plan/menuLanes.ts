import type { Catalog } from '@/api/types'

const ROOM = 3

/** The menus that have a lane in the plan: all of a few, else those that stand around every page. */
export const menuLanes = (menus: Catalog['menus'] = []): Catalog['menus'] =>
  menus.length <= ROOM ? menus : menus.filter((m) => m.places.length)
