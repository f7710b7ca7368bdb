<script setup lang="ts">
import Figure from '../../parts/Figure.vue'
import { money, number } from '../../use/format'
import { useAnswer } from '../../use/useLoaded'

/** The plan beside other ways of drying the same. */
const { data: compared } = useAnswer('/api/v1/drying/plans')
</script>

<template>
  <section v-if="compared" :aria-label="$t('dry.plansCompared.plansCompared')" data-plans>
    <h2 class="text-lg">{{ $t('dry.plansCompared.otherWaysToDryThis') }}</h2>
    <div
      class="overflow-x-auto"
      tabindex="0"
      role="region"
      :aria-label="$t('dry.plansCompared.plansSideBySide')"
    >
      <table class="mt-1 w-full max-w-3xl text-sm">
        <thead>
          <tr class="text-left text-soft">
            <th scope="col" class="py-1 font-normal">{{ $t('dry.plansCompared.way') }}</th>
            <th scope="col" class="px-2 font-normal">{{ $t('dry.plansCompared.allDry') }}</th>
            <th scope="col" class="px-2 font-normal">
              {{ $t('dry.plansCompared.tooLateForTheShelf') }}
            </th>
            <th scope="col" class="px-2 font-normal">{{ $t('dry.plansCompared.kwh') }}</th>
            <th scope="col" class="px-2 font-normal">{{ $t('dry.plansCompared.costs') }}</th>
            <th scope="col" class="px-2 font-normal">{{ $t('dry.plansCompared.wear') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="p in compared.plans"
            :key="p.policy"
            class="border-t border-line"
            :class="p.policy === 'BEST' ? 'bg-sheet' : ''"
            :data-plan="p.policy"
          >
            <th scope="row" class="py-1 text-left">
              <Figure :why="compared.whys[p.policy]">{{ p.name }}</Figure>
            </th>
            <td class="px-2">{{ p.readyWords }}</td>
            <td class="px-2">
              <strong v-if="p.latePieces" class="text-heat-word">! {{ p.latePieces }}</strong
              ><template v-else>{{ $t('dry.plansCompared.none') }}</template>
            </td>
            <td class="px-2">{{ number(p.kwh, 2) }}</td>
            <td class="px-2">{{ money(p.money) }}</td>
            <td class="px-2">{{ number(p.wear, 1) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="text-sm text-soft">
      {{ $t('dry.plansCompared.wearIsOnePieceFor') }}
    </p>
  </section>
</template>
