import type { Api } from '../../api/client'

type Entry = Api['Entry']

/** Pieces that are alike: one line for what came in at several times. */
export interface Row {
  key: string
  /** The newest first. */
  entries: Entry[]
  newest: Entry
  count: number
}

/** What must be the same for two entries to stand in one line. */
function likeness(e: Entry) {
  return [e.kindId, e.soil, e.soilWords, e.solids, e.assumed].join('/')
}

/** Joins entries that are alike, in the order of the newest of each. */
export function joined(entries: Entry[]): Row[] {
  const rows = new Map<string, Entry[]>()
  for (const e of entries) rows.set(likeness(e), [...(rows.get(likeness(e)) ?? []), e])
  return [...rows].flatMap(([key, alike]) => {
    const [newest] = alike
    return newest
      ? [{ key, entries: alike, newest, count: alike.reduce((sum, e) => sum + e.count, 0) }]
      : []
  })
}
