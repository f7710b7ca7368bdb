<script setup lang="ts">
import { scaleLinear, type ScaleTime } from 'd3-scale'
import { curveMonotoneX, line } from 'd3-shape'
import { computed } from 'vue'
import type { Api } from '../api/client'
import { clock } from '../use/format'

/** Hours of weather as a band: sun as ochre, nights dark, warmth as a line, rain as strokes. */
const props = defineProps<{
  hours: Api['WeatherHour'][]
  x: ScaleTime<number, number>
  top: number
  bottom: number
  right: number
}>()

const HOUR_MS = 3.6e6
/** Rain that is drawn, and sun that fills the colour: house figures [mm], [W/m²]. */
const RAIN_MM = 0.1
const FULL_SUN = 700

const warmth = computed(() => {
  const temperatures = props.hours.map((h) => h.temperatureC)
  const y = scaleLinear()
    .domain([Math.min(...temperatures) - 1, Math.max(...temperatures) + 1])
    .range([props.bottom - 10, props.top + 14])
  return line<Api['WeatherHour']>()
    .x((h) => props.x(new Date(h.from)))
    .y((h) => y(h.temperatureC))
    .curve(curveMonotoneX)(props.hours)
})
const cells = computed(() =>
  props.hours.map((h) => {
    const start = props.x(new Date(h.from))
    const end = Math.min(props.right, props.x(new Date(Date.parse(h.from) + HOUR_MS)))
    return {
      from: h.from,
      start,
      width: Math.max(0, end - start),
      rains: h.rainMm >= RAIN_MM,
      sun: Math.min(1, h.irradianceWm2 / FULL_SUN),
    }
  }),
)
const rainStart = computed(() => cells.value.find((c) => c.rains))
</script>

<template>
  <g>
    <template v-for="c in cells" :key="c.from">
      <rect
        :x="c.start"
        :y="top"
        :width="c.width + 0.6"
        :height="bottom - top"
        :fill="c.sun > 0.02 ? 'var(--c-sun)' : 'var(--c-ink)'"
        :opacity="c.sun > 0.02 ? 0.12 + 0.5 * c.sun : 0.1"
      />
      <g v-if="c.rains" stroke="var(--c-water)" stroke-width="1.5">
        <line
          v-for="i in 3"
          :key="i"
          :x1="c.start + (i * c.width) / 3.5 + 2"
          :x2="c.start + (i * c.width) / 3.5 - 2"
          :y1="top + 4"
          :y2="top + 16"
        />
      </g>
    </template>
    <path :d="warmth ?? ''" fill="none" stroke="var(--c-heat)" stroke-width="1.8" />
    <text
      v-if="rainStart"
      :x="Math.min(rainStart.start + 4, right - 80)"
      :y="bottom - 6"
      font-size="12"
    >
      {{ $t('charts.dryingCurves.rainFrom', { from: clock(new Date(rainStart.from)) }) }}
    </text>
  </g>
</template>
