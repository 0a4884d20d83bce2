import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { newField } from '@/property/fields'
import { useSite } from '@/site/useSite'
import { mounting as global, moor, press } from '@/test/moor'
import { server } from '@/test/server'
import JoiningSheet from './JoiningSheet.vue'
import MemberTableSheet from './MemberTableSheet.vue'

const TABLE = '/sites/moor/members/table'
const READ = {
  counts: { NEW: 2, OTHERWISE: 1, NOTHING: 4, REFUSED: 1 },
  rows: [
    { number: 3, email: 'no address', does: 'REFUSED', why: 'That is no address. Write name@host.' },
    { number: 1, email: 'rhona@vale.example', does: 'NEW', why: '' },
  ],
}

describe('members from a table', () => {
  beforeEach(() => vi.useFakeTimers())
  afterEach(() => vi.useRealTimers())

  async function given(words: string, answers: Record<string, unknown>) {
    const sent = server(answers)
    useSite().refresh = () => Promise.resolve(true)
    const wrapper = mount(MemberTableSheet, { global })
    await wrapper.get('textarea').setValue(words)
    await vi.advanceTimersByTimeAsync(400)
    await flushPromises()
    return { sent, wrapper }
  }

  it('say what each row would do before anything is done, and take in all but what is refused', async () => {
    const { sent, wrapper } = await given('E-mail\nrhona@vale.example', { [`${TABLE}/read`]: READ })
    expect(wrapper.get('[role=status]').text()).toContain('2 new members · 1 otherwise than now')
    expect(wrapper.get('.report').text()).toContain('Row 3 no address That is no address.')
    expect(wrapper.findAll('.report li'), 'rows that do something need no words').toHaveLength(1)
    expect(sent.filter((s) => s.startsWith(`${TABLE}/take`))).toEqual([])
    await press(wrapper, 'Take in 3 rows, leave out 1')
    await flushPromises()
    expect(sent.at(-1)).toContain(`${TABLE}/take`)
    expect(wrapper.emitted('taken')).toHaveLength(1)
    expect(wrapper.emitted('close')).toHaveLength(1)
  })

  it('stay as they were written where the table is refused', async () => {
    const refusal = {
      status: 422,
      code: 'no-column',
      detail: 'There is no column “E-mail”.',
      fix: 'Add one.',
    }
    const { wrapper } = await given('Name\nRhona', { [`${TABLE}/read`]: refusal })
    expect(wrapper.get('[role=alert]').text()).toBe('There is no column “E-mail”. Add one.')
    expect(wrapper.get('textarea').element.value).toBe('Name\nRhona')
    expect(wrapper.get('.yes').attributes('disabled')).toBeDefined()
    expect(wrapper.get('a[download]').attributes('href')).toBe(`/api${TABLE}`)
  })

  it('are not taken in twice by a double press, nor lost when the server refuses', async () => {
    const busy = {
      status: 409,
      code: 'too-many-members',
      detail: 'A site has 100000 members at most.',
      fix: 'Remove some.',
    }
    const { sent, wrapper } = await given('E-mail\na@b.example', {
      [`${TABLE}/read`]: READ,
      [`${TABLE}/take`]: busy,
    })
    const button = wrapper.get('.yes')
    await Promise.all([button.trigger('click'), button.trigger('click')])
    await flushPromises()
    expect(sent.filter((s) => s.startsWith(`${TABLE}/take`))).toHaveLength(1)
    expect(wrapper.get('[role=alert]').text()).toContain('A site has 100000 members at most.')
    expect(wrapper.emitted('close')).toBeUndefined()
  })
})

describe('how people become members', () => {
  const declared = ['joinWay', 'joinDomains', 'joinConsent'].map((key) => ({
    ...newField(key, '', []),
    key,
    label: key,
  }))

  it('is a fact of the site each, and domains stand there only where they count', async () => {
    const { given } = moor()
    const site = useSite()
    site.catalog = { ...site.catalog!, membership: declared, facts: { joinWay: 'asked' } }
    const wrapper = mount(JoiningSheet, { global })
    expect(wrapper.text()).not.toContain('joinDomains')
    site.catalog = { ...site.catalog, facts: { joinWay: 'domains', joinDomains: 'vale.example' } }
    await flushPromises()
    expect(wrapper.text()).toContain('joinDomains')
    const consent = wrapper.findAll('input, textarea').at(-1)!
    await consent.setValue('I keep the rules.')
    await consent.trigger('blur')
    await consent.trigger('change')
    await flushPromises()
    expect(given.at(-1)).toEqual({
      verb: 'set-value',
      item: 'site',
      key: 'joinConsent',
      value: 'I keep the rules.',
    })
  })
})
