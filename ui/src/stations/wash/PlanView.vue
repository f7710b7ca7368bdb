<script setup lang="ts">
import { duration, measure } from '../../use/format'
import { t } from '../../words'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, type Api } from '../../api/client'
import BathStrip from '../../charts/BathStrip.vue'
import HygieneBars from '../../charts/HygieneBars.vue'
import CautionNote from '../../parts/CautionNote.vue'
import LoadState from '../../parts/LoadState.vue'
import { useMessages } from '../../stores/messages'
import { useWhy } from '../../stores/why'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'
import ChangeLoad from './ChangeLoad.vue'
import FillUp from './FillUp.vue'
import MachineCard from './MachineCard.vue'
import MoreChoices from './MoreChoices.vue'
import RemedyRow from './RemedyRow.vue'
import SchoolTable from './SchoolTable.vue'
import WashVerdicts from './WashVerdicts.vue'
import { useCarer } from './useCarer'
import { useWishes, type Boost } from './useWishes'

const props = defineProps<{ loadId: number }>()
const emit = defineEmits<{ started: [] }>()

/** A practised round runs at this many times the speed of a real one. */
const PRACTICE_SPEED = 600

const router = useRouter()
const why = useWhy()
const messages = useMessages()
const { act, busy } = useAct()
const { carer } = useCarer()
const wishes = useWishes()
const { school, machineId, goal } = wishes

const { data: machines } = useAnswer('/api/v1/machines')
const {
  data: comparison,
  error,
  loading,
  reload,
} = useAnswer('/api/v1/loads/{id}/plans', () => ({
  params: {
    path: { id: props.loadId },
    query: { machineId: machineId.value, goal: goal.value },
  },
}))

const asked = shallowRef<Api['Plan']>()
const options = shallowRef<Api['Options']>()
const read = ref<Record<string, boolean>>({})

const plan = computed(
  () => asked.value ?? comparison.value?.plans.find((p) => p.school === school.value),
)
/** The plan of the method with nothing set by hand. */
const asItIs = computed(() => comparison.value?.plans.find((p) => p.school === school.value))
// A school that washes by hand takes the bucket by itself.
const machine = computed(() => machines.value?.find((m) => m.machine.name === plan.value?.machine))
const checks = computed(() => plan.value?.cautions.filter((c) => c.strength === 'CHECK') ?? [])
const stops = computed(() => plan.value?.cautions.filter((c) => c.strength === 'STOP') ?? [])
const ready = computed(
  () => stops.value.length === 0 && checks.value.every((c) => read.value[c.key]),
)

/** The load opens on the method that suits it here, once; then the person's choice stands. */
let opened = false
let looks = 0
const path = computed(() => ({ path: { id: props.loadId } }))
watch(
  comparison,
  (now) => {
    if (!now) return
    if (!opened || !now.plans.some((p) => p.school === school.value)) {
      opened = true
      school.value = now.offered
    } else {
      // What the household changed holds for the plan that is shown too.
      void replan()
    }
  },
  { immediate: true },
)
watch(school, () => {
  asked.value = undefined
  wishes.clear()
})
watch(wishes.request, replan, { deep: true })
watch(plan, (now) => why.suggest(now?.whys.temperature), { immediate: true })
watch(plan, look, { immediate: true })

/** Plans again with what was asked. If that cannot be planned, it says why and the last plan stays. */
async function replan() {
  if (wishes.plain.value && school.value === comparison.value?.offered) {
    asked.value = undefined
    return
  }
  const request = wishes.request.value
  try {
    const planned = await answer(
      api.POST('/api/v1/loads/{id}/plan', { params: path.value, body: request }),
    )
    if (wishes.request.value === request) asked.value = planned
  } catch (problem) {
    messages.problem(problem)
    wishes.temperatureC.value = undefined
  }
}

/** What else could be chosen is looked up once the plan stands; the last look wins. */
async function look() {
  if (!plan.value) return
  const mine = ++looks
  const found = await api.POST('/api/v1/loads/{id}/options', {
    params: path.value,
    body: wishes.request.value,
  })
  if (found.data && mine === looks) options.value = found.data
}

/** A method that was kept from this plan is the one that is shown. */
async function kept(id: string) {
  await reload()
  school.value = id
}

async function reason(other: string, key: string) {
  const query = { school: other, machineId: machineId.value, goal: goal.value }
  const whole = await answer(
    api.GET('/api/v1/loads/{id}/plan', { params: { ...path.value, query } }),
  )
  return whole.whys[key]
}

function remedy(r: Api['RemedyView']) {
  if (r.temperatureC != null) wishes.temperatureC.value = r.temperatureC
  wishes.boosts.value = [...wishes.boosts.value, ...(r.boosts as Boost[])]
}

async function begin(practise: boolean) {
  if (!plan.value || !ready.value) {
    messages.problem(
      new Error(
        stops.value.length
          ? t('wash.planView.aStopStandsChangeThe')
          : t('wash.planView.firstConfirmTheCheckIn'),
      ),
    )
    return
  }
  const round = await act(() =>
    answer(
      api.POST('/api/v1/rounds', {
        body: {
          ...wishes.request.value,
          loadId: props.loadId,
          checksRead: checks.value.map((c) => c.key),
          practise,
          carer: carer.value || undefined,
        },
      }),
    ),
  )
  if (!round) return
  if (practise) {
    await act(() =>
      answer(
        api.POST('/api/v1/pretend/washer', { body: { roundId: round.id, speed: PRACTICE_SPEED } }),
      ),
    )
  }
  emit('started')
}
function start() {
  return begin(false)
}
function card() {
  void router.push({
    path: '/card',
    query: { load: String(props.loadId), plan: JSON.stringify(wishes.request.value) },
  })
}

type Fold = 'methods' | 'change' | 'more'
const fold = ref<Fold>()
const FOLDS = computed<{ id: Fold; words: string }[]>(() => [
  {
    id: 'methods',
    words: t('wash.planView.otherMethods', Math.max(0, (comparison.value?.plans.length ?? 1) - 1)),
  },
  { id: 'change', words: t('wash.planView.changeThisLoad') },
  { id: 'more', words: questionWords.value },
])
/** How many questions another answer would change something of; they are looked up once the plan stands. */
const questionWords = computed(() => {
  const found = options.value?.questions.filter((q) => q.positions.some((p) => p.changes)).length
  return found ? t('wash.planView.questions', found) : t('wash.planView.anyQuestions')
})
</script>

<template>
  <LoadState :error="error" :loading="loading && !comparison" @again="reload" />
  <template v-if="comparison && plan">
    <div class="flex flex-col gap-x-6 gap-y-2 lg:flex-row lg:justify-between">
      <div class="min-w-0">
        <h1 class="text-[1.7rem]">{{ comparison.title }}</h1>
        <p class="mt-1">
          {{ plan.schoolName
          }}<template v-if="plan.school === comparison.offered"
            >. <span data-offered>{{ comparison.offeredWords }}</span></template
          >
        </p>
        <p class="mt-1 flex flex-wrap gap-x-3">
          <button
            v-for="f in FOLDS"
            :key="f.id"
            type="button"
            class="button-quiet min-h-9 px-0"
            :class="fold === f.id ? 'font-semibold' : ''"
            :aria-expanded="fold === f.id"
            :aria-controls="`fold-${f.id}`"
            :data-fold="f.id"
            @click="fold = fold === f.id ? undefined : f.id"
          >
            {{ f.words }}
          </button>
        </p>
      </div>
      <div
        class="fixed inset-x-0 bottom-(--pegs) z-20 border-t border-line bg-paper px-4 py-2 lg:static lg:w-72 lg:shrink-0 lg:border-0 lg:p-0 print:hidden"
      >
        <button
          type="button"
          class="button-main w-full"
          :disabled="busy || !ready"
          data-main
          @click="start"
        >
          {{ $t('wash.planView.startThisWash') }}
        </button>
        <p class="mt-1 text-sm lg:text-right">
          {{
            stops.length
              ? $t('wash.planView.aStopStandsChangeThe2')
              : ready
                ? $t('wash.planView.readyAtIfStartedNow', {
                    readyWords: plan.figures.readyWords,
                    yours: duration(plan.figures.attendedMinutes),
                  })
                : $t('wash.planView.firstConfirmTheCheckIn2')
          }}
        </p>
      </div>
    </div>

    <div
      v-for="stop in stops"
      :key="stop.key + stop.step"
      class="hatch mt-2 border-2 border-heat p-3"
      role="alert"
    >
      <CautionNote :caution="stop" />
    </div>
    <button
      v-if="plan.nearestC != null"
      type="button"
      class="button-plain mt-2 font-semibold"
      data-nearest
      @click="wishes.temperatureC.value = plan.nearestC"
    >
      {{ $t('wash.planView.planInstead', { nearestC: measure(plan.nearestC, 'celsius') }) }}
    </button>
    <div
      v-if="checks.length"
      class="mt-2 border-l-4 border-sun pl-3 text-sm"
      data-checks
      :aria-label="$t('wash.planView.readFirst')"
      role="group"
    >
      <CautionNote
        v-for="c in checks"
        :key="c.key"
        class="py-0.5"
        :caution="c"
        confirmable
        :read="read[c.key] ?? false"
        @update:read="(now: boolean) => (read = { ...read, [c.key]: now })"
      />
    </div>

    <WashVerdicts :plan="plan" />
    <FillUp :load-id="loadId" @filled="reload" />
    <RemedyRow
      v-if="!plan.figures.goalMet && options?.remedies.length"
      :verdict="plan.figures.goalVerdict"
      :remedies="options.remedies"
      @take="remedy"
    />

    <SchoolTable
      v-if="fold === 'methods'"
      id="fold-methods"
      class="mt-4 border-y border-ink py-3"
      :comparison="comparison"
      :current="plan"
      :reason="reason"
      @choose="(id: string) => (school = id)"
    />
    <ChangeLoad
      v-if="fold === 'change' && machine && asItIs"
      id="fold-change"
      class="mt-4 border-y border-ink py-3"
      :comparison="comparison"
      :plan="plan"
      :as-it-is="asItIs"
      :machines="machines ?? []"
      :machine="machine"
      :wishes="wishes"
      @kept="kept"
    />
    <MoreChoices
      v-if="fold === 'more' && options"
      id="fold-more"
      class="mt-4 border-y border-ink py-3"
      :options="options"
      :wishes="wishes"
      :plan="plan"
      @house="reload"
      @kept="kept"
    />

    <MachineCard class="mt-4" :plan="plan" />
    <p v-for="bend in plan.bends" :key="bend" class="mt-1 text-sm" data-bend>↷ {{ bend }}</p>
    <BathStrip class="mt-3" :plan="plan" />
    <details class="mt-2" data-germs>
      <summary class="button-quiet px-0">{{ $t('wash.planView.whatLowersTheGerms') }}</summary>
      <HygieneBars class="mt-2" :plan="plan" />
    </details>
    <p class="mt-3 flex flex-wrap gap-2 pb-24 lg:pb-0 print:hidden">
      <button
        type="button"
        class="button-plain"
        :disabled="busy || !ready"
        data-practise
        @click="begin(true)"
      >
        {{ $t('wash.planView.practiseIt') }}
      </button>
      <button type="button" class="button-plain" data-card @click="card">
        {{ $t('wash.planView.wallCard') }}
      </button>
    </p>
  </template>
</template>
