import { freshId } from '@/api/client'
import type { Command, Value } from '@/api/types'
import { useSite } from '@/site/useSite'

interface Home {
  item: string
  section?: string
}

/** Gives commands where a section is written; keystrokes in one place are one step. */
export function makeWriting(id: () => string, home: (section: string) => Home & { section: string }) {
  const site = useSite()
  let writing = { at: '', group: '' }

  const give = (command: Command) => site.give(command, id())

  /** Gives a command to the item in which the section is written. */
  function write(section: string, make: (at: { item: string; section: string }) => Command) {
    const at = home(section)
    return site.give(make(at), at.item)
  }

  /** Sets a property; keystrokes in one place are one step. */
  function set(section: string | null, element: string | null, key: string, value: Value | undefined) {
    const place = [section, element, key].join('/')
    if (writing.at !== place) writing = { at: place, group: freshId() }
    const at: Home = section ? home(section) : { item: id() }
    const command: Command = {
      verb: 'set-value',
      item: at.item,
      section: at.section,
      element: element ?? undefined,
      key,
      value: value,
    }
    return site.give(command, at.item, writing.group)
  }

  /** Sets a property of one column. */
  function setColumn(section: string, column: string, key: string, value: Value | undefined) {
    return write(section, (at) => ({ verb: 'set-value', ...at, column, key, value: value }))
  }

  /** Writing somewhere has ended: what comes next is a step of its own. */
  function leave() {
    writing = { at: '', group: '' }
  }
  return { give, write, set, setColumn, leave }
}
