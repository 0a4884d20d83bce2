/** One page of help: of a screen, or of a task. */
export interface HelpPage {
  key: string
  title: string
  /** The screen that it is about; none for a task. */
  of?: string
  /** Other words by which it is looked for. */
  words: string
  picture?: string
  /** Markdown. */
  body: string
}

const files = import.meta.glob<string>('./pages/*.md', { query: '?raw', import: 'default', eager: true })
const pictures = import.meta.glob<string>('../../../docs/screenshots/*.png', {
  query: '?url',
  import: 'default',
  eager: true,
})
const ORDER = ['going-live', 'home-page', 'everywhere', 'addresses', 'plan', 'new-page', 'page', 'fitting']

function read(path: string, text: string): HelpPage {
  const [head = '', ...rest] = text.split('\n\n')
  const told = Object.fromEntries(head.split('\n').map((line) => line.split(/:\s*(.*)/s).slice(0, 2)))
  return {
    key: path.replace(/^.*\/|\.md$/g, ''),
    title: told.title,
    of: told.of,
    words: told.words ?? '',
    picture: told.picture && pictures[`../../../docs/screenshots/${told.picture}`],
    body: rest.join('\n\n'),
  }
}
const place = (p: HelpPage) =>
  p.key === 'whats-new' ? 99 : ORDER.includes(p.key) ? ORDER.indexOf(p.key) : ORDER.length

/** Tasks first, then the screens in the order of the running head, then what is new. */
export const helpPages: HelpPage[] = Object.entries(files)
  .map(([path, text]) => read(path, text))
  .sort((a, b) => place(a) - place(b))

const OF_SCREEN: Record<string, string> = {
  plan: 'plan',
  new: 'new-page',
  page: 'page',
  form: 'kinds',
  templates: 'templates',
  template: 'templates',
  kind: 'kinds',
  'roll-out': 'roll-out',
  theme: 'theme',
  media: 'media',
  answers: 'answers',
  'form-item': 'answers',
  survey: 'survey',
  releases: 'releases',
  settings: 'addresses',
}
/** The page of help that belongs to a screen. */
export const helpOf = (screen: string) => OF_SCREEN[screen] ?? 'going-live'
