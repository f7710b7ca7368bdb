<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { useLine } from '../../stores/line'
import { useLoaded } from '../../use/useLoaded'

const line = useLine()
const { data: house, error, loading, reload } = useLoaded(() => answer(api.GET('/api/household')))

const { data: methods } = useLoaded(() => answer(api.GET('/api/schools')))

const FIELDS = computed<Field[]>(() => [
  { key: 'name', label: 'Name', type: 'text' },
  {
    key: 'hardnessMmolL',
    label: 'Hardness of the water',
    type: 'number',
    unit: 'mmol/L',
    hint: '1 mmol/L is 5.6 °dH, 10 °fH or 100 mg/L of CaCO₃',
  },
  { key: 'inletC', label: 'Cold tap', type: 'number', unit: '°C' },
  { key: 'roomC', label: 'Room with the machine', type: 'number', unit: '°C' },
  { key: 'dayPerKwh', label: 'Electricity by day', type: 'number', unit: 'per kWh' },
  { key: 'nightPerKwh', label: 'Electricity by night', type: 'number', unit: 'per kWh' },
  { key: 'nightFrom', label: 'Night price from', type: 'time' },
  { key: 'nightTo', label: 'Night price to', type: 'time' },
  { key: 'waterPerM3', label: 'Water and drain', type: 'number', unit: 'per m³' },
  {
    key: 'goal',
    label: 'Hygiene wanted at least',
    type: 'choice',
    options: choices('NONE', 'LIGHT', 'EVERYDAY', 'EXTRA_CARE', 'ILLNESS'),
  },
  {
    key: 'usualMethod',
    label: 'How you usually wash',
    type: 'choice',
    options: methods.value?.map((m) => ({ value: m.id, words: m.school.name })) ?? [],
    hint: 'offered first, unless the pieces themselves want another way',
  },
  {
    key: 'drying.tumbling',
    label: 'The dryer is for',
    type: 'choice',
    options: [
      { value: 'AS_NEEDED', words: 'what would be late or smell' },
      { value: 'ABSORBENT', words: 'everything that absorbs and may be tumbled' },
      { value: 'FINISH_ONLY', words: 'finishing what hung in the air' },
      { value: 'NEVER', words: 'nothing, ever' },
    ],
  },
  {
    key: 'drying.aim',
    label: 'When drying, first of all',
    type: 'choice',
    options: [
      { value: 'BALANCED', words: 'a balance of money, time and carrying' },
      { value: 'CHEAPEST', words: 'cheap' },
      { value: 'LEAST_CARRYING', words: 'little carrying' },
    ],
  },
  { key: 'drying.outdoors', label: 'Things may hang out of doors', type: 'yes' },
  { key: 'drying.afterDark', label: 'Somebody carries after dark', type: 'yes' },
  {
    key: 'drying.tripsADay',
    label: 'Trips for drying',
    type: 'whole',
    unit: 'a day at most',
  },
  {
    key: 'drying.sun',
    label: 'Sun for covers and elastic',
    type: 'choice',
    options: [
      { value: 'LIMITED', words: '3 h of strong sun at most, shade above 35 °C' },
      { value: 'FULL', words: 'all day' },
      { value: 'NEVER', words: 'always shade' },
    ],
  },
  {
    key: 'newPieces',
    label: 'New pieces are ready',
    type: 'choice',
    options: [
      { value: 'FIBRE', words: 'by their fibre' },
      { value: 'SOAK', words: 'after a day in cold water and one wash' },
      { value: 'WASHES', words: 'after three washes' },
    ],
  },
  { key: 'pailsShut', label: 'Pails stand shut', type: 'yes' },
  { key: 'zone', label: 'Time zone', type: 'text' },
  {
    key: 'wetHours',
    label: 'Wet pieces wait at most',
    type: 'whole',
    unit: 'h',
    hint: '48 is usual; 72 is the end, 24 for daily washing',
  },
  { key: 'pretendWeather', label: 'Listen to the pretend weather station', type: 'yes' },
  { key: 'boraxLawful', label: 'Borax is lawful here, and wanted for resets', type: 'yes' },
  { key: 'hasCleaner', label: 'Pails are wiped with a cleaner', type: 'yes' },
  { key: 'cleaner.name', label: 'Cleaner for pails', type: 'text' },
  { key: 'cleaner.percent', label: 'Its strength', type: 'number', unit: '%' },
  { key: 'cleaner.targetMgL', label: 'Wanted in the mix', type: 'number', unit: 'mg/L' },
  { key: 'cleaner.chlorine', label: 'It has chlorine', type: 'yes' },
])

function initial(h: Api['Household']): Values {
  return {
    ...h,
    hasCleaner: h.cleaner != null,
    cleaner: h.cleaner ?? { name: 'disinfectant', percent: 2.5, targetMgL: 500, chlorine: false },
  }
}

async function save(v: Values) {
  const { hasCleaner, cleaner, ...rest } = v
  const body = { ...rest, cleaner: hasCleaner ? cleaner : undefined }
  delete (body as Values).trim
  await answer(api.PUT('/api/household', { body: body as Api['HouseholdChange'] }))
  await Promise.all([reload(), line.refresh()])
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !house" @again="reload" />
  <FieldForm
    v-if="house && methods"
    :key="house.version"
    class="max-w-2xl"
    :fields="FIELDS"
    :initial="initial(house)"
    :read="(h) => initial(h as Api['Household'])"
    :save="save"
  />
</template>
