/**
 * Where a walk begins: under the site's own name, by the pass that opens its proofs.
 *
 * @param as whom: a stranger, one of us, or the groups of a member
 */
export function walkHref(proofs: string, as: string, of: 'working' | 'live', to: string): string {
  return `${proofs.replace('/-/proof/', '/-/walk/')}${as}/${of}?to=${encodeURIComponent(to)}`
}
