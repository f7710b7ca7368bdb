<script setup lang="ts">
import { t } from '../../words'
import { computed } from 'vue'
import type { Api } from '../../api/client'
import SmallStrip from '../../charts/SmallStrip.vue'
import Figure from '../../parts/Figure.vue'
import { measure, money, number } from '../../use/format'

/** All schools on this load, one a row; a plan that a person asked for stands in its school's row. */
const props = defineProps<{
  comparison: Api['Comparison']
  current: Api['Plan']
  /** Asks for a reason of another method's plan. */
  reason: (school: string, key: string) => Promise<Api['Why'] | undefined>
}>()
defineEmits<{ choose: [school: string] }>()

const shown = computed(() =>
  props.comparison.plans.map((p) => (p.school === props.current.school ? props.current : p)),
)
const longest = computed(() => Math.max(...shown.value.map((p) => p.figures.minutes)))
function beaten(plan: Api['Plan']) {
  return plan.askedC == null
    ? props.comparison.dominated.find((d) => d.school === plan.school)?.by
    : undefined
}

interface Column {
  /** Its name in tests, which is no word. */
  id: string
  head: string
  cells: (plan: Api['Plan']) => { key: string; text: string; mark?: boolean }[]
}
const COLUMNS: Column[] = [
  {
    id: 'soil',
    head: t('wash.schoolTable.howClean'),
    cells: ({ figures: f }) => [{ key: 'soil', text: f.soilWords ?? '' }],
  },
  {
    id: 'germs',
    head: t('wash.schoolTable.germsThatStay'),
    cells: ({ figures: f }) => [{ key: 'hygiene', text: f.germsWords ?? '', mark: f.goalMet }],
  },
  {
    id: 'residue',
    head: t('wash.schoolTable.leftover'),
    cells: ({ figures: f }) => [
      {
        key: 'residue',
        text: t('wash.schoolTable.of', {
          residueMgKg: number(f.residueMgKg),
          residueTargetMgKg: number(f.residueTargetMgKg),
          sudsVisible: f.sudsVisible ? t('wash.schoolTable.suds') : '',
        }),
        mark: f.residueMet,
      },
    ],
  },
  {
    id: 'uses',
    head: t('wash.schoolTable.uses'),
    cells: ({ figures: f }) => [
      { key: 'litres', text: measure(f.litres, 'litre') },
      { key: 'kwh', text: `${number(f.kwh, 1)} kWh` },
    ],
  },
  {
    id: 'costs',
    head: t('wash.schoolTable.costs'),
    cells: ({ figures: f }) => [{ key: 'cost', text: money(f.cost) }],
  },
  {
    id: 'takes',
    head: t('wash.schoolTable.timeYourTime'),
    cells: ({ figures: f }) => [
      {
        key: 'minutes',
        text: t('wash.schoolTable.min', {
          durationWords: f.durationWords,
          attendedMinutes: number(f.attendedMinutes),
        }),
      },
    ],
  },
  {
    id: 'wear',
    head: t('wash.schoolTable.wearCare'),
    cells: ({ figures: f }) => [
      { key: 'wear', text: number(f.wear ?? 0, 1) },
      {
        key: 'care',
        text:
          (f.careMarginK ?? 0) > 0
            ? t('wash.schoolTable.belowItsLimit', {
                careMarginK: measure(f.careMarginK ?? 0, 'kelvin'),
              })
            : t('wash.schoolTable.atItsLimit'),
      },
    ],
  },
]
</script>

<template>
  <section :aria-label="$t('wash.schoolTable.allMethodsCompared')">
    <h2 class="text-lg">{{ $t('wash.schoolTable.allMethodsCompared') }}</h2>
    <div
      class="overflow-x-auto"
      tabindex="0"
      role="region"
      :aria-label="$t('wash.schoolTable.schoolsCompared')"
    >
      <table class="mt-1 w-full text-sm">
        <thead>
          <tr class="text-left text-soft">
            <th scope="col" class="pr-2 font-normal">{{ $t('wash.schoolTable.school') }}</th>
            <th scope="col" class="w-40 px-2 font-normal">
              {{ $t('wash.schoolTable.itsBathsOneScale') }}
            </th>
            <th v-for="c in COLUMNS" :key="c.id" scope="col" class="px-2 font-normal">
              {{ c.head }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="plan in shown"
            :key="plan.school"
            class="border-t border-line"
            :class="plan.school === current.school ? 'bg-sheet' : ''"
            :data-school-row="plan.school"
          >
            <th scope="row" class="py-1 pr-2 text-left font-normal">
              <button
                type="button"
                class="text-left font-head font-semibold underline decoration-line underline-offset-4"
                @click="$emit('choose', plan.school)"
              >
                {{ plan.schoolName }}
              </button>
              <span v-if="beaten(plan)" class="block text-xs text-soft" data-dominated>
                {{ $t('wash.schoolTable.isAtLeastAsGood', { plan: beaten(plan) }) }}
              </span>
            </th>
            <td class="px-2"><SmallStrip :plan="plan" :minutes="longest" /></td>
            <td
              v-for="c in COLUMNS"
              :key="c.id"
              class="px-2 py-1 whitespace-nowrap"
              :data-row="c.id"
              :data-school="plan.school"
            >
              <template v-for="(cell, i) in c.cells(plan)" :key="cell.key">
                {{ i ? ', ' : '' }}
                <strong
                  v-if="cell.mark !== undefined"
                  class="mr-1"
                  :class="cell.mark ? 'text-good-word' : ''"
                >
                  {{ cell.mark ? '✓' : $t('wash.schoolTable.short') }}
                </strong>
                <Figure :why="plan.whys[cell.key]" :ask="() => reason(plan.school, cell.key)">{{
                  cell.text
                }}</Figure>
              </template>
            </td>
          </tr>
          <tr
            v-for="c in comparison.cannot"
            :key="c.school"
            class="border-t border-line"
            :data-cannot="c.school"
          >
            <th scope="row" class="py-1 pr-2 text-left font-normal text-soft">
              {{ c.schoolName }}
            </th>
            <td colspan="8" class="px-2 py-1 text-soft">
              {{ $t('wash.schoolTable.notHere', { reason: c.reason }) }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="mt-1 text-sm text-soft">
      {{ $t('wash.schoolTable.estimatesForComparingWhatIs') }}
    </p>
  </section>
</template>
