import vocabulary from '../../../docs/vocabulary.md?raw'

/** What each word of ours means, as `docs/vocabulary.md` tells it. */
export const words: Map<string, string> = new Map(
  vocabulary
    .split('\n')
    .map((line) => /^\| \*\*(.+?)\*\* \| (.+) \|$/.exec(line))
    .filter((found) => found !== null)
    .map((found) => [found[1]!, plain(found[2]!)]),
)
function plain(markdown: string): string {
  return markdown
    .replace(/\(?\[[^\]]*\]\([^)]*\)\)?/g, '')
    .replace(/[*`]/g, '')
    .trim()
}
