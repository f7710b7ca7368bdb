<script setup lang="ts">
import { t } from '../words'
import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import type { Api } from '../api/client'
import { duration, measure } from '../use/format'
import ChartTable from './ChartTable.vue'
import { rowsOf } from './rows'
import StripDoses from './StripDoses.vue'
import StripLabels from './StripLabels.vue'
import StripPauses from './StripPauses.vue'
import StripResidue from './StripResidue.vue'
import { useReading } from './useReading'

/**
 * The bath strip: time runs right, temperature up, one tinted area per bath, products as drops at their moment, soak
 * pauses and holding bands, the detergent in the water as a falling stair on its own scale down to the target. Pointer
 * or arrow keys read any moment; `at` marks how far a running round is.
 */
const props = defineProps<{ plan: Api['Plan']; at?: number }>()

const holder = useTemplateRef<HTMLElement>('holder')
const { width: measured } = useElementSize(holder)
const id = useId()
const width = computed(() => Math.max(330, measured.value || 760))
const PLOT = { left: 38, top: 34, bottom: 232 }
/** A soak-pause begins so long after its run [min]. */
const PAUSE_AFTER = 12
const NARROW = 520
const right = computed(() => width.value - 14)

const steps = computed(() => {
  let clock = 0
  return props.plan.steps.map((step) => {
    const start = clock
    clock += step.minutes
    return { ...step, start, end: clock }
  })
})
const total = computed(() => steps.value.at(-1)?.end ?? 1)
const hottest = computed(() => Math.max(60, props.plan.figures.peakC + 12))
const x = computed(() => scaleLinear().domain([0, total.value]).range([PLOT.left, right.value]))
const y = computed(() => scaleLinear().domain([0, hottest.value]).range([PLOT.bottom, PLOT.top]))
const ticks = computed(() => [0, 20, 40, 60, 80].filter((t) => t <= hottest.value))

const baths = computed(() =>
  props.plan.baths
    .filter((b) => b.profile.length > 0)
    .map((bath) => {
      const points = bath.profile.map(
        (p) => [x.value(bath.startMinute + p.minute), y.value(p.temperatureC)] as [number, number],
      )
      const peak = Math.max(...bath.profile.map((p) => p.temperatureC))
      const held = bath.setC > 0 ? bath.profile.filter((p) => p.temperatureC >= bath.setC - 1) : []
      return {
        ...bath,
        peak,
        warm: peak > 45,
        hold:
          held.length > 1
            ? {
                from: bath.startMinute + (held[0]?.minute ?? 0),
                to: bath.startMinute + (held.at(-1)?.minute ?? 0),
              }
            : undefined,
        area: area<[number, number]>()
          .x((p) => p[0])
          .y0(PLOT.bottom)
          .y1((p) => p[1])(points),
        line: line<[number, number]>()(points),
      }
    }),
)

const mainBath = computed(() =>
  baths.value
    .filter((b) => b.type === 'WASH')
    .reduce((a, b) => (b.minutes > (a?.minutes ?? 0) ? b : a), baths.value[0]),
)
const pauses = computed(() =>
  steps.value
    .filter((s) => s.pauseMinutes)
    .map((s) => ({
      from: s.start + (s.action === 'BY_HAND' ? 2 : PAUSE_AFTER),
      minutes: s.pauseMinutes ?? 0,
    })),
)

const doses = computed(() =>
  steps.value.flatMap((step) =>
    step.doses.map((dose) => ({ dose, minute: dose.atMinute ?? step.start })),
  ),
)

/** What stands under the strip: each look, each washing bath, and the rinses after it together. */
const parts = computed(() =>
  steps.value.flatMap((step) => {
    if (step.action === 'LOOK') {
      return [{ name: t('charts.bathStrip.look'), start: step.start, end: step.end }]
    }
    const own = props.plan.baths.filter((b) => b.step === step.number && b.type !== 'SPIN')
    return (['WASH', 'STEAM', 'RINSE'] as const).flatMap((type) => {
      const some = own.filter((b) => b.type === type)
      const first = some[0]
      const last = some.at(-1)
      if (!first || !last) return []
      const rinses = t('charts.bathStrip.rinses', some.length)
      const name = type === 'RINSE' ? rinses : step.title
      return [{ name, start: first.startMinute, end: last.startMinute + last.minutes }]
    })
  }),
)

/** Labels of short parts move to another row so that nothing overlaps. */
const LABEL_ROWS = 3
const labels = computed(() => {
  const placed = parts.value.map((part) => {
    const half = Math.max(part.name.length, 6) * 3.4
    const middle = Math.max(
      PLOT.left + half - 12,
      Math.min(right.value - half + 6, (x.value(part.start) + x.value(part.end)) / 2),
    )
    return { name: part.name, middle, half, minutes: duration(part.end - part.start) }
  })
  const rows = rowsOf(
    placed.map((p) => ({ from: p.middle - p.half, to: p.middle + p.half + 4 })),
    LABEL_ROWS,
  )
  return placed.map((p, i) => ({ ...p, row: rows[i] ?? 0 }))
})
const height = computed(
  () => PLOT.bottom + 36 + 29 * Math.max(0, ...labels.value.map((l) => l.row)),
)

const { reading, point, key } = useReading(total, (share) => x.value.invert(share * width.value))
/** Read off the line between the two readings around that minute [°C]. */
function temperature(bath: Api['Bath'], minute: number) {
  const curve = scaleLinear()
    .domain(bath.profile.map((p) => p.minute))
    .range(bath.profile.map((p) => p.temperatureC))
    .clamp(true)
  return curve(minute - bath.startMinute)
}
const marked = computed(() => reading.value ?? props.at)
const words = computed(() => {
  const minute = reading.value
  if (minute === undefined) return ''
  const step = steps.value.find((s) => minute < s.end) ?? steps.value.at(-1)
  const bath = props.plan.baths.find(
    (b) => minute >= b.startMinute && minute < b.startMinute + b.minutes,
  )
  const parts = [t('charts.bathStrip.in', { minute: duration(minute), title: step?.title ?? '' })]
  if (bath) {
    parts.push(t(`named.${bath.type}`))
    if (bath.profile.length) parts.push(measure(temperature(bath, minute), 'celsius'))
    parts.push(
      measure(bath.liquorL, 'litre'),
      t('charts.bathStrip.detergentGL', {
        detergentGL: measure(bath.detergentGL, 'gram-per-l', 3),
      }),
    )
  }
  return parts.join(', ')
})
const rows = computed(() =>
  props.plan.baths.map((b) => [
    steps.value.find((s) => s.number === b.step)?.title ?? '',
    t(`named.${b.type}`),
    duration(b.startMinute),
    duration(b.minutes),
    b.profile.length ? measure(Math.max(...b.profile.map((p) => p.temperatureC)), 'celsius') : '',
    measure(b.liquorL, 'litre', 1),
    measure(b.detergentGL, 'gram-per-l', 3),
  ]),
)
const description = computed(() =>
  t('charts.bathStrip.hottestDegrees', {
    schoolName: props.plan.schoolName,
    join: steps.value.map((s) => `${s.title} ${duration(s.minutes)}`).join(', '),
    peakC: measure(props.plan.figures.peakC, 'celsius'),
  }),
)
</script>

<template>
  <div ref="holder" data-chart="bath-strip">
    <div
      class="relative"
      role="slider"
      tabindex="0"
      :aria-label="$t('charts.bathStrip.readAMomentOfThe')"
      aria-valuemin="0"
      :aria-valuemax="Math.round(total)"
      :aria-valuenow="Math.round(reading ?? 0)"
      :aria-valuetext="words || $t('charts.bathStrip.arrowKeysReadAMoment')"
      data-reader
      @keydown="key"
      @pointermove="point"
      @pointerdown="point"
      @pointerleave="reading = undefined"
      @blur="reading = undefined"
    >
      <svg
        :viewBox="`0 0 ${width} ${height}`"
        role="img"
        class="block w-full"
        :aria-labelledby="`${id}-t ${id}-d`"
      >
        <title :id="`${id}-t`">{{ $t('charts.bathStrip.theWashOverTime') }}</title>
        <desc :id="`${id}-d`">{{ description }}</desc>
        <defs>
          <pattern
            :id="`${id}-hatch`"
            width="7"
            height="7"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <line x1="0" y1="0" x2="0" y2="7" stroke="var(--c-sun)" stroke-width="1.4" />
          </pattern>
        </defs>
        <g v-for="tick in ticks" :key="tick">
          <line
            :x1="PLOT.left"
            :x2="right"
            :y1="y(tick)"
            :y2="y(tick)"
            stroke="var(--c-line)"
            :stroke-dasharray="tick === 0 ? undefined : '1 5'"
          />
          <text x="30" :y="y(tick) + 4" text-anchor="end" font-size="11.5">
            {{ measure(tick, 'celsius') }}
          </text>
        </g>

        <rect
          v-for="s in steps.filter((s) => s.attended && s.action !== 'BY_HAND')"
          :key="`a${s.number}`"
          :x="x(s.start)"
          :y="PLOT.top"
          :width="Math.max(1, x(s.end) - x(s.start))"
          :height="PLOT.bottom - PLOT.top"
          :fill="`url(#${id}-hatch)`"
        />

        <g v-for="(b, i) in baths" :key="`b${i}`">
          <path
            :d="b.area ?? ''"
            :fill="`color-mix(in srgb, var(${b.warm ? '--c-heat' : '--c-water'}) 26%, transparent)`"
          />
          <path
            :d="b.line ?? ''"
            fill="none"
            :stroke="`var(${b.warm ? '--c-heat' : '--c-water'})`"
            stroke-width="2.2"
          />
          <rect
            v-if="b.hold"
            :x="x(b.hold.from)"
            :y="y(b.setC) - 3.5"
            :width="Math.max(0, x(b.hold.to) - x(b.hold.from))"
            height="7"
            fill="var(--c-heat)"
            opacity="0.45"
            data-hold
          />
        </g>
        <g v-for="s in steps" :key="`l${s.number}`">
          <line
            :x1="x(s.start)"
            :x2="x(s.start)"
            :y1="PLOT.top"
            :y2="PLOT.bottom"
            stroke="var(--c-line)"
          />
        </g>

        <StripPauses :pauses="pauses" :x="x" :top="PLOT.top" />

        <StripResidue
          :baths="baths"
          :main-bath="mainBath"
          :target-gl="plan.figures.targetGL"
          :x="x"
          :top="PLOT.top"
          :bottom="PLOT.bottom"
          :right="right"
        />
        <text
          v-if="mainBath && mainBath.setC > 0"
          :x="(x(mainBath.startMinute) + x(mainBath.startMinute + mainBath.minutes)) / 2"
          :y="width < NARROW ? (y(mainBath.peak) + PLOT.bottom) / 2 + 30 : y(mainBath.peak) + 24"
          text-anchor="middle"
          class="num"
          font-size="16"
        >
          {{
            $t('charts.bathStrip.for', {
              setC: measure(mainBath.setC, 'celsius'),
              holdMinutes: duration(plan.figures.holdMinutes),
            })
          }}
        </text>

        <StripDoses :doses="doses" :x="x" :top="PLOT.top" :right="right" />

        <line
          v-if="marked !== undefined"
          :x1="x(marked)"
          :x2="x(marked)"
          :y1="PLOT.top - 4"
          :y2="PLOT.bottom + 4"
          stroke="var(--c-ink)"
          stroke-width="1.6"
        />

        <StripLabels :labels="labels" :top="PLOT.bottom + 17" />
      </svg>
    </div>
    <div class="flex flex-wrap items-baseline gap-x-4">
      <ChartTable
        :caption="$t('charts.bathStrip.bathsInOrder')"
        :head="[
          $t('charts.bathStrip.step'),
          $t('charts.bathStrip.bath'),
          $t('charts.bathStrip.from'),
          $t('charts.bathStrip.lasts'),
          $t('charts.bathStrip.peakC'),
          $t('charts.bathStrip.waterL'),
          $t('charts.bathStrip.detergentGL2'),
        ]"
        :rows="rows"
      />
      <p class="min-h-5 text-sm" data-reading>{{ words }}</p>
    </div>
  </div>
</template>
