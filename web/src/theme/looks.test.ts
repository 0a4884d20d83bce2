import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { ThemeDetail } from '@/api/types'
import { newField } from '@/property/fields'
import { useSession } from '@/session/useSession'
import { moor, mounting, press } from '@/test/moor'
import ColourInput from './ColourInput.vue'
import LooksBar from './LooksBar.vue'

const theme = {
  id: 'dusk',
  looks: [
    { id: 'dusk', name: 'Dusk', worn: true, colours: ['#101010', '#FFFFFF'] },
    { id: 'chalk', name: 'Chalk', worn: false, colours: ['#FFFFFF', '#101010'] },
  ],
} as unknown as ThemeDetail
let given: ReturnType<typeof moor>['given']
beforeEach(() => {
  given = moor().given
})
const global = mounting
const bar = (trying: string | null = null) => mount(LooksBar, { props: { theme, trying }, global })

describe('the looks', () => {
  it('are tried before they are worn; the worn one puts it back', async () => {
    const wrapper = bar()
    await press(wrapper, 'Chalk')
    await press(wrapper, 'Dusk')
    expect(wrapper.emitted('update:trying')).toEqual([['chalk'], [null]])
    expect(given).toEqual([])
  })

  it('are worn, or put back', async () => {
    const wrapper = bar('chalk')
    await press(wrapper, 'Wear it')
    expect(given).toEqual([{ verb: 'wear-look', look: 'chalk' }])
    await press(bar('chalk'), 'Put it back')
    expect(given).toHaveLength(1)
  })

  it('are kept under another name, which is asked for', async () => {
    const wrapper = bar()
    await wrapper.get('form').trigger('submit')
    expect(given).toEqual([])
    await wrapper.get('input').setValue('Winter')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(given).toMatchObject([{ verb: 'keep-look', look: 'dusk', name: 'Winter' }])
    expect((wrapper.get('input').element as HTMLInputElement).value).toBe('')
  })

  it('are only tried by editors', () => {
    useSession().role = 'EDITOR'
    expect(bar('chalk').text()).not.toContain('Wear it')
    expect(bar().find('form').exists()).toBe(false)
  })
})

describe('a colour', () => {
  const open = () =>
    mount(ColourInput, { props: { property: newField('Words', '', []), value: '#101010' }, global })

  it('is chosen, or written as six digits with or without the mark', async () => {
    const wrapper = open()
    await wrapper.get('input[type=color]').setValue('#abcdef')
    expect(wrapper.emitted('change')).toEqual([['#ABCDEF']])
    const other = open()
    await other.get('.hex').setValue('0f0f0f')
    await other.get('.hex').trigger('change')
    expect(other.emitted('change')?.at(-1)).toEqual(['#0F0F0F'])
  })

  it('stays what it was where what is written is none', async () => {
    const wrapper = open()
    await wrapper.get('.hex').setValue('red')
    await wrapper.get('.hex').trigger('change')
    expect(wrapper.emitted('change')).toBeUndefined()
    expect((wrapper.get('.hex').element as HTMLInputElement).value).toBe('#101010')
  })
})
