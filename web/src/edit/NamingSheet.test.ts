import { mount } from '@vue/test-utils'
import { expect, it, vi } from 'vitest'
import type { Outcome } from '@/api/client'
import type { Answer } from '@/api/types'
import NamingSheet from './NamingSheet.vue'

const REFUSED: Outcome<Answer> = {
  ok: false,
  problem: { status: 409, code: 'name-taken', detail: 'There is one called so.', fix: 'Take another name.' },
}

function sheet(...answers: Outcome<Answer>[]) {
  const give = vi.fn<(name: string) => Promise<Outcome<Answer>>>(() => Promise.resolve(answers.shift()!))
  const wrapper = mount(NamingSheet, {
    props: { heading: 'New', act: 'Make it', give },
    global: {
      directives: { focus: {} },
      stubs: {
        VDialog: { template: '<div><slot /></div>' },
        VBtn: { template: '<button :disabled="$attrs.disabled"><slot /></button>' },
        VTextField: {
          props: ['modelValue', 'errorMessages'],
          emits: ['update:modelValue'],
          template:
            '<p><input :value="modelValue" @input="$emit(\'update:modelValue\', $event.target.value)" /><em>{{ errorMessages }}</em></p>',
        },
      },
    },
  })
  return { wrapper, give, write: (words: string) => wrapper.get('input').setValue(words) }
}

it('makes one, however often it is asked, and closes', async () => {
  const { wrapper, give, write } = sheet({ ok: true, value: {} as Answer })
  await write('Course')
  void wrapper.get('form').trigger('submit')
  await wrapper.get('form').trigger('submit')
  await vi.waitFor(() => expect(wrapper.emitted('close')).toHaveLength(1))
  expect(give.mock.calls).toEqual([['Course']])
})

it('says at the name why it is refused, keeps it, and is quiet once it is mended', async () => {
  const { wrapper, give, write } = sheet(REFUSED, { ok: true, value: {} as Answer })
  await write('Course')
  await wrapper.get('form').trigger('submit')
  await vi.waitFor(() => expect(wrapper.get('em').text()).toBe('There is one called so. Take another name.'))
  expect(wrapper.emitted('close')).toBeUndefined()
  expect(wrapper.get<HTMLInputElement>('input').element.value).toBe('Course')
  await write('Lesson')
  expect(wrapper.get('em').text()).toBe('')
  await wrapper.get('form').trigger('submit')
  await vi.waitFor(() => expect(wrapper.emitted('close')).toHaveLength(1))
  expect(give).toHaveBeenCalledTimes(2)
})
