/** A number with its noun: “1 page”, “14 pages”. */
export function counted(n: number, one: string, many = `${one}s`): string {
  return `${n.toLocaleString('en-GB')} ${n === 1 ? one : many}`
}
