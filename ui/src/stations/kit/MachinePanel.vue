<script setup lang="ts">
import { t } from '../../words'
import { computed, ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { measure, number } from '../../use/format'
import RemoveThing from './RemoveThing.vue'
import { useLoaded } from '../../use/useLoaded'
import MachineLogs from './MachineLogs.vue'

type Programme = Api['Programme']

/** A house that has no machine yet gets one to change: nothing is asked before something can be shown. */
const FIRST: Api['Machine'] = {
  name: t('kit.machinePanel.ourMachine'),
  type: 'FRONT_LOADER',
  drumL: 50,
  capacityKg: 6,
  drumRadiusM: 0.235,
  heaterW: 2000,
  levelsL: [],
  whitenerDrawer: true,
  pauses: true,
  programmes: [
    programme(t('kit.machinePanel.quickRinse'), 'RINSE', [0], 0, 1, 0),
    programme(t('kit.machinePanel.short'), 'WASH', [30, 40, 60], 25, 1, 1),
    programme(t('kit.machinePanel.cottons'), 'WASH', [40, 60, 90], 120, 2, 1),
    programme(t('kit.machinePanel.wool'), 'WOOL', [20, 30], 30, 2, 0),
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
} = useLoaded(['/api/v1/machines', { orFirst: true }], async () => {
  const found = await answer(api.GET('/api/v1/machines'))
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
  { key: 'name', label: t('kit.machinePanel.name'), type: 'text' },
  {
    key: 'type',
    label: t('kit.machinePanel.sort'),
    type: 'choice',
    options: choices('FRONT_LOADER', 'TOP_LOADER', 'TWIN_TUB', 'BUCKET', 'HAND_BASIN'),
  },
  { key: 'drumL', label: t('kit.machinePanel.drumTubOrBucket'), type: 'number', unit: 'L' },
  { key: 'capacityKg', label: t('kit.machinePanel.largestLoad'), type: 'number', unit: 'kg' },
  { key: 'drumRadiusM', label: t('kit.machinePanel.radiusOfIt'), type: 'number', unit: 'm' },
  {
    key: 'heaterW',
    label: t('kit.machinePanel.heater'),
    type: 'number',
    unit: 'W',
    hint: t('kit.machinePanel.ifItHasNoneAnd'),
  },
  {
    key: 'hotFillC',
    label: t('kit.machinePanel.hotWaterThatItIs'),
    type: 'number',
    unit: '°C',
    usual: [20, 75],
    optional: true,
    hint: t('kit.machinePanel.emptyWhenItFillsCold'),
  },
  {
    key: 'levels',
    label: t('kit.machinePanel.waterLevels'),
    type: 'numbers',
    unit: 'L',
    hint: t('kit.machinePanel.litresCommasBetweenEmptyWhen'),
  },
  { key: 'whitenerDrawer', label: t('kit.machinePanel.hasADrawerForWhitener'), type: 'yes' },
  { key: 'pauses', label: t('kit.machinePanel.canBePaused'), type: 'yes' },
]
const PROGRAMME: Field[] = [
  { key: 'name', label: t('kit.machinePanel.nameOnTheDial'), type: 'text' },
  {
    key: 'use',
    label: t('kit.machinePanel.for'),
    type: 'choice',
    options: choices('WASH', 'RINSE', 'WOOL', 'STEAM', 'SPIN'),
  },
  {
    key: 'temperatures',
    label: t('kit.machinePanel.temperatures'),
    type: 'numbers',
    unit: '°C',
    hint: t('kit.machinePanel.inCCommasBetweenIs'),
  },
  {
    key: 'shortfallC',
    label: t('kit.machinePanel.runsBelowTheSetTemperature'),
    type: 'number',
    unit: 'K',
  },
  {
    key: 'washMinutes',
    label: t('kit.machinePanel.washingBath'),
    type: 'whole',
    unit: t('kit.machinePanel.minutes'),
    hint: t('kit.machinePanel.rinsesAndSpinNotCounted'),
  },
  {
    key: 'agitation',
    label: t('kit.machinePanel.movement'),
    type: 'choice',
    options: choices('GENTLE', 'NORMAL', 'INTENSIVE', 'SOAK'),
  },
  { key: 'rinses', label: t('kit.machinePanel.rinsesInTheProgramme'), type: 'whole' },
  { key: 'extraRinses', label: t('kit.machinePanel.extraRinsesYouCanSet'), type: 'whole' },
  { key: 'interimRpm', label: t('kit.machinePanel.spinBetweenRinses'), type: 'whole', unit: 'rpm' },
  { key: 'fastestSpinRpm', label: t('kit.machinePanel.fastestSpin'), type: 'whole', unit: 'rpm' },
  {
    key: 'mainL',
    label: t('kit.machinePanel.waterInTheMainWash'),
    type: 'number',
    unit: 'L',
    optional: true,
    hint: t('kit.machinePanel.ifItStatesItOr'),
  },
  {
    key: 'rinseL',
    label: t('kit.machinePanel.waterOfOneRinse'),
    type: 'number',
    unit: 'L',
    optional: true,
  },
  {
    key: 'label.kwh',
    label: t('kit.machinePanel.itsLabelElectricity'),
    type: 'number',
    unit: 'kWh',
    optional: true,
    hint: t('kit.machinePanel.fromTheManualForOne'),
  },
  {
    key: 'label.litres',
    label: t('kit.machinePanel.itsLabelWater'),
    type: 'number',
    unit: 'L',
    optional: true,
  },
  {
    key: 'label.loadKg',
    label: t('kit.machinePanel.itsLabelLoad'),
    type: 'number',
    unit: 'kg',
    optional: true,
  },
  {
    key: 'label.temperatureC',
    label: t('kit.machinePanel.itsLabelTemperature'),
    type: 'whole',
    unit: '°C',
    optional: true,
  },
]

function editable(p: Programme): Values {
  return { ...p, version: view.value?.version, temperatures: p.temperaturesC }
}
function read(v: Values): Programme {
  const p = v as unknown as Programme & { temperatures: number[] }
  return {
    name: p.name,
    use: p.use,
    temperaturesC: p.temperatures,
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
async function put(machine: Partial<Api['Machine']>, version: unknown) {
  const body = { ...(view.value?.machine ?? FIRST), ...machine, version: version as number }
  const id = view.value?.id
  const kept = id
    ? await answer(api.PUT('/api/v1/machines/{id}', { params: { path: { id } }, body }))
    : await answer(api.POST('/api/v1/machines', { body }))
  chosen.value = kept.id
  await reload()
}
function machineOf(v: Values): Partial<Api['Machine']> {
  const m = v as unknown as Api['Machine'] & { levels: number[] }
  return {
    name: m.name,
    type: m.type,
    drumL: m.drumL,
    capacityKg: m.capacityKg,
    drumRadiusM: m.drumRadiusM,
    heaterW: m.heaterW,
    hotFillC: m.hotFillC,
    levelsL: m.levels,
    whitenerDrawer: m.whitenerDrawer,
    pauses: m.pauses,
  }
}
function saveMachine(v: Values) {
  return put(machineOf(v), v.version)
}
async function add(v: Values) {
  const machine = { ...FIRST, ...machineOf(v) }
  const added = await answer(api.POST('/api/v1/machines', { body: { ...machine, version: 0 } }))
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
  levels: [],
  whitenerDrawer: false,
  pauses: true,
}
function measuredWords(p: Programme) {
  const m = p.measured
  if (!m) return ''
  const peak =
    m.peakC == null ? '' : t('kit.machinePanel.reaches', { peakC: measure(m.peakC, 'celsius') })
  const hold =
    m.holdMinutes == null
      ? ''
      : ' ' + t('kit.machinePanel.forMin', { holdMinutes: number(m.holdMinutes) })
  const heater =
    m.heaterW == null ? '' : t('kit.machinePanel.heaterW', { heaterW: number(m.heaterW) })
  return t('kit.machinePanel.measuredAt', {
    chosenC: measure(m.chosenC, 'celsius'),
    peak,
    hold,
    heater,
  })
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
          levels: view.machine.levelsL,
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
        :about="
          $t(
            'kit.machinePanel.minRinses',
            {
              use: $t(`named.${p.use}`),
              join: p.temperaturesC.map((c) => measure(c, 'celsius')).join(', '),
              washMinutes: p.washMinutes,
              rinses: p.rinses,
              shortfallC: p.shortfallC
                ? $t('kit.machinePanel.runsBelow', { shortfallC: measure(p.shortfallC, 'kelvin') })
                : '',
              p: measuredWords(p),
            },
            p.rinses,
          )
        "
      >
        <FieldForm
          :fields="PROGRAMME"
          :initial="editable(p)"
          :save="(v: Values) => saveProgramme(i, v)"
        />
      </OpenRow>
      <OpenRow
        :name="$t('kit.machinePanel.aNewProgramme')"
        :about="$t('kit.machinePanel.fromTheDial')"
      >
        <FieldForm
          :fields="PROGRAMME"
          :initial="editable(programme('', 'WASH', [40, 60], 60, 2, 1))"
          :save="(v: Values) => saveProgramme(programmes.length, v)"
          :save-label="$t('kit.machinePanel.add')"
        />
      </OpenRow>
      <details v-if="view.id" class="mt-3" data-logs-fold>
        <summary class="button-quiet px-0">{{ $t('kit.machinePanel.logs') }}</summary>
        <MachineLogs :key="view.id" :view="view" @kept="reload" />
      </details>
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
      :name="$t('kit.machinePanel.aNewMachineOrVessel')"
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
