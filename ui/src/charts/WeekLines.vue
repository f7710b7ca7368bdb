<script setup lang="ts">
import { t } from '../words'
import { scaleLinear } from 'd3-scale'
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import type { Api } from '../api/client'
import { clock } from '../use/format'
import { houseHours } from '../use/houseTime'
import ChartTable from './ChartTable.vue'

/**
 * A line for each day, its hours to the right: rounds hang on it from their start until they are out of the machine,
 * and a thin tail until they are dry. Shaded is when somebody is there, hatched what is past.
 */
const props = defineProps<{ week: Api['Week']; chosen?: string }>()
const emit = defineEmits<{ choose: [start: string] }>()

const holder = useTemplateRef<HTMLElement>('holder')
const { width: measured } = useElementSize(holder)
const id = useId()
const width = computed(() => Math.max(320, measured.value || 800))
const narrow = computed(() => width.value < 560)
const left = computed(() => (narrow.value ? 34 : 92))
const ROW = 58
const TOP = 24
const x = computed(() =>
  scaleLinear()
    .domain([0, 24])
    .range([left.value, width.value - 8]),
)
const days = computed(() =>
  props.week.dates.map((d, row) => ({
    row,
    from: Date.parse(d.from),
    to: Date.parse(d.to),
    name: d.words,
    day: d.weekday,
  })),
)
const height = computed(() => TOP + days.value.length * ROW + 6)

interface Piece {
  row: number
  x: number
  width: number
  first: boolean
}
/** A stretch of time as pieces on the lines of its days. */
function pieces(from: string, to: string): Piece[] {
  const start = Date.parse(from)
  const end = Date.parse(to)
  return days.value.flatMap((day) => {
    const a = Math.max(start, day.from)
    const b = Math.min(end, day.to)
    if (b <= a) return []
    const at = x.value(houseHours(new Date(a)))
    const until = x.value(b === day.to ? 24 : houseHours(new Date(b)))
    return [
      {
        row: day.row,
        x: at,
        width: Math.max(2, until - at),
        first: a === start,
      },
    ]
  })
}
const y = (row: number) => TOP + row * ROW
const there = computed(() => props.week.there.flatMap((s) => pieces(s.from, s.to)))
const nights = computed(() => props.week.nights.flatMap((s) => pieces(s.from, s.to)))
const past = computed(() => pieces(props.week.dates[0]?.from ?? props.week.now, props.week.now))
const rounds = computed(() =>
  props.week.rounds.map((r) => ({
    ...r,
    wash: pieces(r.start, r.hang),
    tail: pieces(r.hang, r.dry),
  })),
)
const extras = computed(() =>
  props.week.extras.map((e) => ({ ...e, wash: pieces(e.start, e.end) })),
)
const rows = computed(() =>
  props.week.rounds.map((r) => [
    r.startWords,
    t(
      'charts.weekLines.pieces',
      {
        pieces: r.pieces,
        hot: r.hot ? t('charts.weekLines.hot') : '',
        pinned: r.pinned ? t('charts.weekLines.pinned') : '',
      },
      r.pieces,
    ),
    r.steps.map((s) => `${s.words} ${s.atWords}`).join(', '),
    r.notes.join(', ') || t('charts.nothing'),
  ]),
)
const HOURS = [0, 6, 12, 18]
</script>

<template>
  <div ref="holder" data-chart="week">
    <svg
      :viewBox="`0 0 ${width} ${height}`"
      role="group"
      class="block w-full"
      :aria-labelledby="`${id}-t`"
    >
      <title :id="`${id}-t`">{{ $t('charts.weekLines.roundsOfTheComingDays') }}</title>
      <text
        v-for="h in HOURS"
        :key="h"
        :x="x(h)"
        y="14"
        font-size="11"
        :text-anchor="h === 0 ? 'start' : 'middle'"
      >
        {{ h }}:00
      </text>
      <rect
        v-for="(p, i) in there"
        :key="`t${i}`"
        :x="p.x"
        :y="y(p.row) + 4"
        :width="p.width"
        :height="ROW - 12"
        fill="var(--c-sun)"
        opacity="0.16"
      />
      <rect
        v-for="(p, i) in nights"
        :key="`n${i}`"
        :x="p.x"
        :y="y(p.row) + ROW - 12"
        :width="p.width"
        height="3"
        fill="var(--c-soft)"
      />
      <rect
        v-for="(p, i) in past"
        :key="`p${i}`"
        :x="p.x"
        :y="y(p.row) + 4"
        :width="p.width"
        :height="ROW - 12"
        fill="var(--c-line)"
        opacity="0.35"
      />
      <g v-for="d in days" :key="d.row">
        <text x="0" :y="y(d.row) + 26" :font-size="narrow ? 11 : 13" font-weight="600">
          {{ narrow ? d.day : d.name }}
        </text>
        <line
          :x1="left"
          :x2="width - 8"
          :y1="y(d.row) + 12"
          :y2="y(d.row) + 12"
          stroke="var(--c-ink)"
          stroke-width="1.2"
        />
      </g>
      <g v-for="e in extras" :key="e.start" :data-extra="e.sort">
        <title>{{ e.words }}, {{ e.startWords }}</title>
        <rect
          v-for="(p, i) in e.wash"
          :key="i"
          :x="p.x"
          :y="y(p.row) + 12"
          :width="p.width"
          height="16"
          fill="none"
          stroke="var(--c-ink)"
          stroke-dasharray="3 2"
        />
        <text v-if="e.wash[0]" :x="e.wash[0].x" :y="y(e.wash[0].row) + 41" font-size="11">
          {{
            e.sort === 'HOUSEHOLD'
              ? $t('charts.weekLines.household')
              : $t('charts.weekLines.maintenance')
          }}
        </text>
      </g>
      <g
        v-for="r in rounds"
        :key="r.start"
        role="button"
        tabindex="0"
        class="cursor-pointer"
        :aria-label="
          $t(
            'charts.weekLines.roundPieces',
            { startWords: r.startWords, pieces: r.pieces },
            r.pieces,
          )
        "
        :aria-pressed="chosen === r.start"
        :data-round="r.start"
        @click="emit('choose', r.start)"
        @keydown.enter.prevent="emit('choose', r.start)"
      >
        <rect
          v-for="(p, i) in r.tail"
          :key="`d${i}`"
          :x="p.x"
          :y="y(p.row) + 12"
          :width="p.width"
          height="5"
          fill="var(--c-good)"
          opacity="0.55"
        />
        <rect
          v-for="(p, i) in r.wash"
          :key="`w${i}`"
          :x="p.x"
          :y="y(p.row) + 12"
          :width="p.width"
          height="26"
          data-wash
          :fill="r.hot ? 'var(--c-heat)' : 'var(--c-water)'"
          :stroke="chosen === r.start ? 'var(--c-sun)' : r.notes.length ? 'var(--c-heat)' : 'none'"
          stroke-width="3"
        />
        <text
          v-if="r.wash[0]"
          :x="r.wash[0].x + 4"
          :y="y(r.wash[0].row) + 29"
          font-size="11.5"
          font-weight="600"
          style="fill: var(--c-paper)"
        >
          {{ clock(new Date(r.start)) }}
        </text>
        <text
          v-if="r.wash[0] && (r.pinned || r.notes.length)"
          :x="r.wash[0].x"
          :y="y(r.wash[0].row) + 50"
          font-size="11"
        >
          {{ r.notes.length ? '! ' : '' }}{{ r.pinned ? $t('charts.weekLines.moved') : '' }}
        </text>
      </g>
    </svg>
    <ChartTable
      :caption="$t('charts.weekLines.roundsOfTheComingDays')"
      :head="[
        $t('charts.weekLines.start'),
        $t('charts.weekLines.what'),
        $t('charts.weekLines.steps'),
        $t('charts.weekLines.drawbacks'),
      ]"
      :rows="rows"
    />
  </div>
</template>
