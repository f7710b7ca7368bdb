<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { useLine } from '../../stores/line'
import { number } from '../../use/format'
import RemoveThing from './RemoveThing.vue'
import { useLoaded } from '../../use/useLoaded'

const line = useLine()
const { data: places, error, loading, reload } = useLoaded(() => answer(api.GET('/api/places')))
const { data: gathering, reload: reloadPails } = useLoaded(() => answer(api.GET('/api/pails')))
const { data: people } = useLoaded(() => answer(api.GET('/api/people')))

const PLACE: Field[] = [
  { key: 'name', label: 'Name', type: 'text' },
  {
    key: 'sort',
    label: 'What it is',
    type: 'choice',
    options: [
      { value: 'SUN_LINE', words: 'sun line' },
      { value: 'BALCONY', words: 'covered balcony' },
      { value: 'MOVABLE_AIRER', words: 'movable airer, out and in' },
      { value: 'AIRER', words: 'airer indoors' },
      { value: 'AIRING_CUPBOARD', words: 'airing cupboard' },
    ],
  },
  {
    key: 'facing',
    label: 'Its sun',
    type: 'choice',
    options: [
      { value: 'OPEN', words: 'open to all sides' },
      { value: 'EAST', words: 'east, sun until noon' },
      { value: 'SOUTH', words: 'south, sun from 9 to 17' },
      { value: 'WEST', words: 'west, sun from noon on' },
      { value: 'NORTH', words: 'north, no sun' },
    ],
  },
  {
    key: 'exposure',
    label: 'Exposure',
    type: 'number',
    hint: 'line 0.35, spaced airer 0.25, crowded airer 0.15',
  },
  {
    key: 'metres',
    label: 'Holds',
    type: 'number',
    unit: 'm',
    hint: 'length of line or rails',
    optional: true,
  },
  { key: 'pieces', label: 'or holds', type: 'whole', unit: 'pieces', optional: true },
  {
    key: 'windFactor',
    label: 'Share of the wind',
    type: 'number',
    hint: 'outdoors: 1 open, less behind a wall',
  },
  { key: 'sunFactor', label: 'Share of the sun', type: 'number', hint: 'outdoors: 0 in the shade' },
  { key: 'roomC', label: 'Warmth of the room', type: 'number', unit: '°C', hint: 'indoors' },
  {
    key: 'roomHumidity',
    label: 'Humidity of the room',
    type: 'number',
    unit: '%',
    hint: 'indoors',
  },
  {
    key: 'roomM3',
    label: 'Room',
    type: 'number',
    unit: 'm³',
    hint: 'indoors: a living room has 30, an airing cupboard 1.5',
    optional: true,
  },
  {
    key: 'freshM3H',
    label: 'Fresh air',
    type: 'number',
    unit: 'm³/h',
    hint: 'indoors: 15 with doors shut, 60 with the bathroom fan on',
    optional: true,
  },
  { key: 'fan', label: 'A fan blows on it', type: 'yes' },
  { key: 'watts', label: 'Draws', type: 'number', unit: 'W', hint: 'fan or warm cupboard' },
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
  await answer(api.POST('/api/places', { body: v as unknown as Api['PlaceChange'] }))
  await reload()
}
async function changePlace(id: number, v: Values) {
  const body = v as unknown as Api['PlaceChange']
  await answer(api.PUT('/api/places/{id}', { params: { path: { id } }, body }))
  await reload()
}

const { data: dryers, reload: reloadDryers } = useLoaded(() => answer(api.GET('/api/dryers')))
const DRYER: Field[] = [
  { key: 'name', label: 'Name', type: 'text' },
  {
    key: 'type',
    label: 'Sort',
    type: 'choice',
    options: choices('VENTED', 'CONDENSER', 'HEAT_PUMP'),
  },
  { key: 'capacityKg', label: 'Takes at most', type: 'number', unit: 'kg' },
]
const NEW_DRYER: Values = { name: '', type: 'HEAT_PUMP', capacityKg: 6 }
async function addDryer(v: Values) {
  await answer(api.POST('/api/dryers', { body: v as unknown as Api['DryerChange'] }))
  await reloadDryers()
}
async function changeDryer(id: number, v: Values) {
  const body = { ...v, id: undefined } as unknown as Api['DryerChange']
  await answer(api.PUT('/api/dryers/{id}', { params: { path: { id } }, body }))
  await reloadDryers()
}

const styleField: Field[] = [
  {
    key: 'style',
    label: 'Sort of place',
    type: 'choice',
    options: [
      { value: 'DRY_PAIL', words: 'dry pail, loose lid' },
      { value: 'OPEN_BAG', words: 'open wet bag' },
      { value: 'MESH_BUCKET', words: 'mesh-lined bucket, two liners in turn' },
      { value: 'OUT_BAG', words: 'out-and-about bag' },
      { value: 'SORTED_BIN', words: 'sorted bin for cloths' },
      { value: 'BASKET', words: 'laundry basket of household pieces, for bulk' },
    ],
  },
]
const pailFields = computed<Field[]>(() => [
  { key: 'name', label: 'Name', type: 'text' },
  { key: 'capacityL', label: 'Holds', type: 'number', unit: 'L' },
  { key: 'airy', label: 'Air gets in: open, or a loose lid', type: 'yes' },
  {
    key: 'personId',
    label: 'Whose pieces go in',
    type: 'choice',
    options: [
      { value: '', words: 'nobody in particular' },
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
  const pail = v as unknown as Api['GatherNewPail']
  await answer(
    api.POST('/api/pails', {
      body: { ...pail, personId: v.personId ? Number(v.personId) : undefined },
    }),
  )
  await Promise.all([reloadPails(), line.refresh()])
}
async function changePail(id: number, v: Values) {
  const { version, name, capacityL, airy } = v as unknown as Api['GatherPailChange']
  await answer(
    api.PUT('/api/pails/{id}', {
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
    <OpenRow v-slot="{ close }" name="A new place" :about="$t('kit.placesPanel.lineAirerCupboard')">
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
      :about="`${d.dryer.type.toLowerCase().replace('_', ' ')}, ${number(d.dryer.capacityKg)} kg`"
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
      name="A new dryer"
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
      :about="`${p.styleWords}, ${number(p.capacityL)} L${p.person ? `, ${p.person}` : ''}`"
    >
      <FieldForm
        :fields="pailFields"
        :initial="{ ...p, personId: p.personId == null ? '' : String(p.personId) }"
        :save="(v: Values) => changePail(p.id, v)"
      />
      <RemoveThing :id="p.id" thing="PAIL" :name="p.name" @changed="reloadPails" />
    </OpenRow>
    <OpenRow v-slot="{ close }" name="A new pail" :about="$t('kit.placesPanel.bagBinBasket')">
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
