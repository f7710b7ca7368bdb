<script setup lang="ts">
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import type { Api } from '../../api/client'
import { number } from '../../use/format'

/** Past rounds as a strip, oldest left: temperature as height, school as hatching, missed goals marked. */
const props = defineProps<{ rounds: Api['Summary'][] }>()

const WIDTH = 940
const HEIGHT = 96
const rounds = computed(() => [...props.rounds].reverse())
const slot = computed(() => Math.min(72, WIDTH / Math.max(8, rounds.value.length)))
const y = scaleLinear()
  .domain([0, 95])
  .range([0, HEIGHT - 26])
const words = computed(() =>
  rounds.value
    .map(
      (r) =>
        `${r.startedWords} ${r.school} ${r.temperatureC} degrees${r.goalMet ? '' : ', goal missed'}`,
    )
    .join('; '),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    class="block w-full"
    :aria-label="`Rounds, oldest first: ${words}`"
  >
    <defs>
      <pattern
        id="lean"
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="6" height="6" fill="var(--c-paper)" />
        <line x1="0" y1="0" x2="0" y2="6" stroke="var(--c-water)" stroke-width="2.4" />
      </pattern>
    </defs>
    <line x1="0" :x2="WIDTH" :y1="HEIGHT - 16" :y2="HEIGHT - 16" stroke="var(--c-ink)" />
    <g v-for="(r, i) in rounds" :key="r.id">
      <rect
        :x="i * slot + 4"
        :y="HEIGHT - 16 - y(r.peakC)"
        :width="slot - 10"
        :height="y(r.peakC)"
        :fill="
          r.peakC > 45 ? 'color-mix(in srgb, var(--c-heat) 45%, var(--c-sheet))' : 'url(#lean)'
        "
        stroke="var(--c-ink)"
      />
      <text
        :x="i * slot + slot / 2 - 1"
        :y="HEIGHT - 20 - y(r.peakC)"
        text-anchor="middle"
        font-size="11.5"
      >
        {{ r.goalMet ? '' : '! ' }}{{ number(r.peakC) }}°
      </text>
      <text :x="i * slot + slot / 2 - 1" :y="HEIGHT - 4" text-anchor="middle" font-size="10.5">
        {{ r.startedWords.replace(/ \d+:\d+$/, '') }}
      </text>
    </g>
  </svg>
</template>
