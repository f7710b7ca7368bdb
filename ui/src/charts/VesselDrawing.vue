<script setup lang="ts">
import { t } from '../words'
import { computed } from 'vue'
import { measure } from '../use/format'

/** A vessel from the side with its level, what goes in as spoons beside it, and whether it boils. */
const props = defineProps<{
  level: number
  waterL?: number
  boils: boolean
  spoons: { spoons: string; product: string }[]
  batch?: string
}>()

const WIDTH = 300
const TOP = 34
const BOTTOM = 186
const surface = computed(() => BOTTOM - (BOTTOM - TOP) * props.level)
const words = computed(
  () =>
    (props.waterL === undefined
      ? t('charts.vesselDrawing.anEmptyVessel')
      : t('charts.vesselDrawing.aVesselWithLitresPercent', {
          waterL: measure(props.waterL, 'litre', 1),
          level: Math.round(props.level * 100),
        })) +
    props.spoons
      .map((s) => t('charts.vesselDrawing.of', { spoons: s.spoons, product: s.product }))
      .join(''),
)
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} 214`" role="img" :aria-label="words" class="block w-full max-w-sm">
    <path
      v-if="level > 0"
      :d="`M46 ${surface} H214 V${BOTTOM - 12} Q214 ${BOTTOM} 202 ${BOTTOM} H58 Q46 ${BOTTOM} 46 ${BOTTOM - 12} Z`"
      fill="color-mix(in srgb, var(--c-water) 40%, var(--c-sheet))"
    />
    <path
      v-if="level > 0"
      :d="`M46 ${surface} q14 -7 28 0 t28 0 t28 0 t28 0 t28 0 t28 0`"
      fill="none"
      stroke="var(--c-water)"
      stroke-width="1.6"
    />
    <path
      :d="`M40 ${TOP} H46 V${BOTTOM - 12} Q46 ${BOTTOM} 58 ${BOTTOM} H202 Q214 ${BOTTOM} 214 ${BOTTOM - 12} V${TOP} H220`"
      fill="none"
      stroke="var(--c-ink)"
      stroke-width="2"
    />
    <path
      :d="`M40 ${TOP + 22} q-16 4 -16 16 M220 ${TOP + 22} q16 4 16 16`"
      fill="none"
      stroke="var(--c-ink)"
      stroke-width="2"
    />
    <g v-if="boils && level > 0" stroke="var(--c-heat)" fill="none" stroke-width="1.6">
      <path d="M84 200 q8 -8 16 0 t16 0 M136 200 q8 -8 16 0 t16 0" />
      <circle
        v-for="b in [72, 104, 138, 170, 190]"
        :key="b"
        :cx="b"
        :cy="BOTTOM - ((b * 7) % 60) - 12"
        r="4"
      />
    </g>
    <line
      v-if="level > 0"
      :x1="214"
      :x2="244"
      :y1="surface"
      :y2="surface"
      stroke="var(--c-ink)"
      stroke-dasharray="3 3"
    />
    <text v-if="waterL !== undefined" class="num" x="248" :y="surface + 5" font-size="17">
      {{ measure(waterL, 'litre', 1) }}
    </text>
    <text x="130" :y="level > 0 ? surface - 8 : 112" text-anchor="middle" font-size="11.5">
      {{
        level > 0
          ? $t('charts.vesselDrawing.twoThirdsAtMost')
          : $t('charts.vesselDrawing.sayWhatGoesIn')
      }}
    </text>
    <text v-if="batch" x="130" :y="BOTTOM - 60" text-anchor="middle" font-size="12.5">
      {{ batch }}
    </text>
    <g v-for="(s, i) in spoons" :key="s.product">
      <path
        :d="`M${66 + i * 90} 8 l10 14 a7 7 0 1 1 -20 0 z`"
        fill="var(--c-plum)"
        stroke="var(--c-ink)"
      />
      <text :x="84 + i * 90" y="14" font-size="11" font-weight="600">{{ s.spoons }}</text>
      <text :x="84 + i * 90" y="27" font-size="11.5">{{ s.product }}</text>
    </g>
  </svg>
</template>
