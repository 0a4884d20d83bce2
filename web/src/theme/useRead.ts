import { computed, inject, provide, type InjectionKey } from 'vue'
import type { ThemeDetail } from '@/api/types'
import { held } from '@/property/values'

type Read = (key: string) => string
const KEY: InjectionKey<Read> = Symbol('read')

/** Lets whatever is beneath read the look that is worn: what is set, else what is built in; empty for what is made of others. */
export function provideRead(theme: () => ThemeDetail): Read {
  const all = computed(() => new Map(theme().groups.flatMap((g) => g.settings.map((p) => [p.key, p]))))
  const read: Read = (key) => {
    const property = all.value.get(key)
    return property ? String(held(property, theme().settings) ?? '') : ''
  }
  provide(KEY, read)
  return read
}
export const useRead = () => inject(KEY, () => '')
