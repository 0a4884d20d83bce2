import type { Block } from '@/proof/ProofPlace'

/** What a frame of drawings says. */
export interface Told {
  type: 'ready' | 'drawn' | 'blocks'
  ids: string[]
  id: string
  blocks: Block[]
}

/** A sealed document that draws what it is told: it has the site's files and nothing of a manager's. */
export class DrawingFrame {
  readonly element = document.createElement('iframe')
  /** The drawings whose markup it has. */
  readonly given = new Set<string>()
  listening = false
  hear: (told: Told) => void = () => {}

  constructor(readonly src: string) {
    Object.assign(this.element, { src, title: 'Drawings', inert: true, ariaHidden: 'true' })
    this.element.setAttribute('sandbox', 'allow-scripts')
    addEventListener('message', this.heard)
  }

  private readonly heard = ({ source, data }: MessageEvent) => {
    if (source !== this.element.contentWindow || data?.from !== 'venue-drawings') return
    if (data.type === 'ready') {
      this.listening = true
      this.given.clear()
    }
    this.hear(data as Told)
  }

  /** A sealed frame has no origin by which it could be named; it is told nothing but markup of its own site. */
  send(message: object) {
    this.element.contentWindow?.postMessage(message, '*')
  }

  end() {
    removeEventListener('message', this.heard)
    this.element.remove()
  }
}

/** Another screen may take the frame at once, and tells it what goes where. */
const AFTER_MS = 1000

/** Where a frame waits that nobody uses: what it has read and drawn is there again at once. */
let waiting: DrawingFrame | null = null
let putAway = 0
let room: HTMLElement | null = null

/** Moving a frame without loading it anew is not yet in every browser; elsewhere each board has a frame of its own. */
function move(frame: HTMLIFrameElement, to: HTMLElement) {
  if (frame.isConnected)
    (to as HTMLElement & { moveBefore: (n: Node, b: null) => void }).moveBefore(frame, null)
  else to.append(frame)
}
const canMove = () => 'moveBefore' in Element.prototype

/** With whoever signs out goes what was drawn for them. */
export function endWaiting() {
  waiting?.end()
  waiting = null
}

export function takeFrame(src: string, to: HTMLElement): DrawingFrame {
  const frame = waiting?.src === src ? waiting : new DrawingFrame(src)
  if (frame === waiting) {
    waiting = null
    clearTimeout(putAway)
    frame.send({ type: 'style' })
    frame.send({ type: 'scroll', top: 0 })
  }
  Object.assign(frame.element.style, { width: '', height: '' })
  move(frame.element, to)
  return frame
}

export function leaveFrame(frame: DrawingFrame) {
  frame.hear = () => {}
  if (waiting || !canMove()) return frame.end()
  waiting = frame
  putAway = window.setTimeout(() => frame.send({ type: 'places', places: [] }), AFTER_MS)
  keepSize(frame.element)
  move(frame.element, waitingRoom())
}

/** Made smaller while it waits, it would lay out all that it has drawn, and again for whoever takes it. */
function keepSize({ style, clientWidth, clientHeight }: HTMLElement) {
  style.width = `${clientWidth}px`
  style.height = `${clientHeight}px`
}

/** Begins a frame before anybody asks for drawings. */
export function awaitFrame(src: string): DrawingFrame | null {
  if (!canMove() || waiting?.src === src) return waiting
  endWaiting()
  waiting = new DrawingFrame(src)
  move(waiting.element, waitingRoom())
  return waiting
}

function waitingRoom(): HTMLElement {
  if (!room?.isConnected) {
    room = document.createElement('div')
    room.className = 'drawings-waiting'
    document.body.append(room)
  }
  return room
}
