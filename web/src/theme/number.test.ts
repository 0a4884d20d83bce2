import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { defineComponent, h } from 'vue'
import type { Property } from '@/api/types'
import { moor, mounting as global } from '@/test/moor'
import SettingRow from './SettingRow.vue'
import { provideTrial } from './useTrial'

describe('a number of the look', () => {
  const space = {
    key: 'headerSpace',
    label: 'Space above and below',
    type: 'NUMBER',
    range: { min: 0, max: 80 },
    fallback: 0,
    unit: 'px',
    help: '',
    choices: [],
    entries: [],
    onlyWhen: '',
  } as unknown as Property
  let trial: ReturnType<typeof provideTrial>
  const kept: unknown[] = []
  const Screen = defineComponent(() => {
    trial = provideTrial()
    return () => h(SettingRow, { property: space, values: {}, onChange: (v: unknown) => kept.push(v) })
  })

  it('is seen while it is drawn along its line, and kept where it is let go; what does not fit says why', async () => {
    moor()
    const wrapper = mount(Screen, { global })
    const line = wrapper.get('input[type=range]')
    await line.setValue('40')
    expect(trial.value).toEqual({ key: 'headerSpace', value: '40' })
    await line.trigger('change')
    expect(kept.at(-1)).toBe(40)
    await wrapper.get('input[type=number]').setValue('400')
    await wrapper.get('input[type=number]').trigger('blur')
    expect(wrapper.get('[role=alert]').text()).toContain('from 0 to 80 px')
    expect(kept.at(-1)).toBe(40)
  })
})
