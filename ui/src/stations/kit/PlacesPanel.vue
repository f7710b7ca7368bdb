<script setup lang="ts">
import { t } from '../../words'
import { computed } from 'vue'
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { useLine } from '../../stores/line'
import { measure } from '../../use/format'
import RemoveThing from './RemoveThing.vue'
import { useAnswer } from '../../use/useLoaded'

const line = useLine()
const { data: places, error, loading, reload } = useAnswer('/api/v1/places')
const { data: gathering, reload: reloadPails } = useAnswer('/api/v1/pails')
const { data: people } = useAnswer('/api/v1/people')

const PLACE: Field[] = [
  { key: 'name', label: t('kit.placesPanel.name'), type: 'text' },
  {
    key: 'sort',
    label: t('kit.placesPanel.type'),
    type: 'choice',
    options: [
      { value: 'SUN_LINE', words: t('kit.placesPanel.sunLine') },
      { value: 'BALCONY', words: t('kit.placesPanel.coveredBalcony') },
      { value: 'MOVABLE_AIRER', words: t('kit.placesPanel.movableAirerOutAndIn') },
      { value: 'AIRER', words: t('kit.placesPanel.airerIndoors') },
      { value: 'AIRING_CUPBOARD', words: t('kit.placesPanel.airingCupboard') },
    ],
  },
  {
    key: 'facing',
    label: t('kit.placesPanel.itsSun'),
    type: 'choice',
    options: [
      { value: 'OPEN', words: t('kit.placesPanel.openToAllSides') },
      { value: 'EAST', words: t('kit.placesPanel.eastSunUntilNoon') },
      { value: 'SOUTH', words: t('kit.placesPanel.southSunFromTo') },
      { value: 'WEST', words: t('kit.placesPanel.westSunFromNoonOn') },
      { value: 'NORTH', words: t('kit.placesPanel.northNoSun') },
    ],
  },
  {
    key: 'exposure',
    label: t('kit.placesPanel.exposure'),
    type: 'number',
    hint: t('kit.placesPanel.lineSpacedAirerCrowdedAirer'),
  },
  {
    key: 'metres',
    label: t('kit.placesPanel.holds'),
    type: 'number',
    unit: 'm',
    hint: t('kit.placesPanel.lengthOfLineOrRails'),
    optional: true,
  },
  {
    key: 'pieces',
    label: t('kit.placesPanel.orHolds'),
    type: 'whole',
    unit: t('kit.placesPanel.pieces'),
    optional: true,
  },
  {
    key: 'windFactor',
    label: t('kit.placesPanel.shareOfTheWind'),
    type: 'number',
    hint: t('kit.placesPanel.outdoorsOpenLessBehindA'),
  },
  {
    key: 'sunFactor',
    label: t('kit.placesPanel.shareOfTheSun'),
    type: 'number',
    hint: t('kit.placesPanel.outdoorsInTheShade'),
  },
  {
    key: 'roomC',
    label: t('kit.placesPanel.warmthOfTheRoom'),
    type: 'number',
    unit: '°C',
    usual: [0, 45],
    hint: t('kit.placesPanel.indoors'),
  },
  {
    key: 'roomHumidity',
    label: t('kit.placesPanel.humidityOfTheRoom'),
    type: 'number',
    unit: '%',
    hint: t('kit.placesPanel.indoors'),
  },
  {
    key: 'roomM3',
    label: t('kit.placesPanel.room'),
    type: 'number',
    unit: 'm³',
    hint: t('kit.placesPanel.indoorsALivingRoomHas'),
    optional: true,
  },
  {
    key: 'freshM3H',
    label: t('kit.placesPanel.freshAir'),
    type: 'number',
    unit: 'm³/h',
    hint: t('kit.placesPanel.indoorsWithDoorsShutWith'),
    optional: true,
  },
  { key: 'fan', label: t('kit.placesPanel.aFanBlowsOnIt'), type: 'yes' },
  {
    key: 'watts',
    label: t('kit.placesPanel.draws'),
    type: 'number',
    unit: 'W',
    hint: t('kit.placesPanel.fanOrWarmCupboard'),
  },
]
const NEW_PLACE: Values = {
  name: '',
  sort: 'AIRER',
  facing: 'OPEN',
  exposure: 0.25,
  metres: 12,
  pieces: null,
  windFactor: 1,
  sunFactor: 1,
  roomC: 19,
  roomHumidity: 60,
  roomM3: null,
  freshM3H: null,
  fan: false,
  watts: 0,
}
async function addPlace(v: Values) {
  await answer(api.POST('/api/v1/places', { body: v as unknown as Api['PlaceChange'] }))
  await reload()
}
async function changePlace(id: number, v: Values) {
  const body = v as unknown as Api['PlaceChange']
  await answer(api.PUT('/api/v1/places/{id}', { params: { path: { id } }, body }))
  await reload()
}

const { data: dryers, reload: reloadDryers } = useAnswer('/api/v1/dryers')
const DRYER: Field[] = [
  { key: 'name', label: t('kit.placesPanel.name'), type: 'text' },
  {
    key: 'type',
    label: t('kit.placesPanel.sort'),
    type: 'choice',
    options: choices('VENTED', 'CONDENSER', 'HEAT_PUMP'),
  },
  { key: 'capacityKg', label: t('kit.placesPanel.largestLoad'), type: 'number', unit: 'kg' },
]
const NEW_DRYER: Values = { name: '', type: 'HEAT_PUMP', capacityKg: 6 }
async function addDryer(v: Values) {
  await answer(api.POST('/api/v1/dryers', { body: v as unknown as Api['DryerChange'] }))
  await reloadDryers()
}
async function changeDryer(id: number, v: Values) {
  const body = { ...v, id: undefined } as unknown as Api['DryerChange']
  await answer(api.PUT('/api/v1/dryers/{id}', { params: { path: { id } }, body }))
  await reloadDryers()
}

const styleField: Field[] = [
  {
    key: 'style',
    label: t('kit.placesPanel.type2'),
    type: 'choice',
    options: [
      { value: 'DRY_PAIL', words: t('kit.placesPanel.dryPailLooseLid') },
      { value: 'OPEN_BAG', words: t('kit.placesPanel.openWetBag') },
      { value: 'MESH_BUCKET', words: t('kit.placesPanel.meshLinedBucketTwoLiners') },
      { value: 'OUT_BAG', words: t('kit.placesPanel.outAndAboutBag') },
      { value: 'SORTED_BIN', words: t('kit.placesPanel.sortedBinForCloths') },
      { value: 'BASKET', words: t('kit.placesPanel.laundryBasketUsedToFill') },
    ],
  },
]
const pailFields = computed<Field[]>(() => [
  { key: 'name', label: t('kit.placesPanel.name'), type: 'text' },
  { key: 'capacityL', label: t('kit.placesPanel.holds'), type: 'number', unit: 'L' },
  { key: 'airy', label: t('kit.placesPanel.airGetsInOpenOr'), type: 'yes' },
  {
    key: 'personId',
    label: t('kit.placesPanel.whoUsesIt'),
    type: 'choice',
    options: [
      { value: '', words: t('kit.placesPanel.everybody') },
      ...(people.value ?? []).map((p) => ({ value: String(p.id), words: p.name })),
    ],
  },
])
const NEW_FIELDS = computed(() => [
  ...pailFields.value.slice(0, 1),
  ...styleField,
  ...pailFields.value.slice(1),
])
const NEW_PAIL: Values = { name: '', style: 'DRY_PAIL', capacityL: 30, personId: '', airy: true }
async function addPail(v: Values) {
  const pail = v as unknown as Api['PailSetup']
  await answer(
    api.POST('/api/v1/pails', {
      body: { ...pail, personId: v.personId ? Number(v.personId) : undefined },
    }),
  )
  await Promise.all([reloadPails(), line.refresh()])
}
async function changePail(id: number, v: Values) {
  const { version, name, capacityL, airy } = v as unknown as Api['PailChange']
  await answer(
    api.PUT('/api/v1/pails/{id}', {
      params: { path: { id } },
      body: {
        version,
        name,
        capacityL,
        airy,
        personId: v.personId ? Number(v.personId) : undefined,
      },
    }),
  )
  await Promise.all([reloadPails(), line.refresh()])
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !places" @again="reload" />
  <div v-if="places" class="max-w-3xl">
    <h2 class="text-lg">{{ $t('kit.placesPanel.placesToHang') }}</h2>
    <OpenRow
      v-for="p in places"
      :key="`${p.id}.${p.version}`"
      :name="p.place.name"
      :about="p.words"
    >
      <FieldForm
        :fields="PLACE"
        :initial="{ ...p.place, version: p.version }"
        :save="(v: Values) => changePlace(p.id, v)"
      />
      <RemoveThing :id="p.id" thing="PLACE" :name="p.place.name" @changed="reload" />
    </OpenRow>
    <OpenRow
      v-slot="{ close }"
      :name="$t('kit.placesPanel.aNewPlace')"
      :about="$t('kit.placesPanel.lineAirerCupboard')"
    >
      <FieldForm
        :fields="PLACE"
        :initial="NEW_PLACE"
        :save="addPlace"
        :save-label="$t('kit.placesPanel.add')"
        @saved="close()"
      />
    </OpenRow>
    <h2 class="mt-6 text-lg">{{ $t('kit.placesPanel.dryers') }}</h2>
    <OpenRow
      v-for="d in dryers ?? []"
      :key="`${d.id}.${d.version}`"
      :name="d.dryer.name"
      :about="
        $t('kit.placesPanel.kg', {
          type: $t(`named.${d.dryer.type}`),
          capacityKg: measure(d.dryer.capacityKg, 'kilogram'),
        })
      "
    >
      <FieldForm
        :fields="DRYER"
        :initial="{ ...d.dryer, version: d.version }"
        :save="(v: Values) => changeDryer(d.id, v)"
      />
      <RemoveThing :id="d.id" thing="DRYER" :name="d.dryer.name" @changed="reloadDryers" />
    </OpenRow>
    <OpenRow
      v-slot="{ close }"
      :name="$t('kit.placesPanel.aNewDryer')"
      :about="$t('kit.placesPanel.ventedCondenserHeatPump')"
    >
      <FieldForm
        :fields="DRYER"
        :initial="NEW_DRYER"
        :save="addDryer"
        :save-label="$t('kit.placesPanel.add')"
        @saved="close()"
      />
    </OpenRow>
    <h2 class="mt-6 text-lg">{{ $t('kit.placesPanel.pails') }}</h2>
    <OpenRow
      v-for="p in gathering?.pails ?? []"
      :key="`${p.id}.${p.version}`"
      :name="p.name"
      :about="`${p.styleWords}, ${measure(p.capacityL, 'litre')}${p.person ? `, ${p.person}` : ''}`"
    >
      <FieldForm
        :fields="pailFields"
        :initial="{ ...p, personId: p.personId == null ? '' : String(p.personId) }"
        :save="(v: Values) => changePail(p.id, v)"
      />
      <RemoveThing :id="p.id" thing="PAIL" :name="p.name" @changed="reloadPails" />
    </OpenRow>
    <OpenRow
      v-slot="{ close }"
      :name="$t('kit.placesPanel.aNewPail')"
      :about="$t('kit.placesPanel.bagBinBasket')"
    >
      <FieldForm
        :fields="NEW_FIELDS"
        :initial="NEW_PAIL"
        :save="addPail"
        :save-label="$t('kit.placesPanel.add')"
        @saved="close()"
      />
    </OpenRow>
  </div>
</template>
