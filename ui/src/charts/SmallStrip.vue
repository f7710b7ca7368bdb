<script setup lang="ts">
import { scaleLinear } from 'd3-scale'
import { area } from 'd3-shape'
import { computed } from 'vue'
import type { Api } from '../api/client'

/** The baths of a routine, small, on a scale that several share. */
const props = defineProps<{ plan: Api['Plan']; minutes: number }>()

const WIDTH = 190
const HEIGHT = 40
const x = computed(() => scaleLinear().domain([0, props.minutes]).range([0, WIDTH]))
const y = scaleLinear()
  .domain([0, 95])
  .range([HEIGHT - 1, 2])
const shapes = computed(() =>
  props.plan.baths
    .filter((b) => b.profile.length)
    .map((b) => ({
      warm: Math.max(...b.profile.map((p) => p.temperatureC)) > 45,
      d: area<Api['TemperaturePoint']>()
        .x((p) => x.value(b.startMinute + p.minute))
        .y0(HEIGHT - 1)
        .y1((p) => y(p.temperatureC))(b.profile),
    })),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    class="block h-10 w-full"
    aria-hidden="true"
    preserveAspectRatio="none"
  >
    <path
      v-for="(s, i) in shapes"
      :key="i"
      :d="s.d ?? ''"
      :fill="`color-mix(in srgb, var(${s.warm ? '--c-heat' : '--c-water'}) 35%, transparent)`"
      :stroke="`var(${s.warm ? '--c-heat' : '--c-water'})`"
      vector-effect="non-scaling-stroke"
    />
    <line x1="0" :x2="WIDTH" :y1="HEIGHT - 0.5" :y2="HEIGHT - 0.5" stroke="var(--c-line)" />
  </svg>
</template>
