import { t } from '../../words'
import { ref, shallowRef } from 'vue'
import { Problem, answer, api, type Api } from '../../api/client'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'

/** Pieces of a load or of what waits, picked out to be looked at or moved. */
export interface Picked {
  line: Api['PieceLine']
  /** Number of their load, or -1 while they wait. */
  from: number
}

export const STAYS = -1
export const OWN = 0

/**
 * The proposal with what a person moves in it. What is moved is kept by the house, so it is there after a reload and on
 * every device.
 *
 * @example const { sorting, move, picked } = useSorting()
 */
export function useSorting() {
  const { act, busy } = useAct()
  const messages = useMessages()
  const loaded = useAnswer('/api/v1/sorting')
  const sorting = loaded.data
  const picked = ref<Picked[]>([])
  const pair = shallowRef<Api['Pair']>()
  /** A move against a soft rule that waits for its reason. */
  const asking = shallowRef<{ to: number; verdict: Api['JoiningVerdict'] }>()

  async function reload() {
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
          api.GET('/api/v1/sorting/pair', {
            params: { query: { one: one.line.ids[0] ?? 0, other: other.line.ids[0] ?? 0 } },
          }),
        ),
      )
    }
  }

  /** Moves pieces to a load; a rule against it shows at once, and a soft one may be set aside with a reason. */
  async function move(what: Picked, to: number, reason?: string, always = false) {
    if (what.from === to) return
    const now = await changed(() =>
      answer(
        api.POST('/api/v1/sorting/moves', {
          body: {
            stamp: sorting.value?.stamp,
            ids: what.line.ids,
            from: what.from,
            to,
            reason,
            always,
          },
        }),
      ),
    )
    if (!now) return
    if (now.refused) {
      if (now.refused.hard)
        messages.problem(new Error(t('sort.useSorting.notMoved', { reason: now.refused.reason })))
      else asking.value = { to, verdict: now.refused }
      return
    }
    sorting.value = now
    const rule = always ? asking.value?.verdict.rule : undefined
    unpick()
    messages.done(t('sort.useSorting.moved', { words: what.line.words }), async () => {
      // Else the house would propose the same again.
      if (rule) await askAgain(rule)
      const back = await act(() => answer(api.DELETE('/api/v1/sorting/moves/last')))
      if (back) sorting.value = back
    })
  }

  /** Leaves out everything that was moved by hand. */
  async function asProposed() {
    const now = await act(() => answer(api.DELETE('/api/v1/sorting/moves')))
    if (now) {
      sorting.value = now
      unpick()
    }
  }

  /** Runs a change; where another carer was faster, shows what there is now. */
  async function changed<T>(work: () => Promise<T>) {
    let faster = false
    const result = await act(async () => {
      try {
        return await work()
      } catch (e) {
        faster = e instanceof Problem && e.current !== undefined
        throw e
      }
    })
    if (faster) await reload()
    return result
  }

  async function setAside(reason: string, always: boolean) {
    const asked = asking.value
    const what = picked.value[0]
    if (asked && what) await move(what, asked.to, reason, always)
  }

  /** Lets a rule hold again that the house has set aside. */
  async function askAgain(name: string) {
    const now = await act(() =>
      answer(api.DELETE('/api/v1/sorting/rules/{name}/aside', { params: { path: { name } } })),
    )
    if (now) sorting.value = now
  }

  /** Accepts all proposed loads, or one of them. */
  async function accept(number?: number) {
    const before = new Set(sorting.value?.loads.map((l) => l.id))
    const now = await changed(() =>
      answer(
        api.POST('/api/v1/sorting/accept', {
          body: {
            stamp: sorting.value?.stamp,
            numbers: number === undefined ? undefined : [number],
          },
        }),
      ),
    )
    if (!now) return
    unpick()
    sorting.value = now
    const made = now.loads.filter((l) => !before.has(l.id))
    messages.done(
      made.length === 1
        ? t('sort.useSorting.oneLoadIsReady')
        : t('sort.useSorting.loadsAreReady', { length: made.length }),
      () => takeBack(made.map((l) => l.id)),
    )
  }

  async function takeBack(ids: number[]) {
    for (const id of ids) {
      await act(() => answer(api.DELETE('/api/v1/loads/{id}', { params: { path: { id } } })))
    }
    await reload()
  }

  return {
    ...loaded,
    sorting,
    reload,
    picked,
    pair,
    asking,
    busy,
    isPicked,
    pick,
    unpick,
    move,
    asProposed,
    setAside,
    askAgain,
    accept,
    takeBack,
  }
}
