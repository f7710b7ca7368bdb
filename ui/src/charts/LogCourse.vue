<script setup lang="ts">
import { t } from '../words'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { computed, useId } from 'vue'
import type { Api } from '../api/client'
import { duration, number } from '../use/format'

/** The course of a logged run, with its phases beneath. */
const props = defineProps<{ points: Api['Reading'][]; phases: Api['Phase'][]; unit: string }>()

const id = useId()
const WIDTH = 640
const HEIGHT = 150
const PLOT = { left: 44, top: 10, right: WIDTH - 8, bottom: HEIGHT - 26 }
const last = computed(() => props.points.at(-1)?.minute ?? 1)
const most = computed(() => Math.max(1, ...props.points.map((p) => p.value)))
const x = computed(() => scaleLinear().domain([0, last.value]).range([PLOT.left, PLOT.right]))
const y = computed(() =>
  scaleLinear().domain([0, most.value]).nice().range([PLOT.bottom, PLOT.top]),
)
const course = computed(() =>
  line<Api['Reading']>()
    .x((p) => x.value(p.minute))
    .y((p) => y.value(p.value))(props.points),
)
const description = computed(() =>
  t('charts.logCourse.highest', {
    value: duration(last.value),
    value2: number(most.value),
    unit: props.unit,
    join: props.phases
      .map((p) =>
        t('charts.logCourse.phase', {
          phase: t(`phase.${p.sort}`),
          from: duration(p.fromMinute),
          to: duration(p.toMinute),
        }),
      )
      .join(', '),
  }),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    class="block w-full"
    role="img"
    :aria-labelledby="`${id}-t ${id}-d`"
  >
    <title :id="`${id}-t`">{{ $t('charts.logCourse.loggedRun') }}</title>
    <desc :id="`${id}-d`">{{ description }}</desc>
    <g v-for="tick in y.ticks(4)" :key="tick">
      <line
        :x1="PLOT.left"
        :x2="PLOT.right"
        :y1="y(tick)"
        :y2="y(tick)"
        stroke="var(--c-line)"
        stroke-dasharray="1 5"
      />
      <text :x="PLOT.left - 6" :y="y(tick) + 4" text-anchor="end" font-size="11">{{ tick }}</text>
    </g>
    <path :d="course ?? ''" fill="none" stroke="var(--c-heat)" stroke-width="2" />
    <g v-for="(p, i) in phases" :key="i">
      <line
        :x1="x(p.fromMinute)"
        :x2="x(p.fromMinute)"
        :y1="PLOT.top"
        :y2="PLOT.bottom + 6"
        stroke="var(--c-ink)"
        stroke-width="0.8"
      />
      <text
        v-if="x(p.toMinute) - x(p.fromMinute) > 44"
        :x="(x(p.fromMinute) + x(p.toMinute)) / 2"
        :y="HEIGHT - 8"
        text-anchor="middle"
        font-size="11.5"
      >
        {{ $t(`phase.${p.sort}`) }}
      </text>
    </g>
  </svg>
</template>
