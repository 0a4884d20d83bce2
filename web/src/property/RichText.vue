<script setup lang="ts">
import { EditorContent, useEditor } from '@tiptap/vue-3'
import { nextTick, ref, watch } from 'vue'
import { useTyping } from '@/edit/useTyping'
import { htmlOf, pastedMarkdown, TEXT_EXTENSIONS } from './textExtensions'
import LinkSheet from './LinkSheet.vue'

const props = defineProps<{ value: string; prompt?: string; label: string; flush?: boolean }>()
const emit = defineEmits<{ change: [html: string]; leave: [] }>()
const linking = ref(false)
const focused = ref(false)
const { typed, writing, write, left } = useTyping(
  () => props.value,
  (words) => emit('change', words),
)
const html = () => (editor.value ? htmlOf(editor.value) : '')

const editor = useEditor({
  content: props.value,
  extensions: TEXT_EXTENSIONS,
  editorProps: {
    attributes: { 'aria-label': props.label, role: 'textbox', 'aria-multiline': 'true', dir: 'auto' },
    handleKeyDown: (_, event) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'l') {
        event.preventDefault()
        linking.value = true
        return true
      }
      return false
    },
    handlePaste: (_, event) => (editor.value ? pastedMarkdown(editor.value, event) : false),
  },
  onUpdate: () => write(html()),
  onFocus: () => (focused.value = writing.value = true),
  onBlur: () => {
    focused.value = false
    left()
    emit('leave')
  },
})

watch(typed, (words) => {
  if (words !== html()) editor.value?.commands.setContent(words, { emitUpdate: false })
})

/** The text as Markdown (CommonMark, with tables), while it is written so. */
const markdown = ref<string | null>(null)
const source = ref<HTMLTextAreaElement | null>(null)
async function asMarkdown() {
  markdown.value = editor.value?.getMarkdown() ?? ''
  await nextTick()
  source.value?.focus()
  writing.value = true
}
function wroteMarkdown() {
  editor.value?.commands.setContent(markdown.value ?? '', { contentType: 'markdown', emitUpdate: true })
}
function leftMarkdown() {
  markdown.value = null
  left()
  emit('leave')
}

const chain = () => editor.value?.chain().focus()
/** What can be made of words, each named in what it makes. */
const tools = [
  { name: 'Bold', on: 'bold', run: () => chain()?.toggleBold().run() },
  { name: 'Italic', on: 'italic', run: () => chain()?.toggleItalic().run() },
  { name: 'Heading', on: 'heading', run: () => chain()?.toggleHeading({ level: 3 }).run() },
  { name: 'List', on: 'bulletList', run: () => chain()?.toggleBulletList().run() },
  { name: 'Numbered', on: 'orderedList', run: () => chain()?.toggleOrderedList().run() },
  { name: 'Quote', on: 'blockquote', run: () => chain()?.toggleBlockquote().run() },
]

function link(target: string | null) {
  linking.value = false
  const around = chain()?.extendMarkRange('link')
  if (target) around?.setLink({ href: target }).run()
  else around?.unsetLink().run()
}
/** Focus goes to the card around, where there is one. */
function leaveMarkdown() {
  source.value?.blur()
  source.value?.closest<HTMLElement>('.card')?.focus({ preventScroll: true })
}
</script>

<template>
  <div class="rich" :class="{ focused, empty: !value }" :data-prompt="prompt">
    <div v-show="focused || linking" class="tools" role="toolbar" aria-label="Text">
      <button
        v-for="t in tools"
        :key="t.name"
        type="button"
        :class="t.on"
        :aria-pressed="editor?.isActive(t.on)"
        @mousedown.prevent="t.run()"
      >
        {{ t.name }}
      </button>
      <button
        type="button"
        class="link"
        title="Ctrl L"
        :aria-pressed="editor?.isActive('link')"
        @mousedown.prevent="linking = true"
      >
        Link
      </button>
      <button type="button" class="source-of" title="Write it as Markdown" @mousedown.prevent="asMarkdown">
        Markdown
      </button>
    </div>
    <textarea
      v-if="markdown !== null"
      ref="source"
      v-model="markdown"
      class="source mono"
      rows="4"
      dir="auto"
      spellcheck="false"
      :aria-label="`${label} as Markdown`"
      @input="wroteMarkdown"
      @keydown.esc.stop="leaveMarkdown"
      @blur="leftMarkdown"
    />
    <EditorContent v-show="markdown === null" :editor="editor" class="words" />
    <LinkSheet
      v-if="linking"
      :value="String(editor?.getAttributes('link').href ?? '')"
      @take="link"
      @close="linking = false"
    />
  </div>
</template>

<style scoped>
.rich {
  position: relative;
}
/* A slip of paper at the head of what is written; each word stands as what it makes. */
.tools {
  position: absolute;
  bottom: calc(100% + 4px);
  left: -3px;
  z-index: 5;
  display: flex;
  flex-wrap: wrap;
  max-width: 100%;
  background: var(--sheet);
  border: 1px solid var(--ink);
  border-left: 3px solid var(--juniper);
}
.tools button {
  border: 0;
  background: none;
  color: var(--ink);
  font: 12.5px/25px var(--text);
  padding: 0 6px;
}
.tools button + button {
  border-left: 1px solid var(--line2);
}
.tools button:hover {
  background: var(--paper);
}
.tools button[aria-pressed='true'] {
  background: var(--juniper-wash);
  color: var(--juniper);
}
.tools .bold {
  font-weight: 700;
}
.tools .italic {
  font-style: italic;
}
.tools .heading {
  font: 600 13.5px/25px var(--display);
}
.tools .bulletList::before {
  content: '•';
  padding-right: 3px;
}
.tools .orderedList::before {
  content: '1.';
  padding-right: 4px;
}
.tools .blockquote::before {
  content: '';
  border-left: 3px solid var(--quiet);
  padding-right: 4px;
}
.tools .link {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.tools .source-of {
  font: 11.5px/25px var(--code);
  color: var(--quiet);
}
.source {
  width: 100%;
  field-sizing: content;
  max-height: 60vh;
  border: 0;
  border-left: 3px solid var(--juniper);
  background: var(--paper);
  color: inherit;
  font-size: 13px;
  line-height: 20px;
  padding: 6px 9px;
  resize: vertical;
}
.words :deep(.ProseMirror) {
  outline: 0;
  min-height: 1.5em;
}
.focused .words {
  box-shadow: -3px 0 0 var(--juniper);
}
.empty {
  display: grid;
}
.empty > .words {
  grid-area: 1 / 1;
  min-width: 0;
}
/* As high as its lines: what follows stands beneath them. */
.empty::before {
  content: attr(data-prompt);
  grid-area: 1 / 1;
  justify-self: start;
  color: var(--ochre-ink);
  background: var(--ochre-wash);
  border-bottom: 1px dashed var(--ochre);
  padding: 0 4px;
  pointer-events: none;
}
.focused.empty::before {
  opacity: 0.45;
}
.words :deep(p + p),
.words :deep(ul),
.words :deep(ol),
.words :deep(table),
.words :deep(h3) {
  margin-top: 0.6em;
}
.words :deep(ul),
.words :deep(ol) {
  padding-left: 1.3em;
}
.words :deep(blockquote) {
  border-left: 3px solid var(--line);
  padding-left: 0.8em;
}
.words :deep(td),
.words :deep(th) {
  border-bottom: 1px solid var(--line);
  padding: 2px 10px 2px 0;
  text-align: left;
}
</style>
