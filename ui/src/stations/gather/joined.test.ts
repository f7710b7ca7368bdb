import { describe, expect, it } from 'vitest'
import type { Api } from '../../api/client'
import { joined } from './joined'

function entry(id: number, more: Partial<Api['Entry']> = {}): Api['Entry'] {
  return {
    id,
    kindId: 1,
    kind: 'flat',
    count: 2,
    soil: 'WET',
    soilWords: 'pee',
    solids: 'NONE',
    assumed: false,
    ...more,
  } as Api['Entry']
}

describe('entries that are alike', () => {
  it('stand in one line, under the newest', () => {
    const rows = joined([entry(9), entry(7, { kindId: 2 }), entry(4, { count: 3 })])
    expect(rows.map((r) => r.entries.map((e) => e.id))).toEqual([[9, 4], [7]])
    expect(rows.map((r) => r.count)).toEqual([5, 2])
    expect(rows[0]?.newest.id).toBe(9)
  })

  it('stay apart when anything differs that somebody may want to mend', () => {
    const rows = joined([
      entry(1),
      entry(2, { soil: 'STOOL' }),
      entry(3, { solids: 'LINER' }),
      entry(4, { assumed: true }),
      entry(5, { soilWords: 'new' }),
    ])
    expect(rows).toHaveLength(5)
  })

  it('are none in an empty pail', () => expect(joined([])).toEqual([]))
})
