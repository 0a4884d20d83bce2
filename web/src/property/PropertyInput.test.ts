import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { newField } from './fields'
import PropertyInput from './PropertyInput.vue'

beforeEach(() => {
  setActivePinia(createPinia())
  vi.useFakeTimers()
})
afterEach(() => vi.useRealTimers())

function begin(value: string) {
  const wrapper = mount(PropertyInput, {
    props: { property: newField('Meet', '', []), value },
    attachTo: document.body,
  })
  const input = wrapper.get('input')
  const words = () => input.element.value
  const told = () => (wrapper.emitted('change') ?? []).map((e) => e[0])
  const kept = (now: string) => wrapper.setProps({ value: now })
  return { wrapper, input, words, told, kept }
}

describe('words being written', () => {
  it('go out at once, then together, and once more when they are left', async () => {
    const { input, told } = begin('')
    input.element.focus()
    for (const typed of ['a', 'ab', 'abc', 'abcd']) await input.setValue(typed)
    expect(told()).toEqual(['a'])
    vi.advanceTimersByTime(300)
    expect(told()).toEqual(['a', 'abcd'])
    await input.setValue('abcde')
    input.element.blur()
    expect(told().at(-1)).toBe('abcde')
  })

  it('go out before the window is left or reloaded, and when their place goes away', async () => {
    const { wrapper, input, told } = begin('')
    const change = vi.fn()
    await wrapper.setProps({ onChange: change })
    input.element.focus()
    await input.setValue('a')
    await input.setValue('ab')
    window.dispatchEvent(new Event('pagehide'))
    expect(told()).toEqual(['a', 'ab'])
    await input.setValue('abc')
    wrapper.unmount()
    expect(change).toHaveBeenLastCalledWith('abc')
  })

  it('take over what somebody else has written meanwhile', async () => {
    const { input, words, told, kept } = begin('Gate')
    input.element.focus()
    await kept('North gate')
    expect(words()).toBe('North gate')
    input.element.blur()
    expect(told()).toEqual([])
  })

  it('are not rewritten by their own echo, cleaned as it may be, nor while some are unsent', async () => {
    const { input, words, kept } = begin('')
    input.element.focus()
    await input.setValue('a  b ')
    await kept('a b')
    expect(words()).toBe('a  b ')
    await input.setValue('a  b c')
    await kept('something else')
    expect(words()).toBe('a  b c')
  })

  it('that don’t fit stay as they are written, and are not told', async () => {
    const wrapper = mount(PropertyInput, {
      props: { property: { ...newField('Span', '', []), type: 'NUMBER', range: { max: 3 } }, value: 2 },
      attachTo: document.body,
    })
    const input = wrapper.get('input')
    input.element.focus()
    await input.setValue('4')
    input.element.blur()
    await wrapper.setProps({ value: 1 })
    expect(input.element.value).toBe('4')
    expect(wrapper.emitted('change')).toBeUndefined()
    expect(wrapper.get('[role=alert]').text()).toContain('at most 3')
    input.element.focus()
    vi.advanceTimersByTime(300)
    await input.setValue('3')
    expect(wrapper.emitted('change')).toEqual([[3]])
  })
})
