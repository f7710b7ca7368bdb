<script setup lang="ts">
import { t } from '../../words'
import { ref, watch } from 'vue'
import LoadState from '../../parts/LoadState.vue'
import { houseDate } from '../../use/houseTime'
import { useAnswer } from '../../use/useLoaded'

/** Two stretches of days side by side. */
const DAY = 86_400_000
const WEEKS = 21
const props = defineProps<{ to: string }>()
function day(back: number) {
  return houseDate(new Date(Date.parse(props.to) - back * DAY))
}
const aFrom = ref(day(2 * WEEKS + 1))
const aTo = ref(day(WEEKS + 1))
const bFrom = ref(day(WEEKS))
const bTo = ref(day(0))
const stretches = () => ({
  aFrom: aFrom.value,
  aTo: aTo.value,
  bFrom: bFrom.value,
  bTo: bTo.value,
})
/** The dates as they were last whole: an empty field asks for nothing. */
const asked = ref(stretches())
const {
  data: beside,
  error,
  loading,
  reload,
} = useAnswer('/api/v1/record/beside', () => ({ params: { query: asked.value } }))
watch([aFrom, aTo, bFrom, bTo], (all) => {
  if (all.every(Boolean)) asked.value = stretches()
})
const VERDICTS: Record<string, string> = {
  better: t('record.besidePanel.better'),
  worse: t('record.besidePanel.worse'),
}
</script>

<template>
  <section :aria-label="$t('record.besidePanel.comparePeriods')" data-beside>
    <h2 class="text-lg">{{ $t('record.besidePanel.twoStretchesSideBySide') }}</h2>
    <div class="mt-1 flex flex-wrap gap-x-6 gap-y-2 text-sm">
      <fieldset>
        <legend class="font-semibold">{{ $t('record.besidePanel.before') }}</legend>
        <label
          >{{ $t('record.besidePanel.from') }} <input v-model="aFrom" type="date" data-a-from
        /></label>
        <label class="ml-2"
          >{{ $t('record.besidePanel.to') }} <input v-model="aTo" type="date" data-a-to
        /></label>
      </fieldset>
      <fieldset>
        <legend class="font-semibold">{{ $t('record.besidePanel.after') }}</legend>
        <label
          >{{ $t('record.besidePanel.from') }} <input v-model="bFrom" type="date" data-b-from
        /></label>
        <label class="ml-2"
          >{{ $t('record.besidePanel.to') }} <input v-model="bTo" type="date" data-b-to
        /></label>
      </fieldset>
    </div>
    <LoadState :error="error" :loading="loading && !beside" @again="reload" />
    <table v-if="beside && !error" class="mt-2 w-full max-w-2xl text-sm">
      <thead>
        <tr class="border-b border-ink text-left">
          <th scope="col" class="py-1">{{ $t('record.besidePanel.meanOf') }}</th>
          <th scope="col" class="px-3">
            {{ $t('record.besidePanel.roundsBefore', { before: beside.before }, beside.before) }}
          </th>
          <th scope="col" class="px-3">
            {{ $t('record.besidePanel.roundsAfter', { after: beside.after }, beside.after) }}
          </th>
          <th scope="col">{{ $t('record.besidePanel.compared') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="l in beside.lines"
          :key="l.name"
          class="border-b border-line"
          :data-measure="l.name"
        >
          <th scope="row" class="py-1 text-left font-normal">{{ l.name }}</th>
          <td class="px-3">{{ l.before }}</td>
          <td class="px-3">{{ l.after }}</td>
          <td
            :class="
              l.verdict === 'better'
                ? 'text-good-word'
                : l.verdict === 'worse'
                  ? 'text-heat-word'
                  : 'text-soft'
            "
          >
            {{ VERDICTS[l.verdict] ?? l.verdict }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
