/** A span on a line, in the units of the picture. */
export interface Span {
  from: number
  to: number
}

/**
 * Returns for each span, in order, the first row in which it lies on no other. Where every row is taken, the last of
 * `most` rows is used all the same.
 */
export function rowsOf(spans: readonly Span[], most = Infinity): number[] {
  const ends: number[] = []
  return spans.map((span) => {
    const free = ends.findIndex((end) => end <= span.from)
    const row = free >= 0 ? free : Math.min(ends.length, most - 1)
    ends[row] = span.to
    return row
  })
}
