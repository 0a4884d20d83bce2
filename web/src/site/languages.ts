import { computed, inject, provide, type InjectionKey, type Ref } from 'vue'
import type { MediaInfo } from '@/api/types'
import { useSite } from './useSite'

const KEY: InjectionKey<Ref<string>> = Symbol('language')
const NAMES = new Intl.DisplayNames(['en-GB'], { type: 'language' })

/** The language itself, without region and script. */
export function primary(language: string): string {
  return language.split('-')[0]!.toLowerCase()
}

/** Says in which language the page at hand is written, for those who write words of pictures there. */
export function provideLanguage(page: Ref<{ settings: { [key: string]: unknown } } | null>) {
  const site = useSite()
  provide(
    KEY,
    computed(() => {
      const own = String(page.value?.settings.language ?? 'site')
      return own === 'site' ? (site.catalog?.language ?? '') : own
    }),
  )
}

/** The language in which words of pictures are asked for here; the site's own where no page is at hand. */
export function useLanguage(): Ref<string> {
  const site = useSite()
  return inject(
    KEY,
    computed(() => site.catalog?.language ?? ''),
  )
}

/** Whether somebody has said in this language what a picture shows. */
export function isDescribed(
  media: Pick<MediaInfo, 'alt' | 'altIn' | 'decorative'>,
  language: string,
): boolean {
  const site = useSite()
  if (media.decorative) return true
  return isForeign(language, site.catalog?.language) ? !!media.altIn[primary(language)] : !!media.alt
}

export function isForeign(language: string, sites: string | undefined): boolean {
  return !!language && !!sites && primary(language) !== primary(sites)
}

/** “ in German”, or nothing for the site's own language. */
export function inLanguage(language: string): string {
  return isForeign(language, useSite().catalog?.language) ? ` in ${languageName(language)}` : ''
}

export function languageName(language: string): string {
  return NAMES.of(language) ?? language
}
