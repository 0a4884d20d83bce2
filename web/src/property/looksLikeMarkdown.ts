const SIGNS = [
  /^#{1,6} \S/m, // a heading
  /^\s*([-*+]|\d+[.)]) \S.*\n\s*([-*+]|\d+[.)]) \S/m, // two lines of a list
  /^> \S/m, // a quote
  /\[[^\]\n]+\]\([^)\s]+\)/, // a link
  /\*\*[^*\n]+\*\*/, // strong words
  /^\|.+\|\s*\n\|[\s:|-]+\|/m, // a table
]

/** Whether plain text that is pasted was written as Markdown. */
export function looksLikeMarkdown(text: string): boolean {
  return SIGNS.some((sign) => sign.test(text))
}
