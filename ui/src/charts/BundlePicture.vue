<script setup lang="ts">
import { computed } from 'vue'

/** A cubby from the front: what is ready lies folded, what is still wanted as an outline. */
const props = defineProps<{ ready: number; wanted: number }>()

const PER_ROW = 7
const MOST_ROWS = 3
const WIDTH = 40
const HEIGHT = 18
const GAP = 4

const shown = computed(() =>
  Math.min(PER_ROW * MOST_ROWS, Math.max(props.ready, props.wanted, PER_ROW)),
)
const rows = computed(() => Math.ceil(shown.value / PER_ROW))
const height = computed(() => rows.value * (HEIGHT + GAP) + 10)
const parcels = computed(() =>
  Array.from({ length: Math.min(shown.value, Math.max(props.ready, props.wanted)) }, (_, i) => ({
    x: 6 + (i % PER_ROW) * (WIDTH + GAP),
    y: height.value - 6 - (Math.floor(i / PER_ROW) + 1) * (HEIGHT + GAP) + GAP,
    ready: i < props.ready,
  })),
)
const across = 12 + PER_ROW * (WIDTH + GAP) - GAP
</script>

<template>
  <svg :viewBox="`0 0 ${across} ${height}`" class="block w-full max-w-80" aria-hidden="true">
    <path
      :d="`M1 0 V${height - 4} H${across - 1} V0`"
      fill="none"
      stroke="var(--c-ink)"
      stroke-width="1.6"
    />
    <rect x="1" :y="height - 5" :width="across - 2" height="5" fill="var(--c-line)" />
    <g v-for="(p, i) in parcels" :key="i">
      <rect
        :x="p.x"
        :y="p.y"
        :width="WIDTH"
        :height="HEIGHT"
        rx="4"
        :fill="p.ready ? 'color-mix(in srgb, var(--c-water) 45%, var(--c-sheet))' : 'none'"
        stroke="var(--c-ink)"
        stroke-width="1.1"
        :stroke-dasharray="p.ready ? undefined : '3 2'"
      />
      <path
        v-if="p.ready"
        :d="`M${p.x + 7} ${p.y + 6} h${WIDTH - 14} m0 5 h-${WIDTH - 14}`"
        stroke="var(--c-ink)"
        stroke-width="0.7"
        fill="none"
      />
    </g>
  </svg>
</template>
