import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import { afterEach, vi } from 'vitest'

// What a test of screens mounted or stubbed is gone after it, since tests of other files share its world.
disableAutoUnmount()
enableAutoUnmount(afterEach)
afterEach(() => {
  vi.unstubAllGlobals()
})
