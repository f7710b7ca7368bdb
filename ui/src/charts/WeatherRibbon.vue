<script setup lang="ts">
import { scaleTime } from 'd3-scale'
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import type { Api } from '../api/client'
import { clock, measure } from '../use/format'
import { houseHours } from '../use/houseTime'
import WeatherHours from './WeatherHours.vue'

/** Hours run right: sun as ochre, warmth as a line, rain as strokes; each trip stands as a number at its time. */
const props = defineProps<{ drying: Api['Drying'] }>()

const holder = useTemplateRef<HTMLElement>('holder')
const { width: measured } = useElementSize(holder)
const id = useId()
const width = computed(() => Math.max(300, measured.value || 900))
const narrow = computed(() => width.value < 560)
const TOP = 4
const BOTTOM = 52
const HEIGHT = 92

const x = computed(() =>
  scaleTime()
    .domain([new Date(props.drying.from), new Date(props.drying.to)])
    .range([2, width.value - 2]),
)
const now = computed(() => x.value(new Date(props.drying.now)))
const hourTicks = computed(() => {
  const hours = (Date.parse(props.drying.to) - Date.parse(props.drying.from)) / 3.6e6
  const every = hours > 30 ? 6 : hours > 14 || narrow.value ? 4 : 2
  return props.drying.weather
    .map((h) => new Date(h.from))
    .filter((d) => Math.floor(houseHours(d)) % every === 0)
    .filter((d) => x.value(d) > 16 && x.value(d) < width.value - 20)
})
const temperatures = computed(() => props.drying.weather.map((h) => h.temperatureC))
/** Numbers of trips that would cover each other stand a step to the right. */
const trips = computed(() => {
  let last = -Infinity
  return props.drying.trips
    .map((trip, i) => ({ trip, number: i + 1, at: x.value(new Date(trip.at)) }))
    .filter((t) => t.at <= width.value - 12)
    .map((t) => {
      last = Math.max(Math.max(t.at, now.value), last + 22)
      return { ...t, at: Math.max(12, last) }
    })
})
const words = computed(() => props.drying.trips.map((t) => `${t.atWords}: ${t.title}`).join('. '))
</script>

<template>
  <div ref="holder" data-chart="weather">
    <svg
      :viewBox="`0 0 ${width} ${HEIGHT}`"
      role="img"
      class="block w-full"
      :aria-labelledby="`${id}-t ${id}-d`"
    >
      <title :id="`${id}-t`">{{ $t('charts.weatherRibbon.weatherAndTrips') }}</title>
      <desc :id="`${id}-d`">{{ words }}</desc>
      <WeatherHours :hours="drying.weather" :x="x" :top="TOP" :bottom="BOTTOM" :right="width - 2" />
      <text v-if="temperatures.length" x="6" :y="BOTTOM - 6" font-size="12">
        {{
          $t('charts.dryingCurves.to', {
            temperatures: measure(Math.min(...temperatures), 'celsius'),
            temperatures2: measure(Math.max(...temperatures), 'celsius'),
          })
        }}
      </text>
      <line x1="2" :x2="width - 2" :y1="BOTTOM" :y2="BOTTOM" stroke="var(--c-ink)" />
      <text
        v-for="tick in hourTicks"
        :key="tick.getTime()"
        :x="x(tick)"
        :y="BOTTOM + 14"
        text-anchor="middle"
        font-size="11"
      >
        {{ clock(tick) }}
      </text>
      <line :x1="now" :x2="now" y1="0" :y2="HEIGHT - 22" stroke="var(--c-heat)" stroke-width="2" />
      <g v-for="t in trips" :key="t.number" data-trip-mark>
        <circle
          :cx="t.at"
          :cy="HEIGHT - 12"
          r="10.5"
          :fill="t.trip.due ? 'var(--c-ink)' : 'var(--c-sheet)'"
          stroke="var(--c-ink)"
          stroke-width="1.4"
        />
        <text
          :x="t.at"
          :y="HEIGHT - 8"
          text-anchor="middle"
          font-size="12"
          font-weight="650"
          :style="t.trip.due ? 'fill: var(--c-paper)' : ''"
        >
          {{ t.number }}
        </text>
      </g>
    </svg>
  </div>
</template>
