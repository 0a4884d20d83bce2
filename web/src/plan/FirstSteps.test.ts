import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import FirstSteps from './FirstSteps.vue'
import { useSession } from '@/session/useSession'
import { moor, mounting, press } from '@/test/moor'

const step = (key: string, done: boolean) => ({ key, title: `Do ${key}`, note: '', done, where: 'theme' })

describe('first steps', () => {
  async function open(steps: object[], manager = true) {
    const { asked } = moor([], () => ({ away: false, steps }))
    useSession().role = manager ? 'MANAGER' : 'EDITOR'
    const wrapper = mount(FirstSteps, { global: mounting })
    await flushPromises()
    return { wrapper, asked }
  }

  it('are counted, and gone when all is done, put away, or not one’s own to do', async () => {
    const { wrapper } = await open([step('one', true), step('two', false)])
    expect(wrapper.text()).toContain('1 of 2 done')
    await press(wrapper, 'Put away')
    expect(wrapper.find('section').exists()).toBe(false)
    expect((await open([step('one', true)])).wrapper.find('section').exists()).toBe(false)
    expect((await open([step('one', false)], false)).wrapper.find('section').exists()).toBe(false)
  })
})
