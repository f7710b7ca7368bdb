<script setup lang="ts">
import { t } from '../../words'
import ScreenNote from '../../parts/ScreenNote.vue'
import { useNow } from '@vueuse/core'
import { storeToRefs } from 'pinia'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, type Api } from '../../api/client'
import BathStrip from '../../charts/BathStrip.vue'
import CautionNote from '../../parts/CautionNote.vue'
import NoticedTaps from '../../parts/NoticedTaps.vue'
import { useLine } from '../../stores/line'
import { useMessages } from '../../stores/messages'
import { useWhy } from '../../stores/why'
import { duration, measure } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'
import { useKeys } from '../../use/useKeys'
import BellChoice from '../../parts/BellChoice.vue'
import RunDoses from './RunDoses.vue'
import RunHappened from './RunHappened.vue'
import RunJudgements from './RunJudgements.vue'
import RunStages from './RunStages.vue'
import RunTools from './RunTools.vue'
import { useBell } from '../../use/useBell'
import { useStepFocus } from '../../use/useStepFocus'
import { useCarer } from './useCarer'

/** One step at a time, very large, with what is next. Every device that looks at it shows the same, at once. */
const props = defineProps<{ round: Api['Round']; washer?: Api['PretendWasherState'] }>()
const emit = defineEmits<{ changed: []; practised: [] }>()

const MS_PER_MINUTE = 60_000
const SPEEDS = [1, 10, 60, 600]
const router = useRouter()
const messages = useMessages()
const why = useWhy()
const { act, busy } = useAct()
const { data: household } = useAnswer('/api/v1/household')
const { carer } = useCarer()
const bell = useBell()
const { ahead } = storeToRefs(useLine())
const now = useNow({ interval: 1000 })
const shares = ref<number[]>([])
const title = useTemplateRef<HTMLElement>('title')

const practised = computed(() => props.round.state === 'PRACTISE')
const plan = computed(() => props.round.plan)
const step = computed(() => plan.value.steps.find((s) => s.number === props.round.currentStep))
const next = computed(() =>
  plan.value.steps.find((s) => s.number === (props.round.currentStep ?? 0) + 1),
)
const cautions = computed(() => plan.value.cautions.filter((c) => c.step === step.value?.number))
const working = computed(() =>
  props.washer?.roundId === props.round.id && props.washer.step === props.round.currentStep
    ? props.washer
    : undefined,
)
const left = computed(() => {
  if (working.value && !working.value.waits) return working.value.minutes - working.value.minute
  if (!props.round.currentEnds) return 0
  return Math.ceil((Date.parse(props.round.currentEnds) - moment.value) / MS_PER_MINUTE)
})
/** While it is held the clock stands where the hold began. */
const moment = computed(() =>
  props.round.heldSince ? lastSeen.value : now.value.getTime() + ahead.value,
)
/** The moment for which the server told when the step ends. */
const lastSeen = ref(Date.now())
watch(
  () => props.round,
  () => (lastSeen.value = Date.now() + ahead.value),
  { immediate: true },
)
const share = computed(() => {
  const minutes = step.value?.minutes ?? 1
  return Math.min(1, Math.max(0, 1 - left.value / minutes))
})
const at = computed(() => {
  const before = plan.value.steps
    .filter((s) => s.number < (props.round.currentStep ?? 0))
    .reduce((sum, s) => sum + s.minutes, 0)
  const minutes = step.value?.minutes ?? 0
  return before + Math.min(minutes, Math.max(0, minutes - left.value))
})
const clockWords = computed(() => {
  if (props.round.heldSince) return t('wash.runView.held', { heldWhy: props.round.heldWhy })
  if (left.value > 0) return t('wash.runView.left', { value: duration(left.value) })
  return step.value?.attended ? t('wash.runView.takeYourTime') : t('wash.runView.shouldBeDone')
})

watch(
  step,
  (is, was) => {
    const dose = is?.doses[0]
    why.suggest(plan.value.whys[dose ? dose.why : 'minutes'])
    if (is?.attended && was && !was.attended)
      bell.ring(t('wash.runView.youAreNeeded', { title: is.title }))
  },
  { immediate: true },
)
watch(left, (minutes, before) => {
  if (minutes <= 0 && before > 0 && step.value && !step.value.attended) {
    bell.ring(t('wash.runView.shouldBeDone2', { title: step.value.title }))
  }
})

/** The end of a machine's last part is the end of its step, which rings by itself. */
function partOver(following: string | undefined) {
  if (following) bell.ring(t('wash.runView.youAreNeeded', { title: following }))
  else if (step.value?.attended)
    bell.ring(t('wash.runView.shouldBeDone2', { title: step.value.title }))
}

useStepFocus(title, () => props.round.currentStep)

const path = computed(() => ({ path: { id: props.round.id } }))
const by = computed(() => carer.value || undefined)

async function tick() {
  const current = step.value
  if (!current) return
  const wasPractice = practised.value
  const round = await act(() =>
    answer(
      api.POST('/api/v1/rounds/{id}/steps/{number}', {
        params: { path: { id: props.round.id, number: current.number } },
        body: { shares: shares.value, carer: by.value },
      }),
    ),
  )
  if (round?.currentStep == null && round) {
    if (wasPractice) {
      messages.done(t('wash.runView.practiceFinishedNothingOfIt'))
      emit('practised')
      return
    }
    messages.done(t('wash.runView.washedHangItNowA'))
    void router.push('/dry')
    return
  }
  emit('changed')
}

async function stopWash() {
  const done = await act(async () => {
    await answer(api.DELETE('/api/v1/rounds/{id}', { params: path.value }))
    return true
  })
  if (!done) return
  messages.done(t('wash.runView.stoppedThePiecesAreIn'))
  emit('changed')
}

async function change(call: () => Promise<Api['Round']>) {
  const round = await act(call)
  if (round) emit('changed')
  return round
}
function untick() {
  return change(() => answer(api.DELETE('/api/v1/rounds/{id}/steps/last', { params: path.value })))
}
/** Takes the last answer back, with what it added and what it told. */
function unanswer() {
  return change(() =>
    answer(api.DELETE('/api/v1/rounds/{id}/answers/last', { params: path.value })),
  )
}
async function say(judgement: Api['JudgementView'], chosen: string) {
  const before = props.round.steps.length
  const round = await change(() =>
    answer(
      api.POST('/api/v1/rounds/{id}/answers', {
        params: path.value,
        body: { judgement: judgement.id as never, answer: chosen, carer: by.value },
      }),
    ),
  )
  if (round && round.steps.length > before) {
    const added = round.plan.steps.find((s) => s.number === round.currentStep)
    messages.done(
      t('wash.runView.addedReadyAt', { title: added?.title, readyWords: round.readyWords }),
      unanswer,
    )
  } else if (round) {
    messages.done(t('wash.runView.noted'), unanswer)
  }
}
function hold(reason: string) {
  return change(() =>
    answer(
      api.POST('/api/v1/rounds/{id}/hold', {
        params: path.value,
        body: { why: reason, carer: by.value },
      }),
    ),
  )
}
function resume() {
  return change(() =>
    answer(
      api.POST('/api/v1/rounds/{id}/resume', { params: path.value, body: { carer: by.value } }),
    ),
  )
}
function more(minutes: number) {
  return change(() =>
    answer(
      api.POST('/api/v1/rounds/{id}/more', {
        params: path.value,
        body: { minutes, carer: by.value },
      }),
    ),
  )
}
function skip(reason: string) {
  return change(() =>
    answer(
      api.POST('/api/v1/rounds/{id}/skip', {
        params: path.value,
        body: { why: reason, carer: by.value },
      }),
    ),
  )
}
function handOver(to: string) {
  return change(() =>
    answer(api.POST('/api/v1/rounds/{id}/handover', { params: path.value, body: { carer: to } })),
  )
}
function attach(speed: number) {
  return act(() =>
    answer(api.POST('/api/v1/pretend/washer', { body: { roundId: props.round.id, speed } })),
  )
}
async function stopPractice() {
  await act(() => answer(api.DELETE('/api/v1/rounds/practice')))
  emit('practised')
}

useKeys({ h: () => hold(t('wash.runView.heldForAWhile')) })
</script>

<template>
  <div
    v-if="practised"
    class="hatch mb-2 flex flex-wrap items-center gap-3 border border-ink p-2"
    data-practice
  >
    <p>
      <strong>{{ $t('wash.runView.practice') }}</strong>
      {{ $t('wash.runView.aPretendWasherTimesAs', { speed: washer?.speed ?? 600 }) }}
    </p>
    <button type="button" class="button-plain" data-stop-practice @click="stopPractice">
      {{ $t('wash.runView.stopPractising') }}
    </button>
  </div>
  <p class="text-soft">
    <span class="hidden sm:inline">{{
      $t('wash.runView.sinceReadyAt', {
        schoolName: plan.schoolName,
        title: round.title,
        startedWords: round.startedWords,
        carer: round.carer ? $t('wash.runView.with', { carer: round.carer }) : '',
      })
    }}</span>
    {{ $t('wash.runView.readyAt') }}
    <strong data-ready-at>{{ round.readyWords }}</strong>{{
      $t('wash.runView.needsYouForInAll', {
        attendedMinutes: duration(plan.figures.attendedMinutes),
      })
    }}
  </p>
  <section v-if="step" class="mt-2 border-y-2 border-ink py-4" data-running>
    <p class="text-lg">
      {{
        $t('wash.runView.stepOf', {
          number: step.number,
          length: plan.steps.length,
          attended: step.attended ? $t('wash.runView.you') : $t('wash.runView.theMachine'),
        })
      }}
    </p>
    <h1 ref="title" tabindex="-1" class="mt-1 text-3xl outline-none sm:text-5xl" data-running-title>
      {{ step.title }}
    </h1>
    <p class="mt-2 text-xl sm:text-2xl">{{ step.detail }}</p>
    <RunDoses v-model="shares" :step="step" :whys="plan.whys" />
    <RunStages :stages="round.stages" :moment="moment" @over="partOver" />
    <p class="mt-3 hidden text-soft sm:block">{{ step.reason }}</p>
    <div class="mt-4 flex items-center gap-4">
      <p class="font-head text-3xl font-bold" role="timer">{{ clockWords }}</p>
      <div class="h-3 flex-1 border border-ink" aria-hidden="true">
        <div class="h-full bg-water" :style="{ width: `${share * 100}%` }" />
      </div>
    </div>
    <p v-if="working" class="mt-1 text-lg" data-washer>
      {{ $t('wash.runView.pretendWasher', { phase: working.phase })
      }}<template v-if="!working.waits"
        >, {{ measure(working.temperatureC, 'celsius') }},
        {{ measure(working.waterL, 'litre') }}</template
      >
    </p>
    <p
      v-if="round.lying"
      class="mt-2 text-lg"
      :class="round.lying.state === 'FRESH' ? 'text-soft' : 'font-semibold text-heat-word'"
      data-lying
    >
      {{ round.lying.state === 'FRESH' ? '' : '! ' }}{{ round.lying.words }}
    </p>
    <RunJudgements :judgements="round.judgements" :busy="busy" @answer="say" />
    <CautionNote v-for="c in cautions" :key="c.key" class="mt-2" :caution="c" />
  </section>

  <div
    class="sticky bottom-(--pegs) z-10 mt-4 flex flex-wrap items-center gap-3 border-t border-line bg-paper py-2 lg:bottom-0"
  >
    <button
      type="button"
      class="button-main min-h-16 flex-1 text-2xl sm:flex-none sm:px-10"
      :disabled="busy"
      data-main
      @click="tick"
    >
      {{
        next
          ? $t('wash.runView.doneNext')
          : practised
            ? $t('wash.runView.done')
            : $t('wash.runView.doneHangIt')
      }}
    </button>
    <button
      type="button"
      class="button-plain min-h-16 px-3 sm:px-5"
      :disabled="busy || !round.steps.some((s) => s.doneAt)"
      @click="untick"
    >
      {{ $t('wash.runView.oneStepBack') }}
    </button>
  </div>
  <p class="mt-3 flex flex-wrap items-center justify-between gap-3 text-lg">
    <span v-if="next"
      >{{ $t('wash.runView.then') }} <strong>{{ next.title }}</strong>,
      {{ duration(next.minutes) }}</span
    >
    <BellChoice :bell="bell" />
  </p>
  <RunTools
    :round="round"
    :busy="busy"
    @hold="hold"
    @resume="resume"
    @more="more"
    @skip="skip"
    @hand-over="handOver"
    @stop="stopWash"
  />

  <div class="mt-5 border-t border-ink pt-2">
    <BathStrip :plan="plan" :at="at" />
  </div>
  <details v-if="!practised" class="mt-3" data-saw-wash>
    <summary class="cursor-pointer underline decoration-line underline-offset-4">
      {{ $t('wash.runView.whatISeeAtThe') }}
    </summary>
    <NoticedTaps class="mt-2" where="WASH" :round-id="round.id" />
  </details>
  <RunHappened class="mt-3" :round="round" />
  <div
    v-if="practised ? !washer : household?.pretendDevices"
    class="mt-3 flex flex-wrap items-center gap-2 text-sm text-soft"
  >
    <span>{{ $t('wash.runView.letThePretendWasherRun') }}</span>
    <button
      v-for="s in SPEEDS"
      :key="s"
      type="button"
      class="chip min-h-9 px-2"
      :data-speed="s"
      @click="attach(s)"
    >
      {{ s }} ×
    </button>
  </div>
  <ScreenNote />
</template>
