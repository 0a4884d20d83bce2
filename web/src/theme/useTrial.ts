import { inject, provide, shallowRef, type InjectionKey, type ShallowRef } from 'vue'

/** A colour or a number of the look while somebody is still choosing it. */
export interface Trial {
  key: string
  value: string
}
const KEY: InjectionKey<ShallowRef<Trial | null>> = Symbol('trial')

/** What is being tried in this screen: inputs say it before it is a step, and the contact sheet shows it. */
export function provideTrial() {
  const trial = shallowRef<Trial | null>(null)
  provide(KEY, trial)
  return trial
}

/** Where nobody shows what is tried, it is said to nobody. */
export function useTrial() {
  return inject(KEY, () => shallowRef<Trial | null>(null), true)
}
