<script setup lang="ts">
import { t } from '../../words'
import { computed } from 'vue'
import type { Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import { duration, measure, money, number, percent } from '../../use/format'

/** Four verdicts on a plan and what it costs, each open to its reason. */
const props = defineProps<{ plan: Api['Plan'] }>()

const verdicts = computed(() => {
  const f = props.plan.figures
  return [
    {
      id: 'clean',
      head: t('wash.washVerdicts.clean'),
      big: f.cleanness ? t(`named.${f.cleanness}`) : '',
      small:
        f.soilLeft == null
          ? (f.soilWords ?? '')
          : t('wash.washVerdicts.soilLeft', { share: percent(f.soilLeft) }),
      why: props.plan.whys.soil,
      good: f.cleanness === 'CLEAN' || f.cleanness === 'NEARLY_CLEAN',
    },
    {
      id: 'germs',
      head: t('wash.washVerdicts.germs'),
      big: f.goalMet ? t('wash.washVerdicts.fewEnough') : t('wash.washVerdicts.tooMany'),
      small: f.germsWords ?? '',
      why: props.plan.whys.hygiene,
      good: f.goalMet,
    },
    {
      id: 'leftover',
      head: t('wash.washVerdicts.leftover'),
      big: f.residueMet ? t('wash.washVerdicts.gentle') : t('wash.washVerdicts.tooMuch'),
      small: t('wash.washVerdicts.mgKg', { mgKg: number(f.residueMgKg) }),
      why: props.plan.whys.residue,
      good: f.residueMet,
    },
    {
      id: 'wear',
      head: t('wash.washVerdicts.wear'),
      big:
        (f.careMarginK ?? 0) < 0
          ? t('wash.washVerdicts.overTheLimit')
          : f.careMarginK === 0
            ? t('wash.washVerdicts.atTheLimit')
            : t('wash.washVerdicts.easy'),
      small: props.plan.weakest
        ? t('wash.washVerdicts.weakest', { weakest: props.plan.weakest })
        : '',
      why: props.plan.whys.care,
      good: (f.careMarginK ?? 0) >= 0,
    },
    {
      id: 'cost',
      head: t('wash.washVerdicts.costs'),
      big: money(f.cost),
      small: `${measure(f.litres, 'litre')}, ${number(f.kwh, 1)} kWh, ${duration(f.minutes)}`,
      why: props.plan.whys.cost,
      good: undefined,
    },
  ]
})
</script>

<template>
  <dl class="mt-3 grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-3 lg:grid-cols-5" data-verdicts>
    <div
      v-for="v in verdicts"
      :key="v.id"
      class="border-l-4 pl-2.5"
      :class="v.good === undefined ? 'border-line' : v.good ? 'border-good' : 'border-heat'"
      :data-verdict="v.id"
    >
      <dt class="text-sm text-soft">{{ v.head }}</dt>
      <dd>
        <span class="block font-head text-lg leading-tight font-bold"
          >{{ v.good === false ? '! ' : '' }}{{ v.big }}</span
        >
        <span class="block text-sm leading-tight" data-small
          ><Figure :why="v.why">{{ v.small }}</Figure></span
        >
      </dd>
    </div>
  </dl>
</template>
