import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
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

it('keeps what is being written when an older value arrives', async () => {
  const { wrapper, input, written, type } = begin('mm')
  await type('cm')
  await wrapper.setProps({ value: 'inch' })
  expect(input.element.value).toBe('cm')
  input.element.blur()
  expect(written()).toEqual(['cm'])
  await wrapper.vm.$nextTick()
  expect(input.element.value).toBe('cm')
  await wrapper.setProps({ value: 'metre' })
  expect(input.element.value).toBe('metre')
})

it('is read once, with Enter, and only where something else was written', async () => {
  const { input, written, type } = begin('mm')
  await type('cm')
  await input.trigger('keydown', { key: 'Enter' })
  expect(document.activeElement).not.toBe(input.element)
  expect(written()).toEqual(['cm'])
  const same = begin('mm')
  await same.type('cm')
  await same.type('mm')
  same.input.element.blur()
  expect(same.written()).toEqual([])
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
