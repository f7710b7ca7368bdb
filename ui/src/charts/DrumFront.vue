<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Api } from '../api/client'
import { percent } from '../use/format'

/**
 * What washes, seen from the front, each kind of machine as it is: what settles after the first wash, bulk above it,
 * the dry heap as a dashed line, and the good window on the rim.
 */
const props = defineProps<{ fill: Api['Fill']; machine: Api['MachineFront'] }>()

const id = useId()
const type = computed(() => props.machine.type)
const window = computed(() => props.machine.window)

/** Half the width of the inside at a height above the bottom, both as shares of the inside height. */
function halfWidth(h: number): number {
  if (type.value === 'FRONT_LOADER') return Math.sqrt(Math.max(0, h - h * h))
  return type.value === 'TOP_LOADER' ? 0.46 : 0.34 + 0.1 * h
}
const SLICES = 200
/** Height at which a share of the inside is filled: the machine is drawn flat, so shares are areas. */
function level(share: number): number {
  const slices = Array.from({ length: SLICES }, (_, i) => halfWidth((i + 0.5) / SLICES))
  const wanted = Math.min(1, Math.max(0, share)) * slices.reduce((a, b) => a + b, 0)
  let area = 0
  for (let i = 0; i < SLICES; i++) {
    const next = area + (slices[i] ?? 0)
    if (next >= wanted - 1e-9) return (i + (wanted - area) / (slices[i] || 1)) / SLICES
    area = next
  }
  return 1
}
const TOP = -100
const HEIGHT = 200
function y(share: number) {
  return TOP + HEIGHT * (1 - level(share))
}
const inside = computed(() => {
  if (type.value === 'FRONT_LOADER') return 'M0 -100 A100 100 0 1 1 0 100 A100 100 0 1 1 0 -100 Z'
  return type.value === 'TOP_LOADER'
    ? 'M-92 -100 L92 -100 L92 84 Q92 100 76 100 L-76 100 Q-92 100 -92 84 Z'
    : 'M-88 -100 L88 -100 L68 100 L-68 100 Z'
})
function band(side: 1 | -1) {
  const from = y(window.value.from)
  const to = y(window.value.to)
  if (type.value === 'FRONT_LOADER') {
    const r = 111
    const at = (height: number) =>
      `${side * Math.sqrt(Math.max(0, r * r - height * height))} ${height}`
    return `M${at(from)} A${r} ${r} 0 0 ${side === 1 ? 0 : 1} ${at(to)}`
  }
  const at = (share: number) => side * (halfWidth(level(share)) * HEIGHT + 10)
  return `M${at(window.value.from)} ${from} L${at(window.value.to)} ${to}`
}
const dry = computed(() => y(props.fill.dry))
const wet = computed(() => y(props.fill.preWashed))
const full = computed(() => y(props.fill.main))
const over = computed(() => props.fill.main > 1)
const dryHalf = computed(() => halfWidth(level(props.fill.dry)) * HEIGHT)
</script>

<template>
  <svg
    viewBox="-128 -124 256 248"
    role="img"
    class="block w-full"
    :data-machine="type"
    :aria-label="
      $t('charts.drumFront.fullInTheMainWash', {
        typeWords: machine.typeWords,
        main: percent(fill.main),
        dry: percent(fill.dry),
        preWashed: percent(fill.preWashed),
        from: percent(window.from),
        to: percent(window.to),
      })
    "
  >
    <defs>
      <clipPath :id="`${id}-drum`"><path :d="inside" /></clipPath>
      <pattern :id="`${id}-dots`" width="8" height="8" patternUnits="userSpaceOnUse">
        <circle cx="2" cy="2" r="1.1" fill="var(--c-ink)" />
        <circle cx="6" cy="6" r="1.1" fill="var(--c-ink)" />
      </pattern>
    </defs>
    <g fill="none" stroke="var(--c-ink)">
      <template v-if="type === 'FRONT_LOADER'">
        <circle r="117" stroke-width="1.8" />
        <circle r="105" />
      </template>
      <path
        v-else-if="type === 'TOP_LOADER'"
        d="M-106 -112 H106 V100 Q106 116 90 116 H-90 Q-106 116 -106 100 Z"
        stroke-width="1.8"
      />
      <path v-else d="M-96 -104 Q0 -138 96 -104 M-98 -102 H98" stroke-width="1.8" />
    </g>
    <path :d="inside" fill="var(--c-sheet)" stroke="var(--c-ink)" stroke-width="0.8" />
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
      v-if="type === 'TOP_LOADER'"
      d="M-9 100 L-6 -40 H6 L9 100 Z"
      fill="var(--c-sheet)"
      stroke="var(--c-ink)"
    />
    <g v-if="fill.dry > 0.02">
      <line
        :x1="-dryHalf"
        :x2="dryHalf"
        :y1="dry"
        :y2="dry"
        stroke="var(--c-ink)"
        stroke-dasharray="3 4"
      />
      <text :x="0" :y="dry - 4" text-anchor="middle" font-size="15.5" class="halo">
        {{ $t('charts.drumFront.firstSetDry') }}
      </text>
    </g>
    <path
      v-for="s in [1, -1] as const"
      :key="s"
      :d="band(s)"
      fill="none"
      stroke="var(--c-good)"
      stroke-width="9"
    />
    <text y="-68" text-anchor="middle" class="num" font-size="30">{{ percent(fill.main) }}</text>
    <text v-if="over" y="-48" text-anchor="middle" font-size="15.5">
      {{ $t('charts.drumFront.overfull') }}
    </text>
    <text
      v-if="fill.preWashed > 0.12"
      :y="Math.min(88, wet + 24)"
      text-anchor="middle"
      font-size="15.5"
    >
      {{ $t('charts.drumFront.washedOnce') }}
    </text>
  </svg>
</template>

<style scoped>
.halo {
  paint-order: stroke;
  stroke: var(--c-sheet);
  stroke-width: 3px;
}
.moves {
  transition:
    y 0.3s ease,
    height 0.3s ease;
}
</style>
