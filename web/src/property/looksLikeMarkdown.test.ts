import { Editor } from '@tiptap/core'
import { describe, expect, it } from 'vitest'
import { looksLikeMarkdown } from './looksLikeMarkdown'
import { TEXT_EXTENSIONS } from './textExtensions'

describe('pasted text', () => {
  it.each([
    '# Opening times',
    '- one\n- two',
    '1. one\n2. two',
    'See [the plan](page:visit).',
    'Bring **boots**.',
    '> Dark skies',
    '| Month | Dome |\n|---|---|\n| March | 19:30 |',
  ])('is Markdown: %s', (text) => expect(looksLikeMarkdown(text)).toBe(true))

  it.each([
    'Two - or three - words',
    'It costs £5 * 2',
    '#41 is the bus',
    'a [note] (aside)',
    '- a lone dash',
    '',
  ])('is plain: %s', (text) => expect(looksLikeMarkdown(text)).toBe(false))
})

describe('text as Markdown and back', () => {
  const editor = new Editor({ extensions: TEXT_EXTENSIONS })

  it.each([
    '<p>Plain words</p>',
    '<p>A <strong>strong</strong>, an <em>even</em> and a <code>coded</code> word</p>',
    '<h3>By day</h3><ul><li><p>one</p></li><li><p>two</p></li></ul><ol><li><p>first</p></li></ol>',
    '<blockquote><p>Wrap up.</p></blockquote>',
  ])('is the same text: %s', (html) => {
    editor.commands.setContent(html)
    const before = editor.getHTML()
    editor.commands.setContent(editor.getMarkdown(), { contentType: 'markdown' })
    expect(editor.getHTML()).toBe(before)
  })

  it('keeps links to pages and tables', () => {
    editor.commands.setContent('[Plan](page:visit)\n\n| Month | Dome |\n| --- | --- |\n| March | 19:30 |', {
      contentType: 'markdown',
    })
    expect(editor.getHTML()).toContain('<table')
    expect(editor.getText()).toContain('19:30')
    expect(editor.getHTML()).toContain('href="page:visit"')
    expect(editor.getMarkdown()).toContain('[Plan](page:visit)')
    expect(editor.getMarkdown()).toContain('| March')
  })
})
