<script setup lang="ts">
import { t } from '../words'
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import type { Api } from '../api/client'
import Figure from '../parts/Figure.vue'
import { number } from '../use/format'

/** How clean a routine washes, and what it does to germs: bars on each other, the goal as a mark. */
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
    {
      key: 'lifted',
      name: t('charts.hygieneBars.washedAway'),
      value: f.value.liftedLog,
      color: 'var(--c-water)',
    },
    {
      key: 'heat',
      name: t('charts.hygieneBars.heat'),
      value: f.value.heatLog,
      color: 'var(--c-heat)',
    },
    {
      key: 'oxygen',
      name: t('charts.hygieneBars.oxygen'),
      value: f.value.oxygenLog,
      color: 'var(--c-plum)',
    },
    {
      key: 'additive',
      name: t('charts.hygieneBars.additive'),
      value: f.value.additiveLog,
      color: 'var(--c-good)',
    },
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
  <section :aria-label="$t('charts.hygieneBars.cleanAndGerms')" class="flex gap-3">
    <svg
      :viewBox="`0 0 64 ${HEIGHT + 8}`"
      class="h-[198px] w-16 shrink-0"
      role="img"
      :aria-label="$t('charts.hygieneBars.whatLowersTheGerms')"
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
      <h2 class="text-base">{{ $t('charts.hygieneBars.clean') }}</h2>
      <p v-if="f.soilWords" data-soil>
        <Figure :why="plan.whys.soil">
          <span class="font-head font-bold">{{ f.soilWords }}</span>
        </Figure>
      </p>
      <details v-if="f.soils && f.soils.length > 1" class="text-xs text-soft" data-soils>
        <summary class="inline-block cursor-pointer underline decoration-line underline-offset-4">
          {{ $t('charts.hygieneBars.eachSoil') }}
        </summary>
        <ul>
          <li v-for="soil in f.soils" :key="soil.soil">
            <Figure :why="plan.whys[soil.why]">{{ soil.name }}: {{ soil.words }}</Figure>
          </li>
        </ul>
      </details>
      <h2 class="mt-1.5 text-base">{{ $t('charts.hygieneBars.germs') }}</h2>
      <Figure :why="plan.whys.hygiene">
        <span class="font-head font-bold">{{ f.germsWords }}</span>
      </Figure>
      <p :class="f.goalMet ? 'text-good-word' : ''" class="font-semibold">
        {{
          $t('charts.hygieneBars.theGoal', {
            goalMet: f.goalMet
              ? $t('charts.hygieneBars.reaches')
              : $t('charts.hygieneBars.shortOf'),
            goalWords: f.goalWords,
          })
        }}
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
      <p v-for="left in f.leftovers ?? []" :key="left.product" class="mt-1 text-xs" data-leftover>
        {{
          $t('charts.hygieneBars.aboutMgKgStayIn', {
            product: left.product,
            mgKg: number(left.mgKg),
          })
        }}
      </p>
      <p class="mt-1 text-xs text-soft">{{ $t('charts.hygieneBars.estimatesSunAndDryingAre') }}</p>
    </div>
  </section>
</template>
