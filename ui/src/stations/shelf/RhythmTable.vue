<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '../../api/client'
import Figure from '../../parts/Figure.vue'
import LoadState from '../../parts/LoadState.vue'
import { number } from '../../use/format'
import { useLoaded } from '../../use/useLoaded'

/** How many, how often: each need at each rhythm, from two hundred simulated years. */
const { data: rhythms, error, loading, reload } = useLoaded(() => answer(api.GET('/api/rhythms')))

const MONTHS = 'JFMAMJJASOND'
const needs = computed(() => [...new Set(rhythms.value?.lines.map((l) => l.need) ?? [])])
function lines(need: string) {
  return rhythms.value?.lines.filter((l) => l.need === need) ?? []
}
function everyWords(days: number) {
  return days === 0 ? 'when full or due' : days === 1 ? 'day' : `${days} days`
}
function days(n: number) {
  return n < 0.05 ? 'never' : `${number(n, n < 10 ? 1 : 0)} days`
}
</script>

<template>
  <section aria-label="How many, how often" data-rhythm>
    <h2 class="mt-6 text-lg">How many, how often</h2>
    <LoadState :error="error" :loading="loading && !rhythms" @again="reload" />
    <template v-if="rhythms?.lines.length">
      <div class="overflow-x-auto" tabindex="0" role="region" aria-label="Rhythms compared">
        <table class="mt-1 w-full max-w-5xl text-sm">
          <thead>
            <tr class="text-left text-soft">
              <th scope="col" class="py-1 font-normal">need</th>
              <th scope="col" class="px-2 font-normal">washed every</th>
              <th scope="col" class="px-2 font-normal">owned, enough</th>
              <th scope="col" class="px-2 font-normal">short a year</th>
              <th scope="col" class="px-2 font-normal">with five more</th>
              <th scope="col" class="px-2 font-normal">runs a year</th>
              <th scope="col" class="px-2 font-normal">waits soiled</th>
              <th scope="col" class="px-2 font-normal">a year costs</th>
              <th scope="col" class="px-2 font-normal">water, power</th>
              <th scope="col" class="px-2 font-normal">work</th>
              <th scope="col" class="px-2 font-normal">each washed</th>
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
                  <strong v-if="i === 0">{{ need }}</strong><span v-else class="sr-only">{{
                    need
                  }}</span>
                </th>
                <td class="px-2">
                  {{ everyWords(l.everyDays)
                  }}{{ l.everyDays === rhythms.everyDays ? ', yours' : '' }}
                </td>
                <td class="px-2">
                  {{ l.owned }} of {{ l.enough }}
                  <strong v-if="l.owned < l.enough" class="text-heat-word">
                    ! {{ l.enough - l.owned }} more
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
                <td class="px-2">{{ number(l.rhythm.meanHoldingDays, 1) }} days</td>
                <td class="px-2">{{ number(l.yearly.money) }}</td>
                <td class="px-2">
                  {{ number(l.yearly.litres / 1000, 1) }} m³, {{ number(l.yearly.kwh) }} kWh
                </td>
                <td class="px-2">{{ number(l.yearly.hours) }} h</td>
                <td class="px-2">{{ number(l.yearly.washesPerPiece) }} ×</td>
              </tr>
            </template>
          </tbody>
        </table>
      </div>
      <p class="mt-1 text-sm text-soft">
        Drying takes, by month:
        <span v-for="(d, i) in rhythms.meanDryingDays" :key="i"
          >{{ i ? ', ' : '' }}{{ MONTHS[i] }} {{ number(d, 1) }}</span
        >
        days. An estimate from two hundred simulated years of this household.
      </p>
    </template>
    <p v-else-if="rhythms" class="text-soft">
      Needs a machine, a place to dry and somebody's normal day; Kit has room for them.
    </p>
  </section>
</template>
