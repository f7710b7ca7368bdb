<script setup lang="ts">
import { t } from '../words'
import { scaleLinear, scaleTime } from 'd3-scale'
import { area, line } from 'd3-shape'
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import type { Api } from '../api/client'
import { clock, measure, number } from '../use/format'
import { houseHours } from '../use/houseTime'
import WeatherHours from './WeatherHours.vue'
import ChartTable from './ChartTable.vue'

/** Hours run right under a ribbon of weather; each group is a curve of moisture that falls until dry. */
const props = defineProps<{ drying: Api['Drying'] }>()

/** What is marked on a curve, by a letter in a tag; the words stand beside in the list. */
const MARKED: Partial<Record<Api['CourseMark']['sort'], string>> = {
  TURN: t('charts.dryingCurves.markTurn'),
  SHADE: t('charts.dryingCurves.markShade'),
  OUT: t('charts.dryingCurves.markOut'),
  BRING_IN: t('charts.dryingCurves.markBringIn'),
  DRYER: t('charts.dryingCurves.markDryer'),
}

const holder = useTemplateRef<HTMLElement>('holder')
const { width: measured } = useElementSize(holder)
const id = useId()
const width = computed(() => Math.max(320, measured.value || 800))
const narrow = computed(() => width.value < 560)
const left = computed(() => (narrow.value ? 10 : 178))
const right = computed(() => width.value - (narrow.value ? 12 : 70))
const RIBBON = { top: 6, bottom: 74 }
const FIRST = 104
const rowHeight = computed(() => (narrow.value ? 84 : 62))
const height = computed(
  () => FIRST + props.drying.groups.reduce((n, g) => n + g.ways.length, 0) * rowHeight.value + 22,
)

const from = computed(() => new Date(props.drying.from))
const to = computed(() => new Date(props.drying.to))
const x = computed(() =>
  scaleTime().domain([from.value, to.value]).range([left.value, right.value]),
)
const now = computed(() => x.value(new Date(props.drying.now)))
const hourTicks = computed(() => {
  const hours = (to.value.getTime() - from.value.getTime()) / 3.6e6
  const every = hours > 30 ? 6 : hours > 14 || narrow.value ? 4 : 2
  return props.drying.weather
    .map((h) => new Date(h.from))
    .filter((d) => Math.floor(houseHours(d)) % every === 0)
    .filter((d) => x.value(d) < right.value - 8)
})

const temperatures = computed(() => props.drying.weather.map((h) => h.temperatureC))

/** Whether a word beside a dot would run out of the picture. */
function crowds(dot: number, words: string) {
  return dot + words.length * 8 + 12 > width.value
}

/** A row for each way that pieces of a group take; what is behind them is the same. */
const groups = computed(() =>
  props.drying.groups
    .flatMap((g) => g.ways.map((way, part) => ({ g, way, part })))
    .map(({ g, way, part }, row) => {
      const base = FIRST + row * rowHeight.value + rowHeight.value - 14
      const past = g.points
      const most = Math.max(
        0.3,
        ...past.map((p) => p.moisture),
        ...way.points.map((p) => p.moisture),
      )
      const y = scaleLinear()
        .domain([0, most])
        .range([base, base - rowHeight.value + (narrow.value ? 42 : 22)])
      const place = (p: Api['HangingGroupPoint']) =>
        [x.value(new Date(p.at)), y(p.moisture)] as [number, number]
      const inside = (p: [number, number]) => p[0] <= right.value
      const behind = past.map(place)
      const ahead = way.points.map(place).filter(inside)
      const end = way.dryBy ? Date.parse(way.dryBy) : undefined
      const marks = way.marks
        .filter((m) => MARKED[m.sort])
        .map((m) => ({ ...m, x: x.value(new Date(m.at)), sign: MARKED[m.sort] }))
        .filter((m) => m.x <= right.value)
      return {
        key: `${g.id}.${part}`,
        words:
          g.ways.length > 1
            ? t('charts.dryingCurves.of', { pieces: way.pieces, words: g.words })
            : g.words,
        place: way.words,
        late: way.late,
        dryWords: g.ready ? t('charts.dryingCurves.mayBeDry') : way.dryWords,
        base,
        area: area<[number, number]>()
          .x((p) => p[0])
          .y0(base)
          .y1((p) => p[1])([...behind, ...ahead]),
        behind: line<[number, number]>()(behind),
        ahead: line<[number, number]>()(ahead),
        marks,
        dot: end !== undefined && end <= to.value.getTime() ? x.value(new Date(end)) : undefined,
      }
    }),
)
const rows = computed(() =>
  props.drying.groups.flatMap((g) =>
    g.ways.map((way) => [
      g.ways.length > 1
        ? t('charts.dryingCurves.of', { pieces: way.pieces, words: g.words })
        : g.words,
      way.words,
      g.hungWords,
      number(g.moistureNow, 2),
      way.marks
        .filter((m) => m.sort !== 'DRY')
        .map((m) => `${clock(new Date(m.at))} ${m.words}`)
        .join('; ') || t('charts.nothing'),
      way.dryWords,
    ]),
  ),
)
</script>

<template>
  <div ref="holder" data-chart="drying">
    <svg
      :viewBox="`0 0 ${width} ${height}`"
      role="img"
      class="block w-full"
      :aria-labelledby="`${id}-t ${id}-d`"
    >
      <title :id="`${id}-t`">{{ $t('charts.dryingCurves.howWetThePiecesStill') }}</title>
      <desc :id="`${id}-d`">
        {{ rows.map((r) => $t('charts.dryingCurves.dry', { r: r[0], r2: r[4] })).join('. ') }}
      </desc>
      <g>
        <WeatherHours
          :hours="drying.weather"
          :x="x"
          :top="RIBBON.top"
          :bottom="RIBBON.bottom"
          :right="right"
        />
        <text v-if="!narrow" x="0" y="24" font-size="12" font-weight="600">
          {{ $t('charts.dryingCurves.outdoors') }}
        </text>
        <text v-if="!narrow" x="0" y="40" font-size="12">
          {{
            $t('charts.dryingCurves.to', {
              temperatures: measure(Math.min(...temperatures), 'celsius'),
              temperatures2: measure(Math.max(...temperatures), 'celsius'),
            })
          }}
        </text>
      </g>
      <line
        :x1="left"
        :x2="right"
        :y1="RIBBON.bottom"
        :y2="RIBBON.bottom"
        stroke="var(--c-ink)"
        stroke-width="1.5"
      />
      <g v-for="tick in hourTicks" :key="tick.getTime()">
        <line
          :x1="x(tick)"
          :x2="x(tick)"
          :y1="RIBBON.bottom"
          :y2="RIBBON.bottom + 4"
          stroke="var(--c-ink)"
        />
        <text :x="x(tick)" :y="RIBBON.bottom + 17" text-anchor="middle" font-size="11">
          {{ clock(tick) }}
        </text>
      </g>
      <g v-for="g in groups" :key="g.key" :data-curve="g.key">
        <text
          :x="narrow ? left : 0"
          :y="narrow ? g.base - 56 : g.base - 26"
          font-size="13"
          font-weight="600"
        >
          {{ g.words }}
        </text>
        <text
          :x="narrow ? right : 0"
          :y="narrow ? g.base - 56 : g.base - 10"
          :text-anchor="narrow ? 'end' : 'start'"
          font-size="11.5"
        >
          {{ g.place }}
        </text>
        <line :x1="left" :x2="right" :y1="g.base" :y2="g.base" stroke="var(--c-line)" />
        <path :d="g.area ?? ''" fill="color-mix(in srgb, var(--c-water) 26%, transparent)" />
        <path :d="g.behind ?? ''" fill="none" stroke="var(--c-water)" stroke-width="2.4" />
        <path
          :d="g.ahead ?? ''"
          fill="none"
          stroke="var(--c-water)"
          stroke-width="2"
          stroke-dasharray="6 3"
        />
        <g v-for="(m, i) in g.marks" :key="i" :data-mark="m.sort">
          <title>{{ m.words }}</title>
          <line
            :x1="m.x"
            :x2="m.x"
            :y1="g.base - rowHeight + 26"
            :y2="g.base"
            stroke="var(--c-ink)"
            stroke-width="1.4"
            :stroke-dasharray="m.sort === 'TURN' || m.sort === 'SHADE' ? '2 2' : ''"
          />
          <rect
            :x="m.x"
            :y="g.base - rowHeight + 16"
            :width="m.sign!.length * 6.4 + 8"
            height="15"
            :fill="m.sort === 'DRYER' ? 'var(--c-heat)' : 'var(--c-sheet)'"
            stroke="var(--c-ink)"
            stroke-width="0.8"
          />
          <text
            :x="m.x + 4"
            :y="g.base - rowHeight + 27"
            font-size="11"
            :style="m.sort === 'DRYER' ? 'fill: var(--c-paper)' : ''"
          >
            {{ m.sign }}
          </text>
        </g>
        <template v-if="g.dot !== undefined">
          <circle
            :cx="g.dot"
            :cy="g.base"
            r="4.5"
            :fill="g.late ? 'var(--c-heat)' : 'var(--c-good)'"
          />
          <text
            :x="g.dot + (crowds(g.dot, g.dryWords) ? -8 : 9)"
            :y="g.base - 5"
            :text-anchor="crowds(g.dot, g.dryWords) ? 'end' : 'start'"
            class="num"
            font-size="14"
            :style="`fill: var(${g.late ? '--c-heat-word' : '--c-good-word'})`"
          >
            {{ g.late ? '! ' : '' }}{{ g.dryWords }}
          </text>
        </template>
        <text
          v-else
          :x="right"
          :y="g.base - 6"
          text-anchor="end"
          font-size="12"
          style="fill: var(--c-heat-word)"
        >
          {{ g.late ? '! ' : '' }}{{ g.dryWords }}
        </text>
      </g>
      <g v-if="groups.length">
        <line
          :x1="now"
          :x2="now"
          y1="0"
          :y2="height - 14"
          stroke="var(--c-heat)"
          stroke-width="1.5"
        />
        <text :x="now + 4" :y="height - 4" font-size="12" style="fill: var(--c-heat-word)">
          {{ $t('charts.dryingCurves.now') }}
        </text>
      </g>
    </svg>
    <ChartTable
      :caption="$t('charts.dryingCurves.whatHangs')"
      :head="[
        $t('charts.dryingCurves.what'),
        $t('charts.dryingCurves.place'),
        $t('charts.dryingCurves.hung'),
        $t('charts.dryingCurves.moistureNowKgKg'),
        $t('charts.dryingCurves.toDo'),
        $t('charts.dryingCurves.dry2'),
      ]"
      :rows="rows"
    />
  </div>
</template>
