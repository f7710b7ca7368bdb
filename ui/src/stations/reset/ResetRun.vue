<script setup lang="ts">
import { t } from '../../words'
import ScreenNote from '../../parts/ScreenNote.vue'
import { useNow } from '@vueuse/core'
import { storeToRefs } from 'pinia'
import { computed, useTemplateRef, watch } from 'vue'
import { answer, api, type Api } from '../../api/client'
import VesselDrawing from '../../charts/VesselDrawing.vue'
import BellChoice from '../../parts/BellChoice.vue'
import CautionNote from '../../parts/CautionNote.vue'
import { useLine } from '../../stores/line'
import { useMessages } from '../../stores/messages'
import { duration } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useBell } from '../../use/useBell'
import { useStepFocus } from '../../use/useStepFocus'

/** A reset, one step at a time and very large, with its timer and the moments to stir. */
const props = defineProps<{ running: Api['ResetRunning'] }>()
const emit = defineEmits<{ changed: [running?: Api['ResetRunning']] }>()

const MS_PER_MINUTE = 60_000
const WATERS = [
  { value: 'clear', words: t('reset.resetRun.clear') },
  { value: 'grey', words: t('reset.resetRun.grey') },
  { value: 'suds', words: t('reset.resetRun.suds') },
  { value: 'film', words: t('reset.resetRun.aGreasyFilm') },
]
const messages = useMessages()
const { act, busy } = useAct()
const bell = useBell()
const title = useTemplateRef<HTMLElement>('title')
const { ahead } = storeToRefs(useLine())
const now = useNow({ interval: 1000 })

const step = computed(() => props.running.steps.find((s) => s.number === props.running.currentStep))
const next = computed(() =>
  props.running.steps.find((s) => s.number === (props.running.currentStep ?? 0) + 1),
)
const gone = computed(() =>
  props.running.currentSince
    ? (now.value.getTime() + ahead.value - Date.parse(props.running.currentSince)) / MS_PER_MINUTE
    : 0,
)
const left = computed(() => Math.ceil((step.value?.minutes ?? 0) - gone.value))
const stir = computed(() => {
  const every = step.value?.stirEveryMinutes ?? 0
  if (every === 0 || left.value <= 0) return undefined
  return Math.max(1, Math.ceil(every - (gone.value % every)))
})
const share = computed(() => Math.min(1, Math.max(0, gone.value / (step.value?.minutes || 1))))
const asks = computed(() => step.value?.action === 'LOOK' || step.value?.action === 'RINSE')
const fill = computed(() => {
  const until = props.running.currentStep ?? props.running.steps.length
  return [...props.running.steps].reverse().find((s) => s.number <= until && s.amounts.length)
})
const inVessel = computed(() =>
  ['FILL', 'HEAT', 'PUT_IN', 'WORK'].includes(String(step.value?.action)),
)

useStepFocus(title, () => props.running.currentStep)
watch(left, (minutes, before) => {
  if (minutes <= 0 && before > 0 && step.value)
    bell.ring(t('reset.resetRun.shouldBeDone', { title: step.value.title }))
})
watch(stir, (minutes, before) => {
  if (minutes && before && minutes > before) bell.ring(t('reset.resetRun.stirNow'))
})

async function tick(water?: string) {
  const current = step.value
  if (!current || (asks.value && !water)) return
  const running = await act(() =>
    answer(
      api.POST('/api/v1/resets/{id}/steps/{number}', {
        params: { path: { id: props.running.id, number: current.number } },
        body: { water },
      }),
    ),
  )
  if (!running) return
  if (running.state === 'FINISHED') {
    messages.done(t('reset.resetRun.doneTheyHangNowRecord'))
  } else if (running.steps.length > props.running.steps.length) {
    messages.done(t('reset.resetRun.stillSudsARinseWas'))
  }
  emit('changed', running)
}
async function untick() {
  const running = await act(() =>
    answer(
      api.DELETE('/api/v1/resets/{id}/steps/last', { params: { path: { id: props.running.id } } }),
    ),
  )
  if (running) emit('changed', running)
}
async function stop() {
  const stopped = await act(async () => {
    await answer(api.DELETE('/api/v1/resets/{id}', { params: { path: { id: props.running.id } } }))
    return true
  })
  if (stopped) {
    messages.done(t('reset.resetRun.stoppedThePiecesAreBack'))
    emit('changed')
  }
}
</script>

<template>
  <p class="text-soft">
    {{
      $t('reset.resetRun.doneAt', {
        title: running.title,
        carer: running.carer ? $t('reset.resetRun.with', { carer: running.carer }) : '',
      })
    }}
    <strong>{{ running.readyWords }}</strong>.
  </p>
  <section
    v-if="step"
    class="mt-2 border-y-2 border-ink py-4"
    data-reset-running
    :data-step="step.number"
  >
    <div class="grid grid-cols-1 gap-4 lg:grid-cols-[minmax(0,1fr)_320px]">
      <div>
        <p class="text-lg">
          {{ $t('reset.resetRun.stepOf', { number: step.number, length: running.steps.length }) }}
        </p>
        <h1
          ref="title"
          tabindex="-1"
          class="mt-1 text-4xl outline-none sm:text-5xl"
          data-reset-title
        >
          {{ step.title }}
        </h1>
        <p class="mt-2 text-xl sm:text-2xl">{{ step.detail }}</p>
        <ul v-if="step.amounts.length" class="mt-2 text-2xl">
          <li v-for="a in step.amounts" :key="a.product">
            <strong>{{ a.spoons }}</strong> {{ a.product }}
            <span class="text-base text-soft"
              >({{ Math.round(a.amount) }} {{ a.unit
              }}<template v-if="a.unit !== 'g'">, {{ Math.round(a.grams) }} g</template>)</span
            >
          </li>
        </ul>
        <div class="mt-4 flex items-center gap-4">
          <p class="font-head text-3xl font-bold" role="timer" data-timer>
            {{
              left > 0
                ? $t('reset.resetRun.left', { left: duration(left) })
                : step.attended
                  ? $t('reset.resetRun.takeYourTime')
                  : $t('reset.resetRun.done')
            }}
          </p>
          <div class="h-3 flex-1 border border-ink" aria-hidden="true">
            <div class="h-full bg-water" :style="{ width: `${share * 100}%` }" />
          </div>
        </div>
        <p v-if="stir" class="mt-1 text-xl" data-stir>
          {{ $t('reset.resetRun.stirIn') }} <strong>{{ duration(stir) }}</strong>{{
            $t('reset.resetRun.thenEvery', { stirEveryMinutes: duration(step.stirEveryMinutes) })
          }}
        </p>
        <CautionNote v-for="c in running.cautions" :key="c.key" class="mt-2" :caution="c" />
      </div>
      <VesselDrawing
        v-if="inVessel && fill"
        :level="running.level"
        :water-l="running.waterL"
        :boils="step.action === 'WORK' && step.attended"
        :spoons="fill.amounts"
      />
    </div>
  </section>
  <div
    class="sticky bottom-(--pegs) z-10 mt-4 flex flex-wrap items-center gap-3 border-t border-line bg-paper py-2 lg:bottom-0"
  >
    <template v-if="asks">
      <span class="text-xl">{{ $t('reset.resetRun.theWaterWas') }}</span>
      <button
        v-for="w in WATERS"
        :key="w.value"
        type="button"
        class="button-main min-h-16 text-xl"
        :disabled="busy"
        :data-water="w.value"
        @click="tick(w.value)"
      >
        {{ w.words }}
      </button>
    </template>
    <button
      v-else
      type="button"
      class="button-main min-h-16 flex-1 text-2xl sm:flex-none sm:px-10"
      :disabled="busy"
      data-reset-done
      @click="tick()"
    >
      {{ next ? $t('reset.resetRun.doneNext') : $t('reset.resetRun.doneTheyHang') }}
    </button>
    <button
      type="button"
      class="button-plain min-h-16 px-3 sm:px-5"
      :disabled="busy || !running.done.some(Boolean)"
      @click="untick"
    >
      {{ $t('reset.resetRun.oneStepBack') }}
    </button>
  </div>
  <div class="mt-3 flex flex-wrap items-center justify-between gap-3 text-lg">
    <span v-if="next"
      >{{ $t('reset.resetRun.then') }} <strong>{{ next.title }}</strong>,
      {{ duration(next.minutes) }}</span
    >
    <span class="flex flex-wrap gap-3 text-base">
      <BellChoice :bell="bell" />
      <button type="button" class="button-quiet" :disabled="busy" data-reset-stop @click="stop">
        {{ $t('reset.resetRun.stopIt') }}
      </button>
    </span>
  </div>
  <ol class="mt-4 max-w-2xl text-sm">
    <li
      v-for="(s, i) in running.steps"
      :key="s.number"
      class="flex justify-between border-t border-line py-1"
      :class="s.number === running.currentStep ? 'font-bold' : ''"
    >
      <span>
        {{ running.done[i] ? '✓' : s.number === running.currentStep ? '▸' : '·' }} {{ s.number }}.
        {{ s.title }}
      </span>
      <span>{{ running.done[i] ?? duration(s.minutes) }}</span>
    </li>
  </ol>
  <ScreenNote />
</template>
