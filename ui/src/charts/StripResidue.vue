<script setup lang="ts">
import type { ScaleLinear } from 'd3-scale'
import { scaleLog } from 'd3-scale'
import { computed } from 'vue'
import type { Api } from '../api/client'
import { measure } from '../use/format'

/** The detergent in the water as a falling stair on its own scale, down to the goal for what may stay. */
const props = defineProps<{
  baths: Api['Plan']['baths']
  mainBath?: Api['Plan']['baths'][number]
  targetGl?: number | null
  x: ScaleLinear<number, number>
  top: number
  bottom: number
  right: number
}>()

/** Below so little nothing is drawn of the detergent [g/L]. */
const LEAST_GL = 0.002
const strongest = computed(() => Math.max(0.01, ...props.baths.map((b) => b.detergentGL)))
const stairY = computed(() =>
  scaleLog()
    .domain([LEAST_GL, strongest.value])
    .range([props.bottom - 3, props.top + 8])
    .clamp(true),
)
const stair = computed(() => {
  let before = -1
  const path = props.baths
    .filter((b) => b.detergentGL > 0)
    .map((b) => {
      const at = stairY.value(b.detergentGL)
      const joined = before >= 0 && b.startMinute - before < 1
      before = b.startMinute + b.minutes
      return `${joined ? 'L' : 'M'}${props.x(b.startMinute)} ${at} L${props.x(before)} ${at}`
    })
  return path.join(' ')
})
/** Covers by hand come last, in water of their own that holds no detergent. */
const lastBath = computed(() => props.baths.filter((b) => b.detergentGL > 0).at(-1))
const target = computed(() => {
  const gl = props.targetGl
  return gl && gl > LEAST_GL && props.mainBath
    ? { gl, y: stairY.value(gl), from: props.x(props.mainBath.startMinute) }
    : undefined
})
</script>

<template>
  <path :d="stair" fill="none" stroke="var(--c-ink)" stroke-width="1.6" stroke-dasharray="2 3" />
  <g v-if="target" data-target>
    <line
      :x1="target.from"
      :x2="right"
      :y1="target.y"
      :y2="target.y"
      stroke="var(--c-good)"
      stroke-width="1.6"
      stroke-dasharray="7 4"
    />
    <text
      :x="right - 2"
      :y="target.y - 4"
      text-anchor="end"
      font-size="11"
      paint-order="stroke"
      stroke="var(--c-paper)"
      stroke-width="3"
    >
      {{ $t('charts.bathStrip.leftoverGoal') }}
    </text>
  </g>
  <g v-if="mainBath && mainBath.detergentGL > 0">
    <text
      :x="(x(mainBath.startMinute) + x(mainBath.startMinute + mainBath.minutes)) / 2"
      :y="top - 21"
      text-anchor="middle"
      font-size="12"
    >
      {{
        $t('charts.bathStrip.detergentGLAfterThe', {
          detergentGL: measure(mainBath.detergentGL, 'gram-per-l', 1),
          detergentGL2: measure(lastBath?.detergentGL ?? 0, 'gram-per-l', 3),
        })
      }}
    </text>
    <circle
      v-if="lastBath"
      :cx="x(lastBath.startMinute + lastBath.minutes)"
      :cy="stairY(lastBath.detergentGL || LEAST_GL)"
      r="3.4"
      fill="var(--c-ink)"
    />
  </g>
</template>
