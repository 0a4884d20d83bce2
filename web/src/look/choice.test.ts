import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import ChoiceOf from './ChoiceOf.vue'

const later = () => new Promise((done) => setTimeout(done))
const items = [...'abcdefgh'].map((title) => ({ value: title, title }))

it('folds once what is pressed elsewhere has been pressed, and at once for the keyboard', async () => {
  const choice = mount(ChoiceOf, { props: { label: 'Letter', items }, attachTo: document.body })
  const beside = document.body.appendChild(document.createElement('button'))
  const open = () => choice.find('[role=radiogroup]').exists()
  const unroll = async () => {
    if (!open()) await choice.get('.chosen').trigger('click')
    await later()
    expect(open()).toBe(true)
  }
  await unroll()
  beside.dispatchEvent(new Event('pointerdown', { bubbles: true }))
  beside.focus()
  await later()
  expect(open()).toBe(true)
  beside.dispatchEvent(new Event('pointerup', { bubbles: true }))
  beside.click()
  await later()
  expect(open()).toBe(false)
  await unroll()
  beside.focus()
  await later()
  expect(open()).toBe(false)
  await unroll()
  ;(document.activeElement as HTMLElement).blur()
  await later()
  expect(open()).toBe(true)
})
