<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { number } from '../../use/format'
import RemoveThing from './RemoveThing.vue'
import { useLoaded } from '../../use/useLoaded'

const { data, error, loading, reload } = useLoaded(async () => {
  const [shelf, left] = await Promise.all([
    answer(api.GET('/api/products')),
    answer(api.GET('/api/products/left')),
  ])
  return { shelf, left }
})
const products = computed(() => data.value?.shelf)
function lasts(id: number) {
  const found = data.value?.left.find((l) => l.productId === id)
  if (!found) return ''
  const days = found.daysLeft
  return days == null
    ? `, ${number(found.leftG)} g left`
    : `, ${number(found.leftG)} g left, for ${number(days)} days`
}

const FIELDS: Field[] = [
  { key: 'name', label: 'Name, by what it is', type: 'text' },
  {
    key: 'purpose',
    label: 'For',
    type: 'choice',
    options: choices(
      'DETERGENT',
      'OXYGEN_WHITENER',
      'SANITISER',
      'SOFTENER',
      'ACID',
      'SODA',
      'CHLORINE_BLEACH',
      'STAIN_REMOVER',
      'OTHER',
    ),
  },
  {
    key: 'form',
    label: 'Form',
    type: 'choice',
    options: choices('POWDER', 'LIQUID', 'CONCENTRATE', 'SHEET', 'TAB'),
  },
  { key: 'scoopMl', label: 'Your scoop or cap', type: 'number', unit: 'mL', optional: true },
  {
    key: 'densityGMl',
    label: 'A millilitre of it weighs',
    type: 'number',
    unit: 'g',
    optional: true,
  },
  { key: 'referenceMassKg', label: 'The label speaks of a load of', type: 'number', unit: 'kg' },
  {
    key: 'normal.softG',
    label: 'Normal soil, soft water',
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'heavy.softG',
    label: 'Heavy soil, soft water',
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'normal.mediumG',
    label: 'Normal soil, medium water',
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'heavy.mediumG',
    label: 'Heavy soil, medium water',
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'normal.hardG',
    label: 'Normal soil, hard water',
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'heavy.hardG',
    label: 'Heavy soil, hard water',
    type: 'number',
    unit: 'g',
    optional: true,
  },
  { key: 'pieceG', label: 'A sheet or tab weighs', type: 'number', unit: 'g', optional: true },
  {
    key: 'percarbonateShare',
    label: 'Share of percarbonate in a whitener',
    type: 'number',
    hint: '0 to 1, from its label; 0.4 where it says none',
    optional: true,
  },
  { key: 'maxG', label: 'At most in one bath', type: 'number', unit: 'g', optional: true },
  { key: 'packPrice', label: 'Price of a pack', type: 'number' },
  { key: 'packG', label: 'A pack holds', type: 'number', unit: 'g' },
  { key: 'leftG', label: 'Of it is left', type: 'number', unit: 'g', optional: true },
  { key: 'enzymes', label: 'has enzymes', type: 'yes' },
  { key: 'scented', label: 'is scented', type: 'yes' },
  { key: 'coats', label: 'has softener or soap', type: 'yes' },
  { key: 'activator', label: 'has an activator (whitener)', type: 'yes' },
  { key: 'staysIn', label: 'its label says that it stays in, unrinsed', type: 'yes' },
  { key: 'hasClaim', label: 'its label claims to sanitise', type: 'yes' },
  { key: 'claim.log', label: 'Claims a reduction of', type: 'number', unit: 'log' },
  { key: 'claim.minMlPerL', label: 'at least', type: 'number', unit: 'mL/L' },
  { key: 'claim.minMinutes', label: 'for at least', type: 'number', unit: 'min' },
  { key: 'claim.minC', label: 'at or above', type: 'number', unit: '°C' },
]
const CLAIM = { log: 3, minMlPerL: 4, minMinutes: 15, minC: 20 }
const EMPTY_ROW = { softG: 50, mediumG: 65, hardG: 80 }
const NEW: Values = {
  name: '',
  purpose: 'DETERGENT',
  form: 'POWDER',
  scoopMl: 60,
  densityGMl: 0.75,
  referenceMassKg: 4.5,
  normal: EMPTY_ROW,
  heavy: EMPTY_ROW,
  maxG: null,
  packPrice: 5,
  packG: 1000,
  enzymes: false,
  scented: false,
  coats: false,
  activator: false,
  pieceG: null,
  percarbonateShare: null,
  staysIn: false,
  hasClaim: false,
  claim: CLAIM,
}

function body(v: Values): Api['ProductChange'] {
  const p = v as unknown as Api['ProductChange']
  return {
    version: p.version,
    name: p.name,
    purpose: p.purpose,
    form: p.form,
    enzymes: p.enzymes,
    scented: p.scented,
    coats: p.coats,
    activator: p.activator,
    normal: p.normal,
    heavy: p.heavy,
    referenceMassKg: p.referenceMassKg,
    maxG: p.maxG,
    scoopMl: p.scoopMl,
    densityGMl: p.densityGMl,
    packPrice: p.packPrice,
    packG: p.packG,
    pieceG: p.pieceG,
    percarbonateShare: p.percarbonateShare,
    staysIn: p.staysIn,
    claim: v.hasClaim ? p.claim : undefined,
    stated: p.stated,
    leftG: p.leftG,
  }
}
async function change(id: number, v: Values) {
  await answer(api.PUT('/api/products/{id}', { params: { path: { id } }, body: body(v) }))
  await reload()
}
async function add(v: Values) {
  await answer(api.POST('/api/products', { body: body(v) }))
  await reload()
}
function initial(p: Api['ProductView']): Values {
  const claim = p.product.claim
  return {
    ...p.product,
    leftG: p.leftG,
    version: p.version,
    staysIn: p.product.staysIn === true,
    hasClaim: claim != null,
    claim: claim ?? CLAIM,
  }
}
function about(view: Api['ProductView']) {
  const p = view.product
  const scoop = p.scoopMl != null ? `, scoop of ${number(p.scoopMl)} mL` : ''
  return `${p.form.toLowerCase()}${p.enzymes ? ', enzymes' : ''}${scoop}${lasts(p.id)}${view.filledIn.length ? `; filled in from a typical label: ${view.filledIn.join(', ')}` : ''}; counts as ${view.chemicals.join(', ') || 'nothing that must not meet'}`
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !products" @again="reload" />
  <div v-if="products" class="max-w-3xl">
    <p class="mb-2 text-soft">
      {{ $t('kit.productsPanel.keepProductsClosedUpHigh') }}
    </p>
    <OpenRow
      v-for="p in products"
      :key="`${p.product.id}.${p.version}`"
      :name="p.product.name"
      :about="about(p)"
    >
      <FieldForm
        :fields="FIELDS"
        :initial="initial(p)"
        :save="(v: Values) => change(p.product.id, v)"
      />
      <RemoveThing :id="p.product.id" thing="PRODUCT" :name="p.product.name" @changed="reload" />
    </OpenRow>
    <OpenRow v-slot="{ close }" name="A new product" :about="$t('kit.productsPanel.fromItsLabel')">
      <FieldForm
        :fields="FIELDS"
        :initial="NEW"
        :save="add"
        :save-label="$t('kit.productsPanel.add')"
        @saved="close()"
      />
    </OpenRow>
  </div>
</template>
