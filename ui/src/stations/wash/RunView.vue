<script setup lang="ts">
import { useIntervalFn, useNow } from '@vueuse/core'
import { storeToRefs } from 'pinia'
import { computed, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, type Api } from '../../api/client'
import CautionNote from '../../parts/CautionNote.vue'
import Figure from '../../parts/Figure.vue'
import { useLine } from '../../stores/line'
import { useMessages } from '../../stores/messages'
import { useWhy } from '../../stores/why'
import { duration, number } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useKeys } from '../../use/useKeys'

/** One step at a time, very large, with what is next. Another carer on another device sees the same within seconds. */
const props = defineProps<{ round: Api['Round'] }>()
const emit = defineEmits<{ changed: [] }>()

const FOLLOW_MS = 10_000
const router = useRouter()
const messages = useMessages()
const why = useWhy()
const { act, busy } = useAct()
const { ahead } = storeToRefs(useLine())
const now = useNow({ interval: 1000 })
useIntervalFn(() => emit('changed'), FOLLOW_MS)

const plan = computed(() => props.round.plan)
const step = computed(() => plan.value.steps.find((s) => s.number === props.round.currentStep))
const next = computed(() =>
  plan.value.steps.find((s) => s.number === (props.round.currentStep ?? 0) + 1),
)
const cautions = computed(() => plan.value.cautions.filter((c) => c.step === step.value?.number))
const left = computed(() => {
  if (!props.round.currentEnds) return 0
  return Math.ceil(
    (Date.parse(props.round.currentEnds) - now.value.getTime() - ahead.value) / 60_000,
  )
})
const share = computed(() => {
  const minutes = step.value?.minutes ?? 1
  return Math.min(1, Math.max(0, 1 - left.value / minutes))
})

watch(
  step,
  (now) => {
    const dose = now?.doses[0]
    why.suggest(plan.value.whys[dose ? dose.why : 'minutes'])
  },
  { immediate: true },
)

async function tick() {
  const current = step.value
  if (!current) return
  const round = await act(() =>
    answer(
      api.POST('/api/rounds/{id}/steps/{number}', {
        params: { path: { id: props.round.id, number: current.number } },
      }),
    ),
  )
  if (round?.state === 'HANGING') {
    messages.done('Washed. Hang it now: a wet heap sours.')
    router.push('/dry')
    return
  }
  emit('changed')
}

async function untick() {
  await act(() =>
    answer(api.DELETE('/api/rounds/{id}/steps/last', { params: { path: { id: props.round.id } } })),
  )
  emit('changed')
}

useKeys({ ' ': tick, Enter: tick })
</script>

<template>
  <p class="text-soft">{{ plan.schoolName }}, {{ round.title }}, since {{ round.startedWords }}</p>
  <section v-if="step" class="mt-2 border-y-2 border-ink py-4" aria-live="polite" data-running>
    <p class="text-lg">
      Step {{ step.number }} of {{ plan.steps.length }}, {{ step.attended ? 'you' : 'the machine' }}
    </p>
    <h1 class="mt-1 text-4xl sm:text-5xl" data-running-title>{{ step.title }}</h1>
    <p class="mt-2 text-xl sm:text-2xl">{{ step.detail }}</p>
    <ul v-if="step.doses.length" class="mt-3 text-xl sm:text-2xl">
      <li v-for="dose in step.doses" :key="dose.product">
        <Figure :why="plan.whys[dose.why]">
          <strong>{{ dose.measure }}</strong>
        </Figure>
        {{ dose.product }} <span class="text-base text-soft">({{ number(dose.grams) }} g)</span>
      </li>
    </ul>
    <p class="mt-3 text-soft">{{ step.reason }}</p>
    <div class="mt-4 flex items-center gap-4">
      <p class="font-head text-3xl font-bold" role="timer">
        {{
          left > 0 ? `${duration(left)} left` : step.attended ? 'take your time' : 'should be done'
        }}
      </p>
      <div class="h-3 flex-1 border border-ink" aria-hidden="true">
        <div class="h-full bg-water" :style="{ width: `${share * 100}%` }" />
      </div>
    </div>
    <CautionNote v-for="c in cautions" :key="c.key" class="mt-2" :caution="c" />
  </section>

  <div class="mt-4 flex flex-wrap items-center gap-3">
    <button
      type="button"
      class="button-main min-h-16 flex-1 text-2xl sm:flex-none sm:px-10"
      :disabled="busy"
      data-main
      @click="tick"
    >
      {{ next ? 'Done, next' : 'Done, hang it' }} <span class="keycap ml-2">Space</span>
    </button>
    <button
      type="button"
      class="button-plain min-h-16 px-5"
      :disabled="busy || !round.steps.some((s) => s.doneAt)"
      @click="untick"
    >
      One step back
    </button>
  </div>
  <p v-if="next" class="mt-3 text-lg">
    Then: <strong>{{ next.title }}</strong>, {{ duration(next.minutes) }}
  </p>

  <ol class="mt-5 max-w-xl">
    <li
      v-for="s in round.steps"
      :key="s.number"
      class="flex justify-between border-t border-line py-1"
      :class="s.number === round.currentStep ? 'font-bold' : ''"
    >
      <span
        >{{ s.doneAt ? '✓' : s.number === round.currentStep ? '▸' : '·' }} {{ s.number }}.
        {{ s.title }}</span
      >
      <span class="text-soft">{{ s.doneAt ? 'done' : '' }}</span>
    </li>
  </ol>
</template>
