import { Editor } from '@tiptap/core'
import { htmlOf, pastedMarkdown, TEXT_EXTENSIONS } from '@/property/textExtensions'

/** An editor that stands where the words do. */
export interface Writer {
  /** Puts the caret where somebody pointed. */
  pointTo(x: number, y: number): void
  words(): string
  /** Ends it; the words stay. */
  end(): void
}

/**
 * The galley's editor of formatted text, in the page of a proof. It is a script of its own, fetched by the proof when somebody
 * first writes formatted text there.
 */
export function openWriter(node: HTMLElement, html: string, wrote: () => void): Writer {
  node.replaceChildren()
  const editor: Editor = new Editor({
    element: { mount: node },
    content: html,
    extensions: TEXT_EXTENSIONS,
    editorProps: { handlePaste: (_, event) => pastedMarkdown(editor, event) },
    onUpdate: wrote,
  })
  return {
    pointTo(x, y) {
      const at = editor.view.posAtCoords({ left: x, top: y })
      if (at) editor.commands.setTextSelection(at.pos)
    },
    words: () => htmlOf(editor),
    end() {
      const words = htmlOf(editor)
      editor.destroy()
      node.removeAttribute('contenteditable')
      node.classList.remove('tiptap', 'ProseMirror', 'ProseMirror-focused')
      node.innerHTML = words
    },
  }
}
