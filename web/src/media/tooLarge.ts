import { weight } from './weight'

const MEGABYTE = 1024 * 1024
const MOST = 25
const MOST_PLAYED = 500

/** Whether a file is larger than is taken in, or than the site has room for (bytes): then by how much, in words. Films and sounds may be longer than the rest. */
export function tooLarge(file: Pick<File, 'size' | 'type'>, room = Infinity): string {
  const most = /^(video|audio)\//.test(file.type) ? MOST_PLAYED : MOST
  const has = `${Math.round(file.size / MEGABYTE)} MB`
  if (file.size > most * MEGABYTE) return `${has}; ${most} fit`
  return file.size > room ? `${weight(file.size)}; the site has room for ${weight(room) || 'nothing'}` : ''
}
