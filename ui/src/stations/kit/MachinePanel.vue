<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { useLoaded } from '../../use/useLoaded'

type Programme = Api['Programme']

/** A house that has no machine yet gets one to change: nothing is asked before something can be shown. */
const FIRST: Api['Machine'] = {
  name: 'our machine',
  type: 'FRONT_LOADER',
  drumL: 50,
  capacityKg: 6,
  drumRadiusM: 0.235,
  heaterW: 2000,
  programmes: [
    programme('Quick rinse', 'RINSE', [0], 0, 1, 0),
    programme('Short', 'WASH', [30, 40, 60], 25, 1, 1),
    programme('Cottons', 'WASH', [40, 60, 90], 120, 2, 1),
    programme('Wool', 'WOOL', [20, 30], 30, 2, 0),
  ],
}
function programme(
  name: string,
  use: Programme['use'],
  temperaturesC: number[],
  washMinutes: number,
  rinses: number,
  extraRinses: number,
): Programme {
  const wool = use === 'WOOL'
  return {
    name,
    use,
    temperaturesC,
    shortfallC: 0,
    washMinutes,
    agitation: wool ? 'GENTLE' : 'NORMAL',
    rinses,
    extraRinses,
    interimRpm: 600,
    fastestSpinRpm: wool ? 800 : 1400,
  }
}

const {
  data: view,
  error,
  loading,
  reload,
} = useLoaded(async () => {
  const found = await api.GET('/api/machine')
  return found.response.status === 409
    ? { version: 0, machine: FIRST }
    : answer(Promise.resolve(found))
})
const programmes = computed(() => view.value?.machine.programmes ?? [])

const MACHINE: Field[] = [
  { key: 'name', label: 'Name', type: 'text' },
  {
    key: 'type',
    label: 'Sort',
    type: 'choice',
    options: choices('FRONT_LOADER', 'TOP_LOADER', 'BUCKET'),
  },
  { key: 'drumL', label: 'Drum', type: 'number', unit: 'L' },
  { key: 'capacityKg', label: 'Takes at most', type: 'number', unit: 'kg' },
  { key: 'drumRadiusM', label: 'Radius of the drum', type: 'number', unit: 'm' },
  {
    key: 'heaterW',
    label: 'Heater',
    type: 'number',
    unit: 'W',
    hint: '0 for a machine that only fills hot',
  },
]
const PROGRAMME: Field[] = [
  { key: 'name', label: 'Name on the dial', type: 'text' },
  {
    key: 'use',
    label: 'For',
    type: 'choice',
    options: choices('WASH', 'RINSE', 'WOOL', 'STEAM', 'SPIN'),
  },
  {
    key: 'temperatures',
    label: 'Temperatures',
    type: 'text',
    hint: 'in °C, commas between; 0 is cold',
  },
  { key: 'shortfallC', label: 'Stays cooler than it says by', type: 'number', unit: '°C' },
  {
    key: 'washMinutes',
    label: 'Washing bath',
    type: 'whole',
    unit: 'minutes',
    hint: 'rinses and spin not counted',
  },
  {
    key: 'agitation',
    label: 'Movement',
    type: 'choice',
    options: choices('GENTLE', 'NORMAL', 'INTENSIVE', 'SOAK'),
  },
  { key: 'rinses', label: 'Rinses of its own', type: 'whole' },
  { key: 'extraRinses', label: 'Rinses by option, at most', type: 'whole' },
  { key: 'interimRpm', label: 'Spin between rinses', type: 'whole', unit: 'rpm' },
  { key: 'fastestSpinRpm', label: 'Fastest spin', type: 'whole', unit: 'rpm' },
]

function editable(p: Programme): Values {
  return { ...p, version: view.value?.version, temperatures: p.temperaturesC.join(', ') }
}
function read(v: Values): Programme {
  const p = v as unknown as Programme & { temperatures: string }
  return {
    name: p.name,
    use: p.use,
    temperaturesC: p.temperatures
      .split(',')
      .map((t) => t.trim())
      .filter((t) => t !== '')
      .map(Number),
    shortfallC: p.shortfallC,
    measuredPeakC: p.measuredPeakC,
    washMinutes: p.washMinutes,
    agitation: p.agitation,
    rinses: p.rinses,
    extraRinses: p.extraRinses,
    interimRpm: p.interimRpm,
    fastestSpinRpm: p.fastestSpinRpm,
  }
}
async function put(machine: Partial<Api['Machine']>, version: unknown) {
  const now = { ...(view.value?.machine ?? FIRST), ...machine }
  await answer(api.PUT('/api/machine', { body: { ...now, version: version as number } }))
  await reload()
}
function saveMachine(v: Values) {
  const { name, drumL, capacityKg, drumRadiusM, heaterW } = v as unknown as Api['Machine']
  return put({ name, drumL, capacityKg, drumRadiusM, heaterW }, v.version)
}
function saveProgramme(index: number, v: Values) {
  const all = [...programmes.value]
  all[index] = read(v)
  return put({ programmes: all }, v.version)
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !view" @again="reload" />
  <div v-if="view" class="max-w-3xl">
    <FieldForm
      :key="view.version"
      :fields="MACHINE"
      :initial="{ ...view.machine, version: view.version } as Values"
      :save="saveMachine"
    />
    <h2 class="mt-6 mb-1 text-lg">Programmes</h2>
    <OpenRow
      v-for="(p, i) in programmes"
      :key="`${i}.${view.version}`"
      :name="p.name"
      :about="`${p.use.toLowerCase()}, ${p.temperaturesC.join(', ')}°, ${p.washMinutes} min, ${p.rinses} rinses${p.shortfallC ? `, stays ${p.shortfallC}° cooler` : ''}`"
    >
      <FieldForm
        :fields="PROGRAMME"
        :initial="editable(p)"
        :save="(v: Values) => saveProgramme(i, v)"
      />
    </OpenRow>
    <OpenRow name="A new programme" about="from the dial">
      <FieldForm
        :fields="PROGRAMME"
        :initial="editable(programme('', 'WASH', [40, 60], 60, 2, 1))"
        :save="(v: Values) => saveProgramme(programmes.length, v)"
        save-label="Add"
      />
    </OpenRow>
  </div>
</template>
