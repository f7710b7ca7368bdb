import { ref, shallowRef } from 'vue'
import { Problem, answer, api, type Api } from '../../api/client'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useLoaded } from '../../use/useLoaded'

export type Move = Api['ProposalMoveSent']

/** Pieces of a load or of what waits, picked out to be looked at or moved. */
export interface Picked {
  line: Api['PieceLine']
  /** Number of their load, or -1 while they wait. */
  from: number
}

export const STAYS = -1
export const OWN = 0

/**
 * The proposal with what a person moves in it. Moves are kept here and sent whole each time, so that undoing one is
 * leaving it out.
 *
 * @example const { sorting, move, picked } = useSorting()
 */
export function useSorting() {
  const { act, busy } = useAct()
  const messages = useMessages()
  const loaded = useLoaded(() => answer(api.GET('/api/sorting')))
  const sorting = loaded.data
  const moves = ref<Move[]>([])
  const picked = ref<Picked[]>([])
  const pair = shallowRef<Api['Pair']>()
  /** A move against a soft rule that waits for its reason. */
  const asking = shallowRef<{ move: Move; verdict: Api['JoiningVerdict'] }>()

  async function reload() {
    moves.value = []
    unpick()
    await loaded.reload()
  }

  function unpick() {
    picked.value = []
    pair.value = undefined
    asking.value = undefined
  }

  function isPicked(line: Api['PieceLine'], from: number) {
    return picked.value.some((p) => p.from === from && p.line.ids.join() === line.ids.join())
  }

  async function pick(line: Api['PieceLine'], from: number) {
    asking.value = undefined
    pair.value = undefined
    if (isPicked(line, from)) {
      picked.value = picked.value.filter((p) => p.line.ids.join() !== line.ids.join())
      return
    }
    picked.value = [...picked.value.slice(-1), { line, from }]
    const [one, other] = picked.value
    if (one && other) {
      pair.value = await act(() =>
        answer(
          api.GET('/api/sorting/pair', {
            params: { query: { one: one.line.ids[0] ?? 0, other: other.line.ids[0] ?? 0 } },
          }),
        ),
      )
    }
  }

  async function send(wanted: Move[]) {
    return act(() => answer(api.POST('/api/sorting', { body: { moves: wanted } })))
  }

  /** Moves pieces to a load; a rule against it is told at once, and a soft one may be set aside with a reason. */
  async function move(what: Picked, to: number, reason?: string) {
    if (what.from === to) return
    const one: Move = { ids: what.line.ids, from: what.from, to, reason }
    const before = moves.value
    const now = await send([...before, one])
    if (!now) return
    if (now.refused) {
      if (now.refused.hard) messages.problem(new Error(`It stays: ${now.refused.reason}.`))
      else asking.value = { move: one, verdict: now.refused }
      return
    }
    moves.value = [...before, one]
    sorting.value = now
    unpick()
    messages.done(`${what.line.words}: moved.`, async () => {
      const back = await send(before)
      if (back) {
        moves.value = before
        sorting.value = back
      }
    })
  }

  async function setAside(reason: string) {
    const asked = asking.value
    const what = picked.value[0]
    if (asked && what) await move(what, asked.move.to ?? STAYS, reason)
  }

  /** Accepts all proposed loads, or one of them. */
  async function accept(number?: number) {
    const before = new Set(sorting.value?.loads.map((l) => l.id))
    let changed = false
    const now = await act(async () => {
      try {
        return await answer(
          api.POST('/api/sorting/accept', {
            body: {
              stamp: sorting.value?.stamp,
              moves: moves.value,
              numbers: number === undefined ? undefined : [number],
            },
          }),
        )
      } catch (e) {
        changed = e instanceof Problem && e.current !== undefined
        throw e
      }
    })
    if (changed) await keepMoves()
    if (!now) return
    moves.value = []
    unpick()
    sorting.value = now
    const made = now.loads.filter((l) => !before.has(l.id))
    messages.done(
      made.length === 1 ? 'One load is ready.' : `${made.length} loads are ready.`,
      () => takeBack(made.map((l) => l.id)),
    )
  }

  /** Another carer changed the pails: what was moved here is moved in the new proposal too, where it still can be. */
  async function keepMoves() {
    const mine = moves.value
    unpick()
    const kept = mine.length ? await api.POST('/api/sorting', { body: { moves: mine } }) : undefined
    if (kept?.data && !kept.data.refused) {
      sorting.value = kept.data
    } else {
      moves.value = []
      await loaded.reload()
      if (mine.length) {
        messages.problem(
          new Error('The pails changed meanwhile, and what you moved no longer fits. Look again.'),
        )
      }
    }
  }

  async function takeBack(ids: number[]) {
    for (const id of ids) {
      await act(() => answer(api.DELETE('/api/loads/{id}', { params: { path: { id } } })))
    }
    await reload()
  }

  return {
    ...loaded,
    sorting,
    reload,
    moves,
    picked,
    pair,
    asking,
    busy,
    isPicked,
    pick,
    unpick,
    move,
    setAside,
    accept,
    takeBack,
  }
}
