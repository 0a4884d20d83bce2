const KILO = 1000

/** A size in bytes as people read it. */
export function weight(bytes: number): string {
  if (bytes <= 0) return ''
  if (bytes < KILO * KILO) return `${Math.max(1, Math.round(bytes / KILO))} kB`
  if (bytes < KILO * KILO * KILO) return `${(bytes / KILO / KILO).toFixed(1)} MB`
  return `${(bytes / KILO / KILO / KILO).toFixed(1)} GB`
}
