<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import type { Api } from '../api/client'

/** A place with what hangs on it: each piece a cloth on the line, dark while it is wet and pale when nearly dry. */
const props = defineProps<{ groups: Api['Group'][]; inside?: boolean }>()

const holder = useTemplateRef<HTMLElement>('holder')
const { width: measured } = useElementSize(holder)
const width = computed(() => Math.max(200, measured.value || 320))
const HEIGHT = 56
const LINE = 8
/** Moisture at which a piece is drawn as wet as can be [kg/kg]. */
const WETTEST = 0.6
/** Gap between pieces, and between kinds. */
const GAP = 3
const BETWEEN = 9
const LARGEST = 30
const SMALLEST = 3

const pieces = computed(() => props.groups.reduce((sum, g) => sum + g.pieces, 0))
const each = computed(() => {
  const room = width.value - 12 - BETWEEN * props.groups.length
  return Math.max(SMALLEST, Math.min(LARGEST, room / Math.max(1, pieces.value) - GAP))
})
const drawn = computed(() => {
  let at = 8
  return props.groups.flatMap((g) => {
    const wet = Math.round(18 + 62 * Math.min(1, g.moistureNow / WETTEST))
    const cloths = Array.from({ length: g.pieces }, () => {
      const left = at
      at += each.value + GAP
      return { left, wet, ready: g.ready }
    })
    at += BETWEEN
    return cloths
  })
})
/** The line sags a little under what hangs on it. */
const sag = computed(() => Math.min(5, pieces.value / 4))
function y(left: number) {
  const share = left / width.value
  return LINE + 4 * sag.value * share * (1 - share)
}
</script>

<template>
  <div ref="holder" aria-hidden="true">
    <svg :viewBox="`0 0 ${width} ${HEIGHT}`" class="block w-full">
      <path
        :d="`M0 ${LINE} Q ${width / 2} ${LINE + 2 * sag} ${width} ${LINE}`"
        fill="none"
        stroke="var(--c-ink)"
        stroke-width="1.4"
      />
      <g v-for="(p, i) in drawn" :key="i">
        <rect
          :x="p.left"
          :y="y(p.left)"
          :width="each"
          :height="HEIGHT - 16"
          :fill="`color-mix(in srgb, var(--c-water) ${p.wet}%, var(--c-sheet))`"
          stroke="var(--c-ink)"
          stroke-width="0.9"
        />
        <rect
          v-if="each > 7"
          :x="p.left + each / 2 - 1.5"
          :y="y(p.left) - 4"
          width="3"
          height="8"
          fill="var(--c-sun)"
        />
      </g>
    </svg>
  </div>
</template>
