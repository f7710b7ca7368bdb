<script setup lang="ts">
import { duration } from '../use/format'

/** Times in which the pieces soak and nothing moves, as brackets above the strip. */
defineProps<{
  pauses: { from: number; minutes: number }[]
  x: (minute: number) => number
  top: number
}>()
</script>

<template>
  <g v-for="(p, i) in pauses" :key="`p${i}`" data-pause>
    <path
      :d="`M${x(p.from)} ${top + 6} v-6 H${x(p.from + p.minutes)} v6`"
      fill="none"
      stroke="var(--c-plum)"
      stroke-width="1.6"
    />
    <text
      :x="(x(p.from) + x(p.from + p.minutes)) / 2"
      :y="top - 5"
      text-anchor="middle"
      font-size="11.5"
    >
      {{ $t('charts.stripPauses.soaks', { minutes: duration(p.minutes) }) }}
    </text>
  </g>
</template>
