import { ref } from 'vue'
import { freshId, post } from '@/api/client'
import type { SiteStanding } from '@/api/types'

const AGAIN_MS = 3000

interface Heard {
  step: (step: number) => void
  here: (who: SiteStanding['here']) => void
  takingIn: (files: number) => void
  /** The one who looks may do other things here from now on, or nothing any more. */
  seat: (here: boolean) => void
  /** The connection is there again: whatever happened meanwhile is asked for. */
  back: () => void
  /** The stream is refused: what others do is asked for; whether the server answers. */
  ask: () => Promise<boolean>
}

/** How often something came from visitors by a form, or was done about it, in the site that is open. */
const answered = ref(0)
/** How often a release was set for a time, asked for or given back in it. */
const planned = ref(0)

/** How often something came of a delivery of it. */
const delivered = ref(0)

function tell(source: EventSource, heard: Heard) {
  const on = <T>(name: string, then: (data: T) => void) =>
    source.addEventListener(name, (event: MessageEvent<string>) => then(JSON.parse(event.data) as T))
  on<{ step: number }>('step', (told) => heard.step(told.step))
  on('here', heard.here)
  on('taking-in', heard.takingIn)
  on('answers', () => {
    answered.value++
    heard.back()
  })
  on('releases', () => {
    planned.value++
    heard.back()
  })
  on<{ done: boolean }>('deliveries', ({ done }) => {
    delivered.value++
    if (done) heard.back()
  })
  on<{ here: boolean }>('seat', (told) => heard.seat(told.here))
}

const tellPlace = (site: string, told: { window: string; at: string }) =>
  void post('/api/sites/{site}/events/place', { path: { site } }, told)

/** What the server tells of a site while a window of it is open. */
export function makeEvents(heard: Heard) {
  const connected = ref(true)
  /** Whether the server answers, but does not tell this window of what others do. */
  const untold = ref(false)
  const windowId = freshId()
  let events: EventSource | null = null
  let site = ''
  let place = ''

  function listen(of: string, at = place) {
    close()
    site = of
    place = at
    const query = new URLSearchParams({ window: windowId, at: place })
    const source = new EventSource(`/api/sites/${of}/events?${query}`)
    events = source
    tell(source, heard)
    source.onopen = () => {
      if (!connected.value || untold.value) heard.back()
      connected.value = true
      untold.value = false
    }
    source.onerror = () => {
      // A refusal closes the stream for good; it is opened anew once the server may have changed its mind.
      if (source.readyState === EventSource.CLOSED) void refused(of)
      else connected.value = false
    }
  }

  /** Without being told, what others do is asked for now and then. */
  async function refused(of: string) {
    connected.value = untold.value = await heard.ask()
    setTimeout(() => site === of && listen(of), AGAIN_MS)
  }

  function close() {
    events?.close()
    events = null
    site = ''
  }

  function at(next: string) {
    place = next
    if (events) tellPlace(site, { window: windowId, at: next })
  }
  return { connected, untold, answered, planned, delivered, listen, close, at }
}
