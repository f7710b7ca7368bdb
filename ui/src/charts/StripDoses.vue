<script setup lang="ts">
import { computed } from 'vue'
import type { Api } from '../api/client'
import { rowsOf } from './rows'

/** Products as drops at the moment at which they go in; labels that would overlap go one row down. */
const props = defineProps<{
  doses: { dose: Api['PlanDose']; minute: number }[]
  x: (minute: number) => number
  top: number
  right: number
}>()

const WIDTH = 112
const ROW = 38
const shown = computed(() => {
  const lefts = props.doses.map((d) => Math.min(props.x(d.minute) + 5, props.right - WIDTH))
  const rows = rowsOf(lefts.map((left) => ({ from: left, to: left + WIDTH })))
  return props.doses.map(({ dose }, i) => ({
    ...dose,
    x: lefts[i] ?? 0,
    y: props.top + 30 + (rows[i] ?? 0) * ROW,
  }))
})
</script>

<template>
  <g v-for="(d, i) in shown" :key="`d${i}`">
    <path
      :d="`M${d.x + 6} ${d.y - 12} c5 7 7 10 7 13.5 a7 7 0 0 1 -14 0 c0 -3.5 2 -6.5 7 -13.5 z`"
      :fill="d.oxygen ? 'var(--c-plum)' : 'var(--c-water)'"
      stroke="var(--c-paper)"
    />
    <rect :x="d.x + 15" :y="d.y - 14" width="96" height="30" fill="var(--c-paper)" opacity="0.72" />
    <text :x="d.x + 17" :y="d.y - 2" class="num" font-size="13">{{ d.measure }}</text>
    <text :x="d.x + 17" :y="d.y + 12" font-size="11">{{ d.product }}</text>
  </g>
</template>
