import { describe, expect, it } from 'vitest'
import { rowsOf } from './rows'

describe('rows of labels', () => {
  it('keeps one row while nothing overlaps', () => {
    expect(
      rowsOf([
        { from: 0, to: 10 },
        { from: 10, to: 20 },
        { from: 25, to: 30 },
      ]),
    ).toEqual([0, 0, 0])
  })
  it('goes down where spans overlap, and up again', () => {
    expect(
      rowsOf([
        { from: 0, to: 10 },
        { from: 5, to: 15 },
        { from: 8, to: 12 },
        { from: 11, to: 20 },
      ]),
    ).toEqual([0, 1, 2, 0])
  })
  it('never uses more rows than it may', () => {
    const crowded = Array.from({ length: 5 }, () => ({ from: 0, to: 10 }))
    expect(rowsOf(crowded, 3)).toEqual([0, 1, 2, 2, 2])
  })
})
