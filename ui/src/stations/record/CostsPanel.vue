<script setup lang="ts">
import { t } from '../../words'
import { answer, api, type Api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import { useAct } from '../../use/useAct'
import { measure, money, number } from '../../use/format'
import { useAnswer } from '../../use/useLoaded'

/** What it all takes: by month, by person, for a use; what is left of products; the machine itself. */
defineProps<{ maintenance: Api['Maintenance'] }>()
const emit = defineEmits<{ changed: [] }>()
const { act, busy } = useAct()
const { data: costs, error, loading, reload } = useAnswer('/api/v1/record/costs')

async function maintained() {
  await act(() => answer(api.POST('/api/v1/week/maintained')))
  emit('changed')
}
const HEAD = [
  t('record.costsPanel.rounds'),
  t('record.costsPanel.pieces'),
  t('record.costsPanel.waterL'),
  t('record.costsPanel.kwh'),
  t('record.costsPanel.detergentG'),
  t('record.costsPanel.workH'),
  t('record.costsPanel.aUse'),
]
function cells(line: Api['CostLine']) {
  const s = line.sum
  return [
    number(s.rounds, 1),
    number(s.uses),
    measure(s.litres, 'litre'),
    number(s.kwh, 1),
    measure(s.detergentG, 'gram'),
    number(s.hours, 1),
    money(line.moneyPerUse, 3),
  ]
}
</script>

<template>
  <section :aria-label="$t('record.costsPanel.costsAndUse')" data-costs>
    <LoadState :error="error" :loading="loading && !costs" @again="reload" />
    <template v-if="costs">
      <template
        v-for="part in [
          {
            name: $t('record.costsPanel.byMonth'),
            key: 'month',
            lines: costs.months,
          },
          {
            name: $t('record.costsPanel.byPerson'),
            key: 'person',
            lines: costs.persons,
          },
          {
            name: $t('record.costsPanel.byKindTheDearestFirst'),
            key: 'kind',
            lines: costs.kinds,
          },
        ]"
        :key="part.key"
      >
        <h2 class="mt-4 text-lg">
          {{ $t('record.costsPanel.costsAndUse2', { name: part.name }) }}
        </h2>
        <div
          class="overflow-x-auto"
          tabindex="0"
          role="region"
          :aria-label="$t('record.costsPanel.costsAndUse2', { name: part.name })"
        >
          <table class="w-full max-w-4xl text-sm">
            <thead>
              <tr class="border-b border-ink text-right">
                <th scope="col" class="py-1 text-left font-normal">
                  {{ $t('record.costsPanel.of') }}
                </th>
                <th scope="col" class="px-2">{{ $t('record.costsPanel.cost') }}</th>
                <th v-for="h in HEAD" :key="h" scope="col" class="px-2 font-normal">{{ h }}</th>
              </tr>
            </thead>
            <tbody>
              <tr
                v-for="l in part.lines"
                :key="l.id"
                class="border-b border-line text-right"
                :data-cost="`${part.key}.${l.id}`"
              >
                <th scope="row" class="py-1 text-left font-normal">{{ l.name }}</th>
                <td class="px-2">
                  <Figure :why="costs.whys[`${part.key}.${l.id}`]">{{ money(l.sum.money) }}</Figure>
                </td>
                <td v-for="(c, i) in cells(l)" :key="i" class="px-2">{{ c }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </template>
      <h2 class="mt-4 text-lg">{{ $t('record.costsPanel.productsTheLastFourWeeks') }}</h2>
      <ul class="grid grid-cols-1 gap-x-8 text-sm sm:grid-cols-2">
        <li
          v-for="p in costs.products"
          :key="p.name"
          class="flex justify-between border-b border-line py-1"
        >
          <span>{{ p.name }}</span>
          <span
            >{{
              $t('record.costsPanel.gUsedGLeft', {
                usedG: measure(p.usedG, 'gram'),
                leftG: measure(p.leftG, 'gram'),
              })
            }}<template v-if="p.daysLeft != null">
              {{ $t('record.costsPanel.forDays', { daysLeft: number(p.daysLeft) }) }}</template
            ></span
          >
        </li>
      </ul>
      <h2 class="mt-4 text-lg">{{ $t('record.costsPanel.theMachineItself') }}</h2>
      <p data-maintenance>
        <strong v-if="maintenance.due" class="text-heat-word">! </strong>{{ maintenance.says }}
        <button type="button" class="button-quiet" :disabled="busy" @click="maintained">
          {{ $t('record.costsPanel.markAsDone') }}
        </button>
      </p>
    </template>
  </section>
</template>
