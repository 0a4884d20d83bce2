import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import type { FieldUse, Property } from '@/api/types'
import FieldCard from './FieldCard.vue'
import { newField } from '@/property/fields'
import KindFields from './KindFields.vue'
import { drag, isDragged } from '@/test/drag'

vi.mock('@/look/dragging', () => import('@/test/drag'))

const use = (field: Property): FieldUse => ({ field, own: 2, inheriting: 3, places: [] })
const FIELDS = [newField('Name', '', []), newField('Wing span', 'Size', []), newField('Weight', 'Size', [])]
const told = (fields: Property[]) => fields.map((f) => `${f.group}/${f.label}`)

/** A server that keeps what it is given, or refuses it. */
function builder(answer = true, still = false) {
  const keep = vi.fn<(fields: Property[]) => Promise<boolean>>(() => Promise.resolve(answer))
  const wrapper = mount(KindFields, {
    props: { uses: FIELDS.map(use), away: [], pages: 5, one: 'field', still, keep },
    global: {
      stubs: { FieldCard: true, WrittenInput: true, VBtn: { template: '<button><slot /></button>' } },
    },
  })
  const given = () => told(keep.mock.calls.at(-1)?.[0] ?? [])
  const card = (at: number) => wrapper.findAllComponents(FieldCard)[at]!
  return { wrapper, keep, given, card }
}

describe('a form being put together', () => {
  it('gives the whole list with what was changed, from wherever it was changed', async () => {
    const { card, given } = builder()
    card(1).vm.$emit('set', { ...FIELDS[1]!, label: 'Span' })
    expect(given()).toEqual(['/Name', 'Size/Span', 'Size/Weight'])
    card(0).vm.$emit('set', { ...FIELDS[0]!, label: 'Title' })
    expect(given()).toEqual(['/Title', 'Size/Span', 'Size/Weight'])
    card(2).vm.$emit('away')
    expect(given()).toEqual(['/Title', 'Size/Span'])
  })

  it('moves a field over a heading by keys, and a whole group by dragging', async () => {
    const { wrapper, card, given } = builder()
    card(1).vm.$emit('move', -1)
    await wrapper.vm.$nextTick()
    expect(given()).toEqual(['/Wing span', '/Name', 'Size/Weight'])
    drag(wrapper.findAll('section > header .grip')[1]!, wrapper.findAll('section')[0]!)
    expect(given()).toEqual(['Size/Weight', '/Wing span', '/Name'])
  })

  it('is as it was when it is refused', async () => {
    const { wrapper, card } = builder(false)
    card(1).vm.$emit('set', { ...FIELDS[1]!, label: '' })
    await vi.waitFor(() => expect(card(1).props('use').field.label).toBe('Wing span'))
    expect(wrapper.findAllComponents(FieldCard)).toHaveLength(3)
  })

  it('adds a field with a key of its own, opens it, and keeps the words where it is refused', async () => {
    const { wrapper, keep, given } = builder()
    await wrapper.get('form input').setValue('Weight')
    await wrapper.get('form').trigger('submit')
    expect(given()).toEqual(['/Name', 'Size/Wing span', 'Size/Weight', 'Size/Weight'])
    const keys = keep.mock.calls.at(-1)![0].map((f) => f.key)
    expect(new Set(keys).size).toBe(4)
    await vi.waitFor(() => expect(wrapper.get<HTMLInputElement>('form input').element.value).toBe(''))
    const refused = builder(false)
    await refused.wrapper.get('form input').setValue('Colour')
    await refused.wrapper.get('form').trigger('submit')
    await vi.waitFor(() => expect(refused.keep).toHaveBeenCalled())
    expect(refused.wrapper.get<HTMLInputElement>('form input').element.value).toBe('Colour')
  })

  it('offers nothing to those who may only look', () => {
    const { wrapper } = builder(true, true)
    expect(wrapper.find('form').exists()).toBe(false)
    expect(wrapper.findAll('.grip, .place').filter(isDragged)).toHaveLength(0)
  })
})
