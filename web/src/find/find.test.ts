import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { useSession } from '@/session/useSession'
import { moor, mounting, row } from '@/test/moor'
import { cutAt } from './entry'
import FindIndex from './FindIndex.vue'

const pushed = vi.fn()
vi.mock('vue-router', () => ({
  useRouter: () => ({ push: pushed }),
  useRoute: () => ({ name: 'plan', params: { page: 'visit' } }),
}))
beforeEach(() => pushed.mockClear())

const ROWS = [row('visit', { found: 'Ashcombe Cross' }), row('revisit'), row('cafe', { title: 'Café' })]
const RULE = { key: 'words', name: 'Pictures without words', why: 'Some don’t see them.' }
const THEME = {
  groups: [
    {
      key: 'palette',
      label: 'Palette',
      settings: [
        { key: 'accent', label: 'Accent colour', choices: [] },
        { key: 'nightSwitch', label: 'A switch between light and dark', choices: [] },
      ],
    },
  ],
  identity: {
    groups: [
      {
        key: 'header',
        label: 'Logo and call to act',
        settings: [{ key: 'act', label: 'Call to act', choices: [] }],
      },
    ],
  },
}
const answers = (path: string) =>
  path.endsWith('/theme')
    ? THEME
    : { rules: [RULE], findings: [{ name: 'Visit', finding: { rule: 'words' } }] }

async function open() {
  moor(ROWS, answers)
  const wrapper = mount(FindIndex, { global: mounting, attachTo: document.body })
  await wrapper.get('input').trigger('focus')
  await flushPromises()
  const group = (name: string) =>
    wrapper.findAll(`[role=group][aria-label="${name}"] .name`).map((n) => n.text())
  const key = (key: string) => wrapper.get('input').trigger('keydown', { key })
  const at = () => wrapper.find('[aria-selected=true] .name').text()
  return { wrapper, group, key, at, write: (words: string) => wrapper.get('input').setValue(words) }
}

describe('the index', () => {
  it('finds pages by name, address and what they hold', async () => {
    const { group, write } = await open()
    await write('vis')
    expect(group('Pages')).toEqual(['Visit', 'Revisit'])
    await write('ashcombe')
    expect(group('Pages')).toEqual(['Visit'])
    await write('cafe')
    expect(group('Pages')).toEqual(['Café'])
  })

  it('knows settings, acts, findings and help by the words that people use', async () => {
    const { group, write } = await open()
    await write('publish')
    expect(group('What you can do')).toContain('Release changes')
    expect(group('Help')).toContain('Releases: going live')
    await write('accent')
    expect(group('Settings')).toEqual(['Accent colour'])
    await write('toggle')
    expect(group('Settings')).toEqual(['A switch between light and dark'])
    await write('cta')
    expect(group('Settings')).toEqual(['Call to act'])
    await write('pictures without')
    expect(group('Findings')).toEqual(['Pictures without words'])
  })

  it('is walked down a column and across, and Enter goes there', async () => {
    const { wrapper, key, at, write } = await open()
    await write('vis')
    expect(at()).toBe('Visit')
    await key('ArrowDown')
    await key('ArrowDown')
    const second = wrapper.get('input').attributes('aria-activedescendant')
    expect(second).toBe('index-revisit')
    await key('ArrowRight')
    expect(wrapper.get('[aria-selected=true]').attributes('id')).not.toBe(second)
    await key('ArrowLeft')
    await key('ArrowDown')
    await key('Enter')
    expect(pushed).toHaveBeenCalledWith({ name: 'page', params: { page: 'revisit' } })
    expect(wrapper.find('.index').exists()).toBe(false)
  })

  it('says that nothing is called so, and goes nowhere', async () => {
    const { wrapper, key, write } = await open()
    await write('nowhere at all')
    expect(wrapper.text()).toContain('Nothing is called so.')
    await key('Enter')
    expect(pushed).not.toHaveBeenCalled()
  })

  it('shows templates and kinds to managers alone', async () => {
    const { group, write } = await open()
    await write('wide')
    expect(group('Templates and kinds')).toEqual(['Wide picture'])
    useSession().role = 'EDITOR'
    await nextTick()
    expect(group('Templates and kinds')).toEqual([])
    await write('sidebar')
    expect(group('What you can do')).toEqual([])
  })

  it.each([
    ['Opening times', 'open', ['', 'Open', 'ing times']],
    ['Café Ångström', 'cafe a', ['', 'Café Å', 'ngström']],
    ['Reopen', 'OPEN', ['Re', 'open', '']],
    ['Visit', 'zzz', ['Visit', '', '']],
  ])('marks in “%s” what “%s” has found', (name, asked, parts) => expect(cutAt(name, asked)).toEqual(parts))
})
