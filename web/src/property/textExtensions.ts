import { Table, TableCell, TableHeader, TableRow } from '@tiptap/extension-table'
import { Markdown } from '@tiptap/markdown'
import StarterKit from '@tiptap/starter-kit'

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
