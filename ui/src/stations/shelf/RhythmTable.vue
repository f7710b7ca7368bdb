<script setup lang="ts">
import { t } from '../../words'
import { computed } from 'vue'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import { measure, money, number } from '../../use/format'
import { useAnswer } from '../../use/useLoaded'

/** How many, how often: each need at each rhythm, from two hundred simulated years. */
const { data: rhythms, error, loading, reload } = useAnswer('/api/v1/rhythms')

const MONTHS = 'JFMAMJJASOND'
const needs = computed(() => [...new Set(rhythms.value?.lines.map((l) => l.need) ?? [])])
function named(need: string) {
  return rhythms.value?.lines.find((l) => l.need === need)?.name
}
function lines(need: string) {
  return rhythms.value?.lines.filter((l) => l.need === need) ?? []
}
function everyWords(days: number) {
  return days === 0
    ? t('shelf.rhythmTable.whenFullOrDue')
    : days === 1
      ? t('shelf.rhythmTable.day')
      : t('shelf.rhythmTable.days2', { days }, days)
}
function days(n: number) {
  return n < 0.05
    ? t('shelf.rhythmTable.never')
    : t('shelf.rhythmTable.days3', { n: number(n, n < 10 ? 1 : 0) })
}
</script>

<template>
  <section :aria-label="$t('shelf.rhythmTable.doWeOwnEnough')" data-rhythm>
    <h2 class="mt-6 text-lg">{{ $t('shelf.rhythmTable.doWeOwnEnough') }}</h2>
    <LoadState :error="error" :loading="loading && !rhythms" @again="reload" />
    <template v-if="rhythms?.lines.length">
      <div
        class="overflow-x-auto"
        tabindex="0"
        role="region"
        :aria-label="$t('shelf.rhythmTable.rhythmsCompared')"
      >
        <table class="mt-1 w-full max-w-5xl text-sm">
          <thead>
            <tr class="text-left text-soft">
              <th scope="col" class="py-1 font-normal">{{ $t('shelf.rhythmTable.need') }}</th>
              <th scope="col" class="px-2 font-normal">
                {{ $t('shelf.rhythmTable.washedEvery') }}
              </th>
              <th scope="col" class="px-2 font-normal">
                {{ $t('shelf.rhythmTable.ownedEnough') }}
              </th>
              <th scope="col" class="px-2 font-normal">{{ $t('shelf.rhythmTable.shortAYear') }}</th>
              <th scope="col" class="px-2 font-normal">
                {{ $t('shelf.rhythmTable.withFiveMore') }}
              </th>
              <th scope="col" class="px-2 font-normal">{{ $t('shelf.rhythmTable.runsAYear') }}</th>
              <th scope="col" class="px-2 font-normal">
                {{ $t('shelf.rhythmTable.waitsSoiled') }}
              </th>
              <th scope="col" class="px-2 font-normal">{{ $t('shelf.rhythmTable.aYearCosts') }}</th>
              <th scope="col" class="px-2 font-normal">{{ $t('shelf.rhythmTable.waterPower') }}</th>
              <th scope="col" class="px-2 font-normal">{{ $t('shelf.rhythmTable.work') }}</th>
              <th scope="col" class="px-2 font-normal">{{ $t('shelf.rhythmTable.eachWashed') }}</th>
            </tr>
          </thead>
          <tbody>
            <template v-for="need in needs" :key="need">
              <tr
                v-for="(l, i) in lines(need)"
                :key="l.everyDays"
                class="border-t border-line"
                :class="l.everyDays === rhythms.everyDays ? 'bg-sheet' : ''"
                :data-rhythm-row="`${need}.${l.everyDays}`"
              >
                <th scope="row" class="py-1 text-left font-normal">
                  <strong v-if="i === 0">{{ named(need) }}</strong><span v-else class="sr-only">{{
                    named(need)
                  }}</span>
                </th>
                <td class="px-2">
                  {{ everyWords(l.everyDays)
                  }}{{ l.everyDays === rhythms.everyDays ? $t('shelf.rhythmTable.yours') : '' }}
                </td>
                <td class="px-2">
                  {{ $t('shelf.rhythmTable.of', { owned: l.owned, enough: l.enough }) }}
                  <strong v-if="l.owned < l.enough" class="text-heat-word">
                    {{ $t('shelf.rhythmTable.more', { owned: l.enough - l.owned }) }}
                  </strong>
                </td>
                <td class="px-2">
                  <strong class="mr-1" :class="l.seldomShort ? 'text-good-word' : 'text-heat-word'"
                    >{{ l.seldomShort ? '✓' : '!' }}
                  </strong>
                  <Figure :why="rhythms.whys[`${need}.${l.everyDays}`]">
                    {{ days(l.rhythm.shortagesPerYear) }}
                  </Figure>
                </td>
                <td class="px-2">{{ days(l.withMore) }}</td>
                <td class="px-2">{{ number(l.rhythm.runsPerYear) }}</td>
                <td class="px-2">
                  {{
                    $t('shelf.rhythmTable.days', {
                      meanHoldingDays: number(l.rhythm.meanHoldingDays, 1),
                    })
                  }}
                </td>
                <td class="px-2">{{ money(l.yearly.money, 0) }}</td>
                <td class="px-2">
                  {{
                    $t('shelf.rhythmTable.mKwh', {
                      litres: measure(l.yearly.litres / 1000, 'cubic-metre', 1),
                      kwh: number(l.yearly.kwh),
                    })
                  }}
                </td>
                <td class="px-2">{{ number(l.yearly.hours) }} h</td>
                <td class="px-2">{{ number(l.yearly.washesPerPiece) }} ×</td>
              </tr>
            </template>
          </tbody>
        </table>
      </div>
      <p class="mt-1 text-sm text-soft">
        {{ $t('shelf.rhythmTable.dryingTakesByMonth') }}
        <span v-for="(d, i) in rhythms.meanDryingDays" :key="i"
          >{{ i ? ', ' : '' }}{{ MONTHS[i] }} {{ number(d, 1) }}</span
        >
        {{ $t('shelf.rhythmTable.daysAnEstimateFromTwo') }}
      </p>
    </template>
    <p v-else-if="rhythms" class="text-soft">
      {{ $t('shelf.rhythmTable.needsAMachineAPlace') }}
    </p>
  </section>
</template>
