<script setup lang="ts">
import { computed } from 'vue'
import type { Api } from '../../api/client'
import SmallStrip from '../../charts/SmallStrip.vue'
import Figure from '../../parts/Figure.vue'
import { number } from '../../use/format'

/** The schools side by side on this load; a plan that a person asked for stands in its school's column. */
const props = defineProps<{ plans: Api['Plan'][]; current: Api['Plan'] }>()

const shown = computed(() =>
  props.plans.map((p) => (p.school === props.current.school ? props.current : p)),
)
const longest = computed(() => Math.max(...shown.value.map((p) => p.figures.minutes)))

interface Row {
  name: string
  cells: (plan: Api['Plan']) => { key: string; text: string; mark?: boolean }[]
}
const ROWS: Row[] = [
  {
    name: 'germs',
    cells: ({ figures: f }) => [
      {
        key: 'hygiene',
        text: `${number(f.totalLog, 1)} log, goal ${number(f.goalLog, 1)}`,
        mark: f.goalMet,
      },
    ],
  },
  {
    name: 'of it',
    cells: ({ figures: f }) => [
      { key: 'heat', text: `heat ${number(f.heatLog, 1)}` },
      { key: 'oxygen', text: `oxygen ${number(f.oxygenLog, 1)}` },
      { key: 'removal', text: `lifted ${number(f.removalLog, 1)}` },
    ],
  },
  {
    name: 'residue',
    cells: ({ figures: f }) => [
      {
        key: 'residue',
        text: `${number(f.residueMgKg)} mg/kg, goal ${number(f.residueTargetMgKg)}${f.sudsVisible ? ', suds' : ''}`,
        mark: f.residueMet,
      },
    ],
  },
  {
    name: 'uses',
    cells: ({ figures: f }) => [
      { key: 'litres', text: `${number(f.litres)} L` },
      { key: 'kwh', text: `${number(f.kwh, 1)} kWh` },
    ],
  },
  { name: 'costs', cells: ({ figures: f }) => [{ key: 'cost', text: number(f.cost, 2) }] },
  {
    name: 'takes',
    cells: ({ figures: f }) => [
      { key: 'minutes', text: `${f.durationWords}, ${number(f.attendedMinutes)} min with you` },
    ],
  },
]
</script>

<template>
  <section aria-label="Two ways for this load">
    <h2 class="text-lg">Two ways for this load</h2>
    <div class="overflow-x-auto">
      <table class="mt-1 w-full">
        <thead>
          <tr>
            <td></td>
            <th
              v-for="plan in shown"
              :key="plan.school"
              scope="col"
              class="px-2 text-left font-head"
              :class="plan.school === current.school ? 'bg-sheet' : ''"
            >
              {{ plan.schoolName }}
            </th>
          </tr>
          <tr>
            <td></td>
            <td
              v-for="plan in shown"
              :key="plan.school"
              class="px-2"
              :class="plan.school === current.school ? 'bg-sheet' : ''"
            >
              <SmallStrip :plan="plan" :minutes="longest" />
            </td>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in ROWS" :key="row.name" class="border-t border-line">
            <th scope="row" class="py-1 pr-2 text-left font-normal text-soft">{{ row.name }}</th>
            <td
              v-for="plan in shown"
              :key="plan.school"
              class="px-2 py-1"
              :class="plan.school === current.school ? 'bg-sheet' : ''"
              :data-row="row.name"
              :data-school="plan.school"
            >
              <template v-for="(cell, i) in row.cells(plan)" :key="cell.key">
                {{ i ? ', ' : '' }}
                <strong
                  v-if="cell.mark !== undefined"
                  class="mr-1"
                  :class="cell.mark ? 'text-good-word' : 'text-heat-word'"
                >
                  {{ cell.mark ? '✓' : '! misses' }}
                </strong>
                <Figure :why="plan.whys[cell.key]">{{ cell.text }}</Figure>
              </template>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="mt-1 text-sm text-soft">
      Estimates for comparing. What is less clean may still be clean enough for you.
    </p>
  </section>
</template>
