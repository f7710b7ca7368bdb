<script setup lang="ts">
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import type { Api } from '../api/client'
import Figure from '../parts/Figure.vue'
import { number } from '../use/format'

/** What a routine does to germs: bars that grow on each other, and the goal as a mark. */
const props = defineProps<{ plan: Api['Plan'] }>()

const HEIGHT = 190
const f = computed(() => props.plan.figures)
const scale = computed(() =>
  scaleLinear()
    .domain([0, Math.max(f.value.totalLog, f.value.goalLog * 1.25)])
    .range([0, HEIGHT]),
)
const bars = computed(() => {
  let base = 0
  return [
    { key: 'removal', name: 'lifted out', value: f.value.removalLog, color: 'var(--c-water)' },
    { key: 'heat', name: 'heat', value: f.value.heatLog, color: 'var(--c-heat)' },
    { key: 'oxygen', name: 'oxygen', value: f.value.oxygenLog, color: 'var(--c-plum)' },
    { key: 'additive', name: 'additive', value: f.value.additiveLog, color: 'var(--c-good)' },
  ].map((bar) => {
    const height = scale.value(bar.value)
    const y = HEIGHT - base - height
    base += height
    return { ...bar, y, height }
  })
})
const shown = computed(() =>
  bars.value.filter((b) => b.key !== 'additive' || b.value > 0).reverse(),
)
</script>

<template>
  <section aria-label="Germs" class="flex gap-3">
    <svg
      :viewBox="`0 0 64 ${HEIGHT + 8}`"
      class="h-[198px] w-16 shrink-0"
      role="img"
      aria-label="Hygiene by contribution"
    >
      <rect
        v-for="b in bars"
        :key="b.key"
        x="14"
        :y="b.y + 4"
        width="34"
        :height="Math.max(0, b.height - 1.5)"
        :fill="b.color"
      />
      <line
        x1="2"
        x2="62"
        :y1="HEIGHT - scale(f.goalLog) + 4"
        :y2="HEIGHT - scale(f.goalLog) + 4"
        stroke="var(--c-ink)"
        stroke-width="2.5"
      />
    </svg>
    <div class="min-w-0 text-sm">
      <h2 class="text-base">Germs, log</h2>
      <Figure :why="plan.whys.hygiene">
        <span class="font-head text-2xl font-bold">{{ number(f.totalLog, 1) }}</span>
      </Figure>
      <p :class="f.goalMet ? 'text-good-word' : 'text-heat-word'" class="font-semibold">
        {{ f.goalMet ? '✓' : '!' }} goal {{ number(f.goalLog, 1) }}, {{ f.goalWords }}
      </p>
      <ul class="mt-1">
        <li v-for="b in shown" :key="b.key" class="flex items-center gap-1.5">
          <span
            aria-hidden="true"
            class="inline-block h-2.5 w-2.5"
            :style="{ background: b.color }"
          />
          <Figure :why="plan.whys[b.key]">{{ b.name }} {{ number(b.value, 1) }}</Figure>
        </li>
      </ul>
      <p class="mt-1 text-xs text-soft">An estimate. Sun and drying are a bonus on top.</p>
    </div>
  </section>
</template>
