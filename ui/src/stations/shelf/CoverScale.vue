<script setup lang="ts">
import { scaleTime } from 'd3-scale'
import { houseMidnights, houseWeekday } from '../../use/houseTime'
import { computed } from 'vue'
import type { Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'

/** Until when each need is covered, on one scale of days: what is clean, then what comes back. */
const props = defineProps<{
  now: string
  lines: Api['CoverLasting'][]
  whys: Api['CoverCovered']['whys']
}>()

const DAY_MS = 24 * 3.6e6
const MOST_DAYS = 7
const start = computed(() => Date.parse(props.now))
const end = computed(() => {
  const last = Math.max(...props.lines.map((c) => Date.parse(c.until)))
  return Math.min(
    start.value + MOST_DAYS * DAY_MS,
    Math.max(start.value + 2 * DAY_MS, last + DAY_MS / 4),
  )
})
const x = computed(() =>
  scaleTime()
    .domain([new Date(start.value), new Date(end.value)])
    .range([0, 100])
    .clamp(true),
)
const midnights = computed(() =>
  houseMidnights(start.value, end.value).map((t) => ({ at: x.value(t), name: houseWeekday(t) })),
)
</script>

<template>
  <section :aria-label="$t('shelf.coverScale.coversUntil')">
    <h2 class="text-lg">{{ $t('shelf.coverScale.coversUntil') }}</h2>
    <p class="text-sm text-soft">{{ $t('shelf.coverScale.solidCleanHatchedWashingOr') }}</p>
    <div class="mt-1">
      <div
        v-for="line in lines"
        :key="line.need"
        class="grid grid-cols-[6.5rem_1fr_8.5rem] items-center gap-3 py-1"
        :data-cover="line.need"
      >
        <span>{{ line.name }}</span>
        <div class="relative h-5 border-b border-ink">
          <div
            class="hatch absolute inset-y-0 left-0 border-r-4 border-good"
            :style="{ width: `${x(new Date(line.until))}%` }"
          />
          <div
            class="absolute inset-y-0 left-0 bg-water/60"
            :style="{ width: `${x(new Date(line.cleanUntil))}%` }"
          />
          <span
            v-for="d in midnights"
            :key="d.at"
            class="absolute inset-y-0 w-px bg-line"
            :style="{ left: `${d.at}%` }"
          />
        </div>
        <Figure :why="whys[line.need]">
          <strong>{{ line.shortSoon ? '! ' : '' }}{{ line.words }}</strong>
        </Figure>
        <p v-if="line.remedy" class="col-span-3 text-sm sm:col-start-2 sm:col-end-4" data-remedy>
          {{ $t('shelf.coverScale.cheapest', { remedy: line.remedy }) }}
        </p>
      </div>
      <div class="grid grid-cols-[6.5rem_1fr_8.5rem] gap-3 text-xs text-soft" aria-hidden="true">
        <span />
        <div class="relative h-4">
          <span v-for="d in midnights" :key="d.at" class="absolute" :style="{ left: `${d.at}%` }">{{
            d.name
          }}</span>
        </div>
      </div>
    </div>
  </section>
</template>
