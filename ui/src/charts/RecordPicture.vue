<script setup lang="ts">
import { t } from '../words'
import { useMediaQuery } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { computed, onMounted, ref } from 'vue'
import type { Api } from '../api/client'
import { measure } from '../use/format'
import ChartTable from './ChartTable.vue'
import SeenMark from './SeenMark.vue'
import { markOf } from './marks'
import { recordRows, type RecordRow } from './recordRows'
import { useColumn } from './useColumn'

/**
 * Past rounds, oldest left, one narrow column each: what was seen as marks, temperature as height, what was changed as
 * a nick between two columns, and beneath it what may explain it, each on its own scale.
 */
const props = defineProps<{
  rounds: Api['StoryRound'][]
  events: { at: string; words: string }[]
  selected?: number
}>()
const emit = defineEmits<{ select: [id: number] }>()

const WIDTH = 940
const LEFT = 92
const RIGHT = 62
const MARKS = 70
const BARS = 60
const ROW = 30

/** Where there is not room for all, the newest are seen first. */
const frame = ref<HTMLElement>()
onMounted(() => {
  if (frame.value) frame.value.scrollLeft = frame.value.scrollWidth
})

type Round = Api['StoryRound']
const slot = computed(() => (WIDTH - LEFT - RIGHT) / Math.max(12, props.rounds.length))
function x(i: number) {
  return LEFT + (i + 0.5) * slot.value
}
const heat = scaleLinear().domain([0, 100]).range([0, BARS])

function said(seen: Round['seen']) {
  return seen.map((s) => s.words).join(', ')
}
function roundWords(i: number) {
  const r = props.rounds[i]
  return `${r?.day}: ${said(r?.seen ?? []) || t('charts.recordPicture.nobodyLooked')}`
}
const { at, point, key } = useColumn(
  frame,
  computed(() => props.rounds.map((r) => r.id)),
  computed(() => props.selected),
  (id) => emit('select', id),
)

/** Bad marks stack upwards from the bars; what was looked at and well is a small ring on the ground line. */
function bad(r: Round) {
  return r.seen.filter((s) => !s.good)
}
const legend = computed(() => [...new Set(props.rounds.flatMap(bad).map((s) => s.sign))])
interface Row extends RecordRow {
  top: number
}
const rows: Row[] = recordRows().map((row, i) => ({
  ...row,
  top: MARKS + BARS + 34 + i * (ROW + 8),
}))
/** On a phone the newest rounds are seen, so the names stand at that end. */
const narrow = useMediaQuery('(max-width: 40rem)')
const names = computed(() => ({
  x: narrow.value ? WIDTH - RIGHT - 4 : 0,
  anchor: narrow.value ? ('end' as const) : ('start' as const),
}))
const HEIGHT = MARKS + BARS + 34 + rows.length * (ROW + 8) + 4

function points(row: Row) {
  return props.rounds.flatMap((r, i) => {
    const v = row.value(r)
    return v == null ? [] : [{ i, v }]
  })
}
function drawn(row: Row) {
  const all = points(row)
  const top = Math.max(...all.map((p) => p.v), 1e-9)
  const y = scaleLinear()
    .domain([0, top])
    .range([row.top + ROW, row.top + 3])
  const last = all[all.length - 1]
  return {
    path: line<{ i: number; v: number }>()
      .x((p) => x(p.i))
      .y((p) => y(p.v))(all),
    dots: all.map((p) => ({ x: x(p.i), y: y(p.v) })),
    last: last ? row.text(last.v) : '–',
    top: all.length ? row.text(top) : '',
  }
}
const lines = computed(() => rows.map((row) => ({ row, ...drawn(row) })))

/** About the width of a letter over a change, and how many rows keep the words apart. */
const LETTER = 5.6
const FLAG_ROWS = 3
const flags = computed(() => {
  const ends = new Array<number>(FLAG_ROWS).fill(0)
  return props.events.flatMap((e) => {
    const at = Date.parse(e.at)
    const next = props.rounds.findIndex((r) => Date.parse(r.startedAt) > at)
    const i = next < 0 ? props.rounds.length : next
    if (i === 0) return []
    const start = LEFT + i * slot.value
    const row = Math.max(
      0,
      ends.findIndex((end) => end <= start),
    )
    ends[row] = start + 8 + e.words.length * LETTER
    return [{ x: start, row, words: e.words }]
  })
})
const ticks = computed(() =>
  props.rounds.flatMap((r, i) => (i % Math.ceil(60 / slot.value) === 0 ? [{ i, day: r.day }] : [])),
)
const words = computed(
  () =>
    t(
      'charts.recordPicture.roundsFromTo',
      {
        length: props.rounds.length,
        day: props.rounds[0]?.day,
        day2: props.rounds[props.rounds.length - 1]?.day,
      },
      props.rounds.length,
    ) +
    ' ' +
    props.rounds
      .filter((r) => bad(r).length)
      .map((r) => `${r.day}: ${said(bad(r))}`)
      .join('; '),
)
const table = computed(() =>
  props.rounds.map((r) => [
    r.day,
    said(r.seen) || '–',
    r.changes.join(', ') || '–',
    measure(r.figures.bath.peakC, 'celsius'),
    ...rows.map((row) => {
      const v = row.value(r)
      return v == null ? '–' : row.text(v)
    }),
  ]),
)
</script>

<template>
  <figure>
    <div
      ref="frame"
      class="overflow-x-auto"
      tabindex="0"
      role="slider"
      :aria-label="$t('charts.recordPicture.pastRounds')"
      aria-valuemin="1"
      :aria-valuemax="rounds.length"
      :aria-valuenow="at + 1"
      :aria-valuetext="roundWords(at)"
      data-reader
      @keydown="key"
      @click="point"
    >
      <svg
        :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
        class="block w-full min-w-[940px]"
        role="img"
        :aria-label="words"
      >
        <defs>
          <pattern
            id="cool"
            width="5"
            height="5"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width="5" height="5" fill="var(--c-paper)" />
            <line x1="0" y1="0" x2="0" y2="5" stroke="var(--c-water)" stroke-width="2" />
          </pattern>
        </defs>
        <text :x="narrow ? WIDTH - RIGHT + 6 : 0" :y="MARKS - 8" font-size="11.5">
          {{ $t('charts.recordPicture.seen') }}
        </text>
        <text :x="narrow ? WIDTH - RIGHT + 6 : 0" :y="MARKS + BARS" font-size="11.5">
          {{ $t('charts.recordPicture.reachedC') }}
        </text>
        <g v-for="(r, i) in rounds" :key="r.id">
          <rect
            v-if="selected === r.id"
            :x="LEFT + i * slot"
            y="0"
            :width="slot"
            :height="HEIGHT"
            fill="color-mix(in srgb, var(--c-sun) 22%, transparent)"
          />
          <rect
            :x="LEFT + i * slot + slot * 0.14"
            :y="MARKS + BARS - heat(r.figures.bath.peakC)"
            :width="slot * 0.72"
            :height="heat(r.figures.bath.peakC)"
            :fill="
              r.school === 'reset'
                ? 'var(--c-plum)'
                : r.figures.bath.peakC > 45
                  ? 'color-mix(in srgb, var(--c-heat) 45%, var(--c-sheet))'
                  : 'url(#cool)'
            "
            stroke="var(--c-ink)"
            stroke-width="0.8"
          />
          <SeenMark
            v-for="(s, j) in bad(r)"
            :key="s.id"
            :sign="s.sign"
            :x="x(i)"
            :y="MARKS - 12 - j * 15"
            :radius="Math.min(7, slot * 0.4)"
          />
          <circle
            v-if="r.seen.length && !bad(r).length"
            :cx="x(i)"
            :cy="MARKS - 12"
            :r="Math.min(4.5, slot * 0.3)"
            fill="none"
            stroke="var(--c-good)"
            stroke-width="1.8"
          />
          <path
            v-if="r.changes.length"
            :d="`M${LEFT + i * slot - 4} ${MARKS + BARS + 9} h8 l-4 -8 z`"
            fill="var(--c-ink)"
          />
          <rect
            :x="LEFT + i * slot"
            y="0"
            :width="slot"
            :height="HEIGHT"
            fill="transparent"
            class="cursor-pointer"
            :data-column="r.id"
          >
            <title>{{ roundWords(i) }}</title>
          </rect>
        </g>
        <line
          :x1="LEFT"
          :x2="WIDTH - RIGHT"
          :y1="MARKS + BARS"
          :y2="MARKS + BARS"
          stroke="var(--c-ink)"
        />
        <text
          v-for="tick in ticks"
          :key="tick.i"
          :x="x(tick.i)"
          :y="MARKS + BARS + 22"
          text-anchor="middle"
          font-size="11"
        >
          {{ tick.day }}
        </text>
        <g v-for="l in lines" :key="l.row.name">
          <line
            :x1="LEFT"
            :x2="WIDTH - RIGHT"
            :y1="l.row.top + ROW"
            :y2="l.row.top + ROW"
            stroke="var(--c-line)"
          />
          <path
            :d="l.path ?? ''"
            fill="none"
            :stroke="`var(--c-${l.row.color})`"
            stroke-width="1.6"
          />
          <circle
            v-for="(d, i) in l.dots"
            :key="i"
            :cx="d.x"
            :cy="d.y"
            r="2.2"
            :fill="`var(--c-${l.row.color})`"
          />
          <text
            class="name"
            :x="names.x"
            :y="l.row.top + ROW - 3"
            :text-anchor="names.anchor"
            font-size="11.5"
          >
            {{ l.row.name }}
          </text>
          <text class="num" :x="WIDTH - RIGHT + 6" :y="l.row.top + ROW - 3" font-size="13">
            {{ l.last }}
          </text>
          <text
            v-if="l.top !== l.last"
            :x="WIDTH - RIGHT + 6"
            :y="l.row.top + 8"
            font-size="11"
            style="fill: var(--c-soft)"
          >
            {{ $t('charts.recordPicture.most', { top: l.top }) }}
          </text>
        </g>
        <g v-for="(f, i) in flags" :key="i">
          <line
            :x1="f.x"
            :x2="f.x"
            y1="12"
            :y2="HEIGHT - 4"
            stroke="var(--c-plum)"
            stroke-dasharray="3 3"
          />
          <text
            :x="f.x + 3"
            :y="10 + f.row * 13"
            font-size="11"
            font-weight="600"
            style="fill: var(--c-plum-word)"
          >
            {{ f.words }}
          </text>
        </g>
      </svg>
    </div>
    <figcaption class="text-sm text-soft">
      <span v-for="sign in legend" :key="sign" class="mr-3 inline-flex items-center gap-1">
        <svg width="16" height="16" viewBox="-8 -8 16 16" aria-hidden="true">
          <SeenMark :sign="sign" :x="0" :y="0" :radius="7" />
        </svg>
        {{ markOf(sign).words }}
      </span>
      <span class="mr-3">{{ $t('charts.recordPicture.checkedFine') }}</span>
      <span class="mr-3">{{ $t('charts.recordPicture.somethingChanged') }}</span>
      {{ $t('charts.recordPicture.estimatesNotMeasurements') }}
    </figcaption>
    <ChartTable
      :caption="$t('charts.recordPicture.pastRounds')"
      :head="[
        $t('charts.recordPicture.day'),
        $t('charts.recordPicture.seen'),
        $t('charts.recordPicture.changed'),
        $t('charts.recordPicture.reached'),
        ...rows.map((r) => r.name),
      ]"
      :rows="table"
    />
  </figure>
</template>

<style scoped>
.name {
  paint-order: stroke;
  stroke: var(--c-paper);
  stroke-width: 3px;
}
</style>
