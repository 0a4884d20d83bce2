/** Where a page keeps its answers to the options of its template, among its values. */
const OPTION = 'option.'

/** The key of an answer to an option. */
export const optionKey = (option: string) => OPTION + option

/** The answers among a page's values, by option. */
export const optionAnswers = <T>(values: Record<string, T>): Record<string, T> =>
  Object.fromEntries(
    Object.entries(values)
      .filter(([key]) => key.startsWith(OPTION))
      .map(([key, value]) => [key.slice(OPTION.length), value]),
  )
