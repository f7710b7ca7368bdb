<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { number } from '../../use/format'
import RemoveThing from './RemoveThing.vue'
import { useLoaded } from '../../use/useLoaded'
import MachineLogs from './MachineLogs.vue'

type Programme = Api['Programme']

/** A house that has no machine yet gets one to change: nothing is asked before something can be shown. */
const FIRST: Api['Machine'] = {
  name: 'our machine',
  type: 'FRONT_LOADER',
  drumL: 50,
  capacityKg: 6,
  drumRadiusM: 0.235,
  heaterW: 2000,
  levelsL: [],
  whitenerDrawer: true,
  pauses: true,
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
  data: machines,
  error,
  loading,
  reload,
} = useLoaded(async () => {
  const found = await answer(api.GET('/api/machines'))
  return found.length ? found : [{ id: 0, version: 0, machine: FIRST }]
})
const chosen = ref(0)
const view = computed(
  () => machines.value?.find((m) => m.id === chosen.value) ?? machines.value?.[0],
)
const programmes = computed(() => view.value?.machine.programmes ?? [])
const byHand = computed(() => isByHand(view.value?.machine.type))
function isByHand(type: Api['Machine']['type'] | undefined) {
  return type === 'BUCKET' || type === 'HAND_BASIN'
}

const MACHINE: Field[] = [
  { key: 'name', label: 'Name', type: 'text' },
  {
    key: 'type',
    label: 'Sort',
    type: 'choice',
    options: choices('FRONT_LOADER', 'TOP_LOADER', 'TWIN_TUB', 'BUCKET', 'HAND_BASIN'),
  },
  { key: 'drumL', label: 'Drum, tub or bucket', type: 'number', unit: 'L' },
  { key: 'capacityKg', label: 'Takes at most', type: 'number', unit: 'kg' },
  { key: 'drumRadiusM', label: 'Radius of it', type: 'number', unit: 'm' },
  {
    key: 'heaterW',
    label: 'Heater',
    type: 'number',
    unit: 'W',
    hint: '0 for a machine that only fills hot, and by hand',
  },
  {
    key: 'hotFillC',
    label: 'Hot water that it is filled with',
    type: 'number',
    unit: '°C',
    optional: true,
    hint: 'empty when it fills cold; by hand what the tap gives',
  },
  {
    key: 'levels',
    label: 'Water levels',
    type: 'text',
    hint: 'litres, commas between; empty when it chooses itself',
  },
  { key: 'whitenerDrawer', label: 'has a drawer for whitener', type: 'yes' },
  { key: 'pauses', label: 'can be paused', type: 'yes' },
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
  {
    key: 'mainL',
    label: 'Water of its washing bath',
    type: 'number',
    unit: 'L',
    optional: true,
    hint: 'if it states it or you measured it',
  },
  { key: 'rinseL', label: 'Water of one rinse', type: 'number', unit: 'L', optional: true },
  {
    key: 'label.kwh',
    label: 'Its label: electricity',
    type: 'number',
    unit: 'kWh',
    optional: true,
    hint: 'from the manual, for one whole run; the plan then uses these figures. Empty if you have none',
  },
  { key: 'label.litres', label: 'Its label: water', type: 'number', unit: 'L', optional: true },
  { key: 'label.loadKg', label: 'Its label: load', type: 'number', unit: 'kg', optional: true },
  {
    key: 'label.temperatureC',
    label: 'Its label: temperature',
    type: 'whole',
    unit: '°C',
    optional: true,
  },
]

function editable(p: Programme): Values {
  return { ...p, version: view.value?.version, temperatures: p.temperaturesC.join(', ') }
}
function read(v: Values): Programme {
  const p = v as unknown as Programme & { temperatures: string }
  return {
    name: p.name,
    use: p.use,
    temperaturesC: numbers(p.temperatures),
    shortfallC: p.shortfallC,
    measuredPeakC: p.measuredPeakC,
    washMinutes: p.washMinutes,
    agitation: p.agitation,
    rinses: p.rinses,
    extraRinses: p.extraRinses,
    interimRpm: p.interimRpm,
    fastestSpinRpm: p.fastestSpinRpm,
    mainL: p.mainL,
    rinseL: p.rinseL,
    measured: p.measured,
    label: Object.values(p.label ?? {}).some((v) => v != null) ? p.label : undefined,
  }
}
function numbers(text: string) {
  return text
    .split(',')
    .map((t) => t.trim())
    .filter((t) => t !== '')
    .map(Number)
}
async function put(machine: Partial<Api['Machine']>, version: unknown) {
  const body = { ...(view.value?.machine ?? FIRST), ...machine, version: version as number }
  const id = view.value?.id
  const kept = id
    ? await answer(api.PUT('/api/machines/{id}', { params: { path: { id } }, body }))
    : await answer(api.PUT('/api/machine', { body }))
  chosen.value = kept.id
  await reload()
}
function machineOf(v: Values): Partial<Api['Machine']> {
  const m = v as unknown as Api['Machine'] & { levels: string }
  return {
    name: m.name,
    type: m.type,
    drumL: m.drumL,
    capacityKg: m.capacityKg,
    drumRadiusM: m.drumRadiusM,
    heaterW: m.heaterW,
    hotFillC: m.hotFillC,
    levelsL: numbers(m.levels),
    whitenerDrawer: m.whitenerDrawer,
    pauses: m.pauses,
  }
}
function saveMachine(v: Values) {
  return put(machineOf(v), v.version)
}
async function add(v: Values) {
  const machine = { ...FIRST, ...machineOf(v) }
  const added = await answer(api.POST('/api/machines', { body: { ...machine, version: 0 } }))
  chosen.value = added.id
  await reload()
}
const NEW: Values = {
  name: '',
  type: 'BUCKET',
  drumL: 12,
  capacityKg: 2,
  drumRadiusM: 0.15,
  heaterW: 0,
  hotFillC: 50,
  levels: '',
  whitenerDrawer: false,
  pauses: true,
}
function measuredWords(p: Programme) {
  const m = p.measured
  if (!m) return ''
  const peak = m.peakC == null ? '' : `, reaches ${number(m.peakC)}°`
  const hold = m.holdMinutes == null ? '' : ` for ${number(m.holdMinutes)} min`
  const heater = m.heaterW == null ? '' : `, heater ${number(m.heaterW)} W`
  return `, measured at ${m.chosenC}${peak}${hold}${heater}`
}
function saveProgramme(index: number, v: Values) {
  const all = [...programmes.value]
  all[index] = read(v)
  return put({ programmes: all }, v.version)
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !machines" @again="reload" />
  <div v-if="view && machines" class="max-w-3xl">
    <ChoiceRow
      v-if="machines.length > 1"
      v-model="chosen"
      class="mb-3"
      :label="$t('kit.machinePanel.which')"
      hide-label
      :options="machines.map((m) => ({ value: m.id, words: m.machine.name }))"
    />
    <FieldForm
      :key="`${view.id}.${view.version}`"
      :fields="MACHINE"
      :initial="
        {
          ...view.machine,
          levels: view.machine.levelsL.join(', '),
          version: view.version,
        } as unknown as Values
      "
      :save="saveMachine"
    />
    <template v-if="!byHand">
      <h2 class="mt-6 mb-1 text-lg">{{ $t('kit.machinePanel.programmes') }}</h2>
      <OpenRow
        v-for="(p, i) in programmes"
        :key="`${view.id}.${i}.${view.version}`"
        :name="p.name"
        :about="`${p.use.toLowerCase()}, ${p.temperaturesC.join(', ')}°, ${p.washMinutes} min, ${p.rinses} rinses${p.shortfallC ? `, stays ${p.shortfallC}° cooler` : ''}${measuredWords(p)}`"
      >
        <FieldForm
          :fields="PROGRAMME"
          :initial="editable(p)"
          :save="(v: Values) => saveProgramme(i, v)"
        />
      </OpenRow>
      <OpenRow name="A new programme" :about="$t('kit.machinePanel.fromTheDial')">
        <FieldForm
          :fields="PROGRAMME"
          :initial="editable(programme('', 'WASH', [40, 60], 60, 2, 1))"
          :save="(v: Values) => saveProgramme(programmes.length, v)"
          :save-label="$t('kit.machinePanel.add')"
        />
      </OpenRow>
      <MachineLogs v-if="view.id" :key="view.id" :view="view" @kept="reload" />
    </template>
    <RemoveThing
      v-if="view.id"
      :id="view.id"
      thing="MACHINE"
      :name="view.machine.name"
      @changed="reload"
    />
    <h2 class="mt-6 mb-1 text-lg">{{ $t('kit.machinePanel.another') }}</h2>
    <OpenRow
      v-slot="{ close }"
      name="A new machine or vessel"
      :about="$t('kit.machinePanel.aBucketABasinA')"
    >
      <FieldForm
        :fields="MACHINE"
        :initial="NEW"
        :save="add"
        :save-label="$t('kit.machinePanel.add')"
        @saved="close()"
      />
    </OpenRow>
  </div>
</template>
