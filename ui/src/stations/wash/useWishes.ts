import { computed, reactive, toRefs } from 'vue'
import type { Api } from '../../api/client'

export type Goal = Api['Figures']['goal']
export type Besides = {
  productId: number
  where: 'FIRST_WASH' | 'MAIN_WASH' | 'LAST_RINSE'
  ml: number
}
export type Settings = NonNullable<Api['PlanRequest']['settings']>
export type Boost = 'LONGER' | 'WHITENER' | 'SANITISER'

/**
 * What a person wants of one load beyond the school: temperature, machine, goal, positions, products besides, and
 * what else is set by hand.
 *
 * @example const wishes = useWishes(); await answer(api.POST('/api/v1/loads/{id}/plan', { body: wishes.request.value }))
 */
export function useWishes() {
  const wanted = reactive({
    school: 'hot-and-full',
    temperatureC: undefined as number | undefined,
    machineId: undefined as number | undefined,
    goal: undefined as Goal | undefined,
    positions: {} as Record<string, string>,
    besides: [] as Besides[],
    boosts: [] as Boost[],
    settings: {} as Settings,
  })
  const request = computed<Api['PlanRequest']>(() => ({
    school: wanted.school,
    temperatureC: wanted.temperatureC,
    machineId: wanted.machineId,
    goal: wanted.goal,
    positions: wanted.positions,
    besides: wanted.besides,
    boosts: wanted.boosts,
    settings: wanted.settings,
  }))
  /** Whether anything is asked beyond what the comparison of all schools shows. */
  const plain = computed(
    () =>
      wanted.temperatureC === undefined &&
      Object.keys(wanted.positions).length === 0 &&
      wanted.besides.length === 0 &&
      wanted.boosts.length === 0 &&
      Object.keys(wanted.settings).length === 0,
  )

  /** Takes everything back that was asked beyond school, machine and goal. */
  function clear() {
    wanted.temperatureC = undefined
    wanted.positions = {}
    wanted.besides = []
    wanted.boosts = []
    wanted.settings = {}
  }

  /** Sets a part of the routine by hand, or leaves it to the method again. */
  function set(part: keyof Settings, key: string, value: string | number | boolean | undefined) {
    const now = { ...wanted.settings[part], [key]: value }
    const all = { ...wanted.settings, [part]: now }
    if (Object.values(now).every((v) => v === undefined)) delete all[part]
    wanted.settings = all
  }

  /** Chooses a position on a question, or takes it back when it was chosen already. */
  function choose(question: string, position: string) {
    const now = { ...wanted.positions }
    if (now[question] === position) delete now[question]
    else now[question] = position
    // A choice about heat stands instead of a temperature that was asked for before.
    if (question === 'MAIN_HEAT') wanted.temperatureC = undefined
    wanted.positions = now
  }

  /** Leaves all that was set by hand to the method again. */
  function unset() {
    wanted.settings = {}
  }

  /** Puts a product in besides. */
  function put(more: Besides) {
    wanted.besides = [...wanted.besides, more]
  }

  /** Takes out what was put in besides. */
  function takeOut(index: number) {
    wanted.besides = wanted.besides.filter((_, i) => i !== index)
  }

  return { ...toRefs(wanted), request, plain, clear, set, unset, choose, put, takeOut }
}

export type Wishes = ReturnType<typeof useWishes>
