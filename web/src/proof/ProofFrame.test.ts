import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { moor } from '@/test/moor'
import ProofFrame from './ProofFrame.vue'

describe('a proof', () => {
  let posted: unknown[] = []
  beforeEach(() => {
    posted = []
    const { site } = moor()
    site.standing = { proofs: 'http://moor.localhost/-/proof/PASS/' } as never
    vi.spyOn(HTMLIFrameElement.prototype, 'contentWindow', 'get').mockReturnValue({
      postMessage: (message: unknown) => posted.push(message),
    } as never)
  })
  afterEach(() => vi.restoreAllMocks())
  const open = () =>
    mount(ProofFrame, { props: { path: 'pattern/voice', width: 1280, html: 'one', label: 'Proof' } })

  it('that was told to show something before it listened is told again once it does', async () => {
    const wrapper = open()
    await wrapper.setProps({ html: 'two' })
    posted = []
    await wrapper.get('iframe').trigger('load')
    expect(posted).toEqual([{ type: 'show', html: 'two' }])
  })

  it('of something else is not told what was to be shown before', async () => {
    const wrapper = open()
    await wrapper.setProps({ html: 'two' })
    await wrapper.setProps({ path: 'pattern/call' })
    await nextTick()
    posted = []
    await wrapper.get('iframe').trigger('load')
    expect(posted).toEqual([])
  })
})
