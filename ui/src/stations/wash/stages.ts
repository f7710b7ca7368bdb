/** What to call a person for: the next part, the end of the last one, or nothing. */
export type Call = 'next' | 'end' | undefined

/**
 * Returns what to call for when the current part changes. A new step begins with its own first part, and nobody is
 * called for what they have just tapped.
 *
 * @param was index of the part before, -1 for none
 * @param is index of the part now, -1 when all are over
 * @param count how many parts the step has now
 */
export function callFor(was: number, is: number, count: number): Call {
  if (was < 0) return undefined
  if (is === was + 1) return 'next'
  return is === -1 && was === count - 1 ? 'end' : undefined
}
