const ACCENTED: Record<string, string> = { a: 'á', e: 'é', i: 'í', o: 'ó', u: 'ú', y: 'ý' }

/** What is no word in a message: values in braces, and text in quotes within braces. */
const VALUE = /(\{[^}]*\})/

function drawnOut(text: string) {
  return text.replace(/[aeiouy]/gi, (c) => {
    const low = ACCENTED[c.toLowerCase()] ?? c
    return (c === c.toLowerCase() ? low : low.toUpperCase()) + low
  })
}

/** A language that nobody speaks, for tests: accented and drawn out, so that words left in a view stand out. */
export function pseudo<T>(messages: T): T {
  if (typeof messages === 'string')
    return messages
      .split(VALUE)
      .map((part) => (VALUE.test(part) ? part : drawnOut(part)))
      .join('') as T
  return Object.fromEntries(
    Object.entries(messages as object).map(([key, value]) => [key, pseudo(value)]),
  ) as T
}
