<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { ref } from 'vue'
import LoadState from '../../parts/LoadState.vue'
import { measure, money, number, percent } from '../../use/format'
import { useAnswer } from '../../use/useLoaded'

/** Every round as a line; each opens to its numbers and their reasons. */
const wide = useMediaQuery('(min-width: 40rem)')
/** As many as can be looked at without losing the top of the page. */
const SIZE = wide.value ? 12 : 4
const page = ref(0)
const {
  data: record,
  error,
  loading,
  reload,
} = useAnswer('/api/v1/record', () => ({ params: { query: { page: page.value, size: SIZE } } }))
</script>

<template>
  <LoadState :error="error" :loading="loading && !record" @again="reload" />
  <template v-if="record">
    <div class="overflow-x-auto" tabindex="0">
      <table class="mt-2 w-full">
        <caption class="sr-only">
          {{
            $t('record.roundTable.roundsNewestFirst')
          }}
        </caption>
        <thead>
          <tr class="border-b border-ink text-left align-bottom">
            <th scope="col" class="pr-3">{{ $t('record.roundTable.begun') }}</th>
            <th scope="col" class="pr-3">{{ $t('record.roundTable.whatHow') }}</th>
            <th scope="col" class="pr-3 text-right">{{ $t('record.roundTable.full') }}</th>
            <th scope="col" class="pr-3 text-right">{{ $t('record.roundTable.leftOfTheSoil') }}</th>
            <th scope="col" class="pr-3 text-right">{{ $t('record.roundTable.germsLog') }}</th>
            <th scope="col" class="pr-3 text-right">{{ $t('record.roundTable.residueMgKg') }}</th>
            <th scope="col" class="pr-3 text-right">L</th>
            <th scope="col" class="pr-3 text-right">{{ $t('record.roundTable.kwh') }}</th>
            <th scope="col" class="text-right">{{ $t('record.roundTable.cost') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="r in record.rounds"
            :key="r.id"
            class="border-b border-line align-top"
            data-round
          >
            <td class="py-1.5 pr-3 whitespace-nowrap">
              <RouterLink
                :to="`/record/${r.id}`"
                class="font-semibold underline decoration-line underline-offset-4"
              >
                {{ r.startedWords }}
              </RouterLink>
            </td>
            <td class="py-1.5 pr-3">
              {{ r.summary }}
              <span class="block text-sm text-soft">
                {{ r.school }}, {{ r.programme }}
                {{ measure(r.figures.bath.temperatureC, 'celsius') }};
                {{ r.figures.dose.words }}
              </span>
              <span v-if="r.figures.estimate.notRun" class="block text-sm" data-not-run>
                {{ $t('record.roundTable.markedAsNotRunA') }}
              </span>
              <span v-if="r.note" class="block text-sm">“{{ r.note }}”</span>
            </td>
            <td class="py-1.5 pr-3 text-right whitespace-nowrap">
              {{ percent(r.figures.bath.fill) }}
            </td>
            <td class="py-1.5 pr-3 text-right" data-soil>
              {{ r.soilWords }}
            </td>
            <td
              class="py-1.5 pr-3 text-right"
              :class="r.figures.estimate.goalMet ? '' : 'text-soft'"
            >
              {{ number(r.figures.estimate.totalLog, 1) }}
              <span v-if="!r.figures.estimate.goalMet" class="block text-xs">{{
                $t('record.roundTable.shortOfItsGoal')
              }}</span>
            </td>
            <td class="py-1.5 pr-3 text-right">{{ number(r.figures.estimate.residueMgKg) }}</td>
            <td class="py-1.5 pr-3 text-right">{{ measure(r.figures.spent.litres, 'litre') }}</td>
            <td class="py-1.5 pr-3 text-right">{{ number(r.figures.spent.kwh, 1) }}</td>
            <td class="py-1.5 text-right">{{ money(r.figures.spent.money) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <div v-if="record.pages > 1" class="mt-3 flex items-center gap-3">
      <button type="button" class="button-plain" :disabled="page === 0" @click="page--">
        {{ $t('record.roundTable.newer') }}
      </button>
      <span>{{ $t('record.roundTable.of', { page: page + 1, pages: record.pages }) }}</span>
      <button
        type="button"
        class="button-plain"
        :disabled="page + 1 >= record.pages"
        @click="page++"
      >
        {{ $t('record.roundTable.older') }}
      </button>
    </div>
  </template>
</template>
