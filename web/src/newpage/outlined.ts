/** Whether several names are a list in which some stand beneath others, or name their kinds. */
export function isOutlined(text: string): boolean {
  const lines = text.split('\n').filter((l) => l.trim())
  return lines.some((l) => /^[^|]*\[[^\]|]+\]\s*(\||$)/.test(l)) || lines.slice(1).some((l) => /^\s/.test(l))
}
