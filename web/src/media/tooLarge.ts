const MEGABYTE = 1024 * 1024
const MOST = 25
const MOST_PLAYED = 500

/** Whether a file is larger than is taken in: then by how much, in words. Films and sounds may be longer than the rest. */
export function tooLarge(file: Pick<File, 'size' | 'type'>): string {
  const most = /^(video|audio)\//.test(file.type) ? MOST_PLAYED : MOST
  return file.size > most * MEGABYTE ? `${Math.round(file.size / MEGABYTE)} MB; ${most} fit` : ''
}
