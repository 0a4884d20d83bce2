import type { Editor } from '@tiptap/core'
import { Table, TableCell, TableHeader, TableRow } from '@tiptap/extension-table'
import { Markdown } from '@tiptap/markdown'
import StarterKit from '@tiptap/starter-kit'
import { looksLikeMarkdown } from './looksLikeMarkdown'

/** What written text may hold; the same as the server's cleaner keeps. */
export const TEXT_EXTENSIONS = [
  StarterKit.configure({
    heading: { levels: [3, 4] },
    underline: false,
    link: {
      openOnClick: false,
      isAllowedUri: (url) => /^(https?|mailto|tel|page|media):|^[/#]/i.test(url),
      HTMLAttributes: { target: null, rel: null },
    },
  }),
  Table,
  TableRow,
  TableHeader,
  TableCell,
  Markdown,
]

/** What is written in an editor, as it is kept: nothing at all where no words stand. */
export const htmlOf = (editor: Editor) => (editor.isEmpty ? '' : editor.getHTML())

/** Pasted words that are Markdown are taken as such; everything else is the editor's own matter. */
export function pastedMarkdown(editor: Editor, event: ClipboardEvent): boolean {
  const words = event.clipboardData?.getData('text/plain') ?? ''
  if (event.clipboardData?.getData('text/html') || !looksLikeMarkdown(words)) return false
  return editor.commands.insertContent(words, { contentType: 'markdown' })
}
