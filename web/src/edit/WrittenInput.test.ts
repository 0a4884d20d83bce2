import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it } from 'vitest'
import { useEdits } from './useEdits'
import WrittenInput from './WrittenInput.vue'

const begin = (value: string) => {
  const wrapper = mount(WrittenInput, { props: { value }, attachTo: document.body })
  const input = wrapper.get('input')
  const written = () => (wrapper.emitted('written') ?? []).map((e) => e[0])
  const type = async (words: string) => {
    input.element.focus()
    await input.setValue(words)
  }
  return { wrapper, input, written, type }
}

beforeEach(() => setActivePinia(createPinia()))

it('keeps what is being written when somebody else changes it, and asks which is to stand', async () => {
  for (const keep of ['keepMine', 'takeTheirs'] as const) {
    const { wrapper, input, written, type } = begin('mm')
    await type('cm')
    await wrapper.setProps({ value: 'inch' })
    expect(input.element.value).toBe('cm')
    input.element.blur()
    expect(written()).toEqual([])
    const { conflict } = useEdits()
    expect(conflict?.texts).toEqual({ mine: 'cm', theirs: 'inch' })
    conflict?.[keep]()
    await wrapper.vm.$nextTick()
    expect(useEdits().conflict).toBeNull()
    expect(written()).toEqual(keep === 'keepMine' ? ['cm'] : [])
    expect(input.element.value).toBe(keep === 'keepMine' ? 'cm' : 'inch')
  }
})

it('shows what was written until it comes back as kept', async () => {
  const { wrapper, input, written, type } = begin('mm')
  await type('cm ')
  input.element.blur()
  expect(written()).toEqual(['cm '])
  await wrapper.vm.$nextTick()
  expect(input.element.value).toBe('cm ')
  await wrapper.setProps({ value: 'cm' })
  expect(input.element.value).toBe('cm')
})

it('is read once, with Enter, and only where something else was written', async () => {
  const { input, written, type } = begin('mm')
  await type('cm')
  await input.trigger('keydown', { key: 'Enter' })
  expect(document.activeElement).toBe(input.element)
  expect(written()).toEqual(['cm'])
  const same = begin('mm')
  await same.type('cm')
  await same.type('mm')
  same.input.element.blur()
  expect(same.written()).toEqual([])
})

it('tells what was refused once, and keeps it there to be mended', async () => {
  const { input, written, type } = begin('Visit')
  await type('')
  input.element.blur()
  input.element.focus()
  input.element.blur()
  expect(written()).toEqual([''])
  expect(input.element.value).toBe('')
  await type('Visits')
  input.element.blur()
  expect(written()).toEqual(['', 'Visits'])
})

it('gives up what is being written with Esc, which then goes no further', async () => {
  const { wrapper, input, written, type } = begin('mm')
  let above = 0
  document.body.addEventListener('keydown', () => above++)
  await type('cm')
  await input.trigger('keydown', { key: 'Escape' })
  await wrapper.vm.$nextTick()
  expect(input.element.value).toBe('mm')
  expect(above).toBe(0)
  await input.trigger('keydown', { key: 'Escape' })
  expect(above).toBe(1)
  input.element.blur()
  expect(written()).toEqual([])
})
