<script setup lang="ts">
import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import type { Api } from '../api/client'
import { duration, number } from '../use/format'
import ChartTable from './ChartTable.vue'

/**
 * The bath strip: time runs right, temperature up, one tinted area per bath, products as drops at their moment,
 * the detergent in the water as a falling stair on its own scale.
 */
const props = defineProps<{ plan: Api['Plan'] }>()

const holder = useTemplateRef<HTMLElement>('holder')
const { width: measured } = useElementSize(holder)
const id = useId()
const width = computed(() => Math.max(330, measured.value || 760))
const PLOT = { left: 38, top: 34, bottom: 232 }
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
      return {
        ...bath,
        peak,
        warm: peak > 45,
        area: area<[number, number]>()
          .x((p) => p[0])
          .y0(PLOT.bottom)
          .y1((p) => p[1])(points),
        line: line<[number, number]>()(points),
      }
    }),
)

const strongest = computed(() => Math.max(0.001, ...props.plan.baths.map((b) => b.detergentGL)))
const stairY = computed(() =>
  scaleLinear()
    .domain([0, strongest.value])
    .range([PLOT.bottom - 2, PLOT.top + 8]),
)
const stair = computed(() => {
  let before = -1
  const path = baths.value
    .filter((b) => b.detergentGL > 0)
    .map((b) => {
      const at = stairY.value(b.detergentGL)
      const joined = before >= 0 && b.startMinute - before < 1
      before = b.startMinute + b.minutes
      return `${joined ? 'L' : 'M'}${x.value(b.startMinute)} ${at} L${x.value(before)} ${at}`
    })
  return path.join(' ')
})
const lastBath = computed(() => baths.value.at(-1))
const mainBath = computed(() =>
  baths.value
    .filter((b) => b.type === 'WASH')
    .reduce((a, b) => (b.minutes > (a?.minutes ?? 0) ? b : a), baths.value[0]),
)

const doses = computed(() =>
  steps.value.flatMap((step) =>
    step.doses.map((dose, i) => ({
      ...dose,
      x: x.value(step.start) + 5,
      y: PLOT.top + 30 + i * 38,
    })),
  ),
)

/** What stands under the strip: each look, each washing bath, and the rinses after it together. */
const parts = computed(() =>
  steps.value.flatMap((step) => {
    if (step.action === 'LOOK') {
      return [{ name: 'look', start: step.start, end: step.end }]
    }
    const own = props.plan.baths.filter((b) => b.step === step.number && b.type !== 'SPIN')
    return (['WASH', 'RINSE'] as const).flatMap((type) => {
      const some = own.filter((b) => b.type === type)
      const first = some[0]
      const last = some.at(-1)
      if (!first || !last) return []
      const rinses = some.length === 1 ? 'rinse' : `${some.length} rinses`
      const name = type === 'WASH' ? step.title.toLowerCase() : rinses
      return [{ name, start: first.startMinute, end: last.startMinute + last.minutes }]
    })
  }),
)

/** Labels of short parts move to a second row so that nothing overlaps. */
const labels = computed(() => {
  const ends = [-100, -100]
  return parts.value.map((part) => {
    const half = Math.max(part.name.length, 6) * 3.4
    const middle = Math.max(
      PLOT.left + half - 12,
      Math.min(right.value - half + 6, (x.value(part.start) + x.value(part.end)) / 2),
    )
    const row = middle - half < (ends[0] ?? 0) ? 1 : 0
    ends[row] = middle + half + 4
    return { name: part.name, middle, row, minutes: duration(part.end - part.start) }
  })
})
const height = computed(() => PLOT.bottom + (labels.value.some((l) => l.row === 1) ? 64 : 36))

const rows = computed(() =>
  props.plan.baths.map((b) => [
    steps.value.find((s) => s.number === b.step)?.title ?? '',
    b.type.toLowerCase(),
    duration(b.startMinute),
    duration(b.minutes),
    b.profile.length ? number(Math.max(...b.profile.map((p) => p.temperatureC))) : '',
    number(b.liquorL, 1),
    number(b.detergentGL, 3),
  ]),
)
const description = computed(
  () =>
    `${props.plan.schoolName}: ${steps.value.map((s) => `${s.title} ${duration(s.minutes)}`).join(', ')}. Hottest ${number(props.plan.figures.peakC)} degrees.`,
)
</script>

<template>
  <div ref="holder" data-chart="bath-strip">
    <svg
      :viewBox="`0 0 ${width} ${height}`"
      role="img"
      class="block w-full"
      :aria-labelledby="`${id}-t ${id}-d`"
    >
      <title :id="`${id}-t`">Bath strip</title>
      <desc :id="`${id}-d`">{{ description }}</desc>
      <g v-for="t in ticks" :key="t">
        <line
          :x1="PLOT.left"
          :x2="right"
          :y1="y(t)"
          :y2="y(t)"
          stroke="var(--c-line)"
          :stroke-dasharray="t === 0 ? undefined : '1 5'"
        />
        <text x="30" :y="y(t) + 4" text-anchor="end" font-size="11.5">{{ t }}°</text>
      </g>

      <rect
        v-for="s in steps.filter((s) => s.attended)"
        :key="`a${s.number}`"
        :x="x(s.start)"
        :y="PLOT.top"
        :width="Math.max(1, x(s.end) - x(s.start))"
        :height="PLOT.bottom - PLOT.top"
        :fill="`url(#${id}-hatch)`"
      />
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

      <path
        :d="stair"
        fill="none"
        stroke="var(--c-ink)"
        stroke-width="1.6"
        stroke-dasharray="2 3"
      />
      <g v-if="mainBath && mainBath.detergentGL > 0">
        <text
          :x="(x(mainBath.startMinute) + x(mainBath.startMinute + mainBath.minutes)) / 2"
          :y="PLOT.top - 14"
          text-anchor="middle"
          font-size="12"
        >
          detergent {{ number(mainBath.detergentGL, 1) }} g/L, after the rinses
          {{ number(lastBath?.detergentGL ?? 0, 3) }}
        </text>
        <circle
          v-if="lastBath"
          :cx="x(lastBath.startMinute + lastBath.minutes)"
          :cy="stairY(lastBath.detergentGL)"
          r="3.4"
          fill="var(--c-ink)"
        />
      </g>
      <text
        v-if="mainBath && mainBath.setC > 0"
        :x="(x(mainBath.startMinute) + x(mainBath.startMinute + mainBath.minutes)) / 2"
        :y="y(mainBath.peak) + 24"
        text-anchor="middle"
        class="num"
        font-size="16"
      >
        {{ number(mainBath.setC) }}° for {{ duration(plan.figures.holdMinutes) }}
      </text>

      <g v-for="(d, i) in doses" :key="`d${i}`">
        <path
          :d="`M${d.x + 6} ${d.y - 12} c5 7 7 10 7 13.5 a7 7 0 0 1 -14 0 c0 -3.5 2 -6.5 7 -13.5 z`"
          :fill="d.oxygen ? 'var(--c-plum)' : 'var(--c-water)'"
          stroke="var(--c-paper)"
        />
        <rect
          :x="d.x + 15"
          :y="d.y - 14"
          width="96"
          height="30"
          fill="var(--c-paper)"
          opacity="0.72"
        />
        <text :x="d.x + 17" :y="d.y - 2" class="num" font-size="13">{{ d.measure }}</text>
        <text :x="d.x + 17" :y="d.y + 12" font-size="11">{{ d.product }}</text>
      </g>

      <g v-for="l in labels" :key="l.name + l.middle">
        <text
          :x="l.middle"
          :y="PLOT.bottom + 17 + l.row * 29"
          text-anchor="middle"
          font-size="12"
          font-weight="600"
        >
          {{ l.name }}
        </text>
        <text :x="l.middle" :y="PLOT.bottom + 30 + l.row * 29" text-anchor="middle" font-size="11">
          {{ l.minutes }}
        </text>
      </g>
    </svg>
    <ChartTable
      caption="Baths in order"
      :head="['step', 'bath', 'from', 'lasts', 'peak °C', 'water L', 'detergent g/L']"
      :rows="rows"
    />
  </div>
</template>
