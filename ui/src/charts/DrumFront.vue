<script setup lang="ts">
import { computed, useId } from 'vue'
import { percent } from '../use/format'

/** The drum seen from the front: what settles after the first wash, bulkers above it, the good window on the rim. */
const props = defineProps<{
  preWashed: number
  main: number
  windowFrom: number
  windowTo: number
}>()

const RADIUS = 100
const id = useId()

/** Height above the bottom at which a circle of radius 1 is filled to a share of its area, as a share of 2. */
function level(share: number): number {
  const wanted = Math.min(1, Math.max(0, share)) * Math.PI
  let low = 0
  let high = 2
  for (let i = 0; i < 40; i++) {
    const h = (low + high) / 2
    const area = Math.acos(1 - h) - (1 - h) * Math.sqrt(Math.max(0, 2 * h - h * h))
    if (area < wanted) low = h
    else high = h
  }
  return low
}
function y(share: number) {
  return RADIUS - level(share) * RADIUS
}
function rim(share: number, side: 1 | -1, radius: number) {
  const at = y(share)
  return `${side * Math.sqrt(Math.max(0, radius * radius - at * at))} ${at}`
}
function band(side: 1 | -1) {
  const r = 111
  return `M${rim(props.windowFrom, side, r)} A${r} ${r} 0 0 ${side === 1 ? 0 : 1} ${rim(props.windowTo, side, r)}`
}
const wet = computed(() => y(props.preWashed))
const full = computed(() => y(Math.min(1, props.main)))
const over = computed(() => props.main > 1)
</script>

<template>
  <svg
    viewBox="-128 -124 256 248"
    role="img"
    class="block w-full"
    :aria-label="`Drum ${percent(main)} full in the main wash, ${percent(preWashed)} of it the first set once washed. Good is ${percent(windowFrom)} to ${percent(windowTo)}.`"
  >
    <defs>
      <clipPath :id="`${id}-drum`"><circle r="100" /></clipPath>
      <pattern :id="`${id}-dots`" width="8" height="8" patternUnits="userSpaceOnUse">
        <circle cx="2" cy="2" r="1.1" fill="var(--c-ink)" />
        <circle cx="6" cy="6" r="1.1" fill="var(--c-ink)" />
      </pattern>
    </defs>
    <circle r="117" fill="none" stroke="var(--c-ink)" stroke-width="1.8" />
    <circle r="105" fill="none" stroke="var(--c-ink)" stroke-width="1" />
    <circle r="100" fill="var(--c-sheet)" />
    <g :clip-path="`url(#${id}-drum)`">
      <rect
        class="moves"
        x="-100"
        :y="full"
        width="200"
        :height="Math.max(0, wet - full)"
        :fill="`url(#${id}-dots)`"
      />
      <rect
        class="moves"
        x="-100"
        :y="wet"
        width="200"
        height="220"
        fill="color-mix(in srgb, var(--c-water) 55%, var(--c-sheet))"
      />
      <path
        :d="`M-100 ${wet} q12 -6 25 0 t25 0 t25 0 t25 0 t25 0 t25 0 t25 0 t25 0`"
        fill="none"
        stroke="var(--c-ink)"
      />
    </g>
    <path
      v-for="s in [1, -1] as const"
      :key="s"
      :d="band(s)"
      fill="none"
      stroke="var(--c-good)"
      stroke-width="9"
    />
    <text y="-64" text-anchor="middle" class="num" font-size="30">{{ percent(main) }}</text>
    <text v-if="over" y="-42" text-anchor="middle" font-size="12">more than full</text>
    <text
      v-if="preWashed > 0.12"
      :y="Math.min(84, wet + 24)"
      text-anchor="middle"
      font-size="12.5"
      style="fill: var(--c-ink)"
    >
      washed once
    </text>
  </svg>
</template>

<style scoped>
.moves {
  transition:
    y 0.3s ease,
    height 0.3s ease;
}
</style>
