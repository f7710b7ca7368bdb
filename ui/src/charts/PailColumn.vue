<script setup lang="ts">
import { t } from '../words'
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import type { Api } from '../api/client'
import { percent } from '../use/format'

/**
 * A pail as a column that fills up: one layer a day part, darker with age. The ruler at its left runs from empty to
 * the holding limit; the mark on it is the oldest piece.
 */
const props = defineProps<{ pail: Api['Pail'] }>()

const id = useId()
const holder = useTemplateRef<SVGSVGElement>('holder')
const { width: measured } = useElementSize(holder)
/** Text is to be so tall as it is seen [px], however small the pail is drawn. */
const SEEN = 11.2
const fontSize = computed(() => (SEEN * WIDTH) / Math.max(60, measured.value || WIDTH))
/** Width of a letter, by its height. */
const LETTER = 0.52
/** What fits into a layer: its day part and count, or the count alone. */
function words(layer: { label: string; pieces: number }) {
  const all = `${layer.label} ${layer.pieces}`
  return all.length * LETTER * fontSize.value <= inner.right - inner.left - 8
    ? all
    : String(layer.pieces)
}
const WIDTH = 150
const TOP = 34
const BOTTOM = 214
const LEAST_LAYER = 19
const RULER_LIMIT = TOP + 22

const inner = { left: 30, right: 142 }
const taper = computed(() =>
  props.pail.style === 'DRY_PAIL' ? 11 : props.pail.style === 'BASKET' ? 6 : 0,
)

function leftAt(y: number) {
  return inner.left + (taper.value * (y - TOP)) / (BOTTOM - TOP)
}
function rightAt(y: number) {
  return inner.right - (taper.value * (y - TOP)) / (BOTTOM - TOP)
}

const layers = computed(() => {
  const room = BOTTOM - TOP - 4
  const wanted = props.pail.layers.map((l) => Math.max(LEAST_LAYER, l.fill * room))
  const squeeze = Math.min(
    1,
    room /
      Math.max(
        1,
        wanted.reduce((a, b) => a + b, 0),
      ),
  )
  let floor = BOTTOM - 1.5
  return props.pail.layers.map((layer, i) => {
    const height = (wanted[i] ?? 0) * squeeze
    const top = floor - height
    const shape = `M${leftAt(floor) + 2} ${floor} L${leftAt(top) + 2} ${top} Q${WIDTH / 2 + 11} ${top - 5} ${rightAt(top) - 2} ${top} L${rightAt(floor) - 2} ${floor} Z`
    const over = layer.age >= 1
    const strength = 18 + Math.round(Math.min(1, layer.age) * 38)
    const fill = over
      ? 'var(--c-heat-deep)'
      : `color-mix(in srgb, var(--c-water) ${strength}%, var(--c-sheet))`
    const assumedFrom =
      rightAt(top) -
      2 -
      ((rightAt(top) - leftAt(top) - 4) * layer.assumed) / Math.max(1, layer.pieces)
    const text = { y: (top + floor) / 2 + fontSize.value * 0.35, over }
    floor = top - 1.5
    return { ...layer, shape, fill, text, assumedFrom }
  })
})

const oldest = computed(() => Math.max(0, ...props.pail.layers.map((l) => l.age)))
const markY = computed(() => {
  const reach = BOTTOM - RULER_LIMIT
  return BOTTOM - Math.min(1.08, oldest.value) * reach
})
const description = computed(() =>
  props.pail.layers.length === 0
    ? t('charts.pailColumn.isEmpty', { name: props.pail.name })
    : t('charts.pailColumn.theOldestHasUsedOf', {
        name: props.pail.name,
        join: props.pail.layers
          .map((l) =>
            l.assumed
              ? t('charts.pailColumn.assumed', {
                  label: l.label,
                  pieces: l.pieces,
                  assumed: l.assumed,
                })
              : `${l.label} ${l.pieces}`,
          )
          .join(', '),
        value: percent(oldest.value),
      }),
)
</script>

<template>
  <svg
    ref="holder"
    :viewBox="`0 0 ${WIDTH} 222`"
    role="img"
    class="block w-full"
    :aria-label="description"
  >
    <defs>
      <pattern
        :id="`${id}-hatch`"
        width="5"
        height="5"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="5" height="5" fill="var(--c-sheet)" />
        <line x1="0" y1="0" x2="0" y2="5" stroke="var(--c-water)" stroke-width="1.6" />
      </pattern>
    </defs>
    <g fill="none" stroke="var(--c-ink)" stroke-width="1.6">
      <template v-if="pail.style === 'DRY_PAIL'">
        <ellipse cx="86" :cy="TOP" rx="56" ry="6" />
        <path :d="`M32 ${TOP - 3} Q86 ${TOP - 44} 140 ${TOP - 3}`" stroke-width="1.2" />
      </template>
      <path
        v-else-if="pail.style === 'OPEN_BAG'"
        :d="`M28 ${TOP - 4} Q38 ${TOP + 5} 86 ${TOP + 4} T144 ${TOP - 6}`"
        stroke-width="1.2"
      />
      <path
        v-else-if="pail.style === 'SORTED_BIN'"
        :d="`M24 ${TOP} H148 M62 ${TOP - 14} h48 v12 h-48 z`"
        stroke-width="1.2"
      />
      <path
        v-else-if="pail.style === 'MESH_BUCKET'"
        :d="`M30 ${TOP} H142 M44 ${TOP + 2} l12 12 l12 -12 l12 12 l12 -12 l12 12 l12 -12 l12 12 M32 ${TOP - 2} Q86 ${TOP - 34} 140 ${TOP - 2}`"
        stroke-width="1.2"
      />
      <path
        v-else-if="pail.style === 'OUT_BAG'"
        :d="`M30 ${TOP} H142 M30 ${TOP + 3} H142 M70 ${TOP} q0 -20 16 -20 t16 20`"
        stroke-width="1.2"
      />
      <path
        v-else-if="pail.style === 'NEW_PIECES'"
        :d="`M30 ${TOP} H142 M116 ${TOP} v22 l8 -6 l8 6 v-22`"
        stroke-width="1.2"
      />
      <path v-else :d="`M26 ${TOP} H146 M56 ${TOP} q4 -18 30 -18 t30 18`" stroke-width="1.2" />
      <path
        :d="`M${leftAt(TOP)} ${TOP} L${leftAt(BOTTOM)} ${BOTTOM} H${rightAt(BOTTOM)} L${rightAt(TOP)} ${TOP}`"
        :stroke-dasharray="pail.style === 'BASKET' ? '5 2' : undefined"
      />
    </g>
    <g v-for="(layer, i) in layers" :key="i">
      <path :d="layer.shape" :fill="layer.fill" />
      <template v-if="layer.assumed">
        <clipPath :id="`${id}-${i}`">
          <rect :x="layer.assumedFrom" y="0" width="150" height="222" />
        </clipPath>
        <path :d="layer.shape" :fill="`url(#${id}-hatch)`" :clip-path="`url(#${id}-${i})`" />
      </template>
      <text
        x="86"
        :y="layer.text.y"
        text-anchor="middle"
        :font-size="fontSize"
        :style="{
          fill: layer.text.over ? 'var(--c-on-deep)' : 'var(--c-ink)',
          stroke: layer.assumed ? 'var(--c-sheet)' : 'none',
        }"
        stroke-width="3"
        paint-order="stroke"
      >
        {{ words(layer) }}
      </text>
    </g>
    <g v-if="layers.length" stroke="var(--c-ink)">
      <line x1="14" :y1="BOTTOM" x2="14" :y2="TOP" stroke="var(--c-line)" />
      <line
        x1="8"
        :y1="RULER_LIMIT"
        x2="24"
        :y2="RULER_LIMIT"
        stroke="var(--c-good)"
        stroke-width="3"
      />
      <path
        :d="`M9 ${markY} l8 -5 v10 z`"
        :fill="oldest >= 1 ? 'var(--c-heat)' : 'var(--c-ink)'"
        stroke="none"
      />
    </g>
  </svg>
</template>
