const isPart = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null

/**
 * What is new, with those parts of what was that are equal, as the very same objects: what shows a part is drawn anew only where
 * the part has changed.
 */
export function withSameParts<T>(was: unknown, is: T): T {
  if (!isPart(was) || !isPart(is) || Array.isArray(was) !== Array.isArray(is)) return is
  const keys = Object.keys(is)
  const now = (Array.isArray(is) ? [] : {}) as Record<string, unknown>
  for (const key of keys) now[key] = withSameParts(was[key], is[key])
  const same =
    keys.length === Object.keys(was).length && keys.every((key) => now[key] === was[key] && key in was)
  return (same ? was : now) as T
}
