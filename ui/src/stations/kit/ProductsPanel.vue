<script setup lang="ts">
import { t } from '../../words'
import { computed } from 'vue'
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { measure, number } from '../../use/format'
import LabelForm from './LabelForm.vue'
import ProductSorts from './ProductSorts.vue'
import RemoveThing from './RemoveThing.vue'
import { useAnswer, useLoaded } from '../../use/useLoaded'

const { data, error, loading, reload } = useLoaded(
  ['/api/v1/products', '/api/v1/products/left'],
  async () => {
    const [shelf, left] = await Promise.all([
      answer(api.GET('/api/v1/products')),
      answer(api.GET('/api/v1/products/left')),
    ])
    return { shelf, left }
  },
)
/** The plain sorts that the set-up offers too. */
const { data: setUp } = useAnswer('/api/v1/set-up')
const products = computed(() => data.value?.shelf)
function lasts(id: number) {
  const found = data.value?.left.find((l) => l.productId === id)
  if (!found) return ''
  const days = found.daysLeft
  return days == null
    ? t('kit.productsPanel.gLeft', { leftG: measure(found.leftG, 'gram') })
    : t('kit.productsPanel.gLeftForDays', {
        leftG: measure(found.leftG, 'gram'),
        days: number(days),
      })
}

const FIELDS: Field[] = [
  { key: 'name', label: t('kit.productsPanel.nameByWhatItIs'), type: 'text' },
  {
    key: 'purpose',
    label: t('kit.productsPanel.for'),
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
    label: t('kit.productsPanel.form'),
    type: 'choice',
    options: choices('POWDER', 'LIQUID', 'CONCENTRATE', 'SHEET', 'TAB'),
  },
  {
    key: 'scoopMl',
    label: t('kit.productsPanel.yourScoopOrCap'),
    type: 'number',
    unit: 'mL',
    optional: true,
  },
  {
    key: 'densityGMl',
    label: t('kit.productsPanel.weightOfMl'),
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'referenceMassKg',
    label: t('kit.productsPanel.theLabelSpeaksOfA'),
    type: 'number',
    unit: 'kg',
  },
  {
    key: 'normal.softG',
    label: t('kit.productsPanel.normalSoilSoftWater'),
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'heavy.softG',
    label: t('kit.productsPanel.heavySoilSoftWater'),
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'normal.mediumG',
    label: t('kit.productsPanel.normalSoilMediumWater'),
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'heavy.mediumG',
    label: t('kit.productsPanel.heavySoilMediumWater'),
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'normal.hardG',
    label: t('kit.productsPanel.normalSoilHardWater'),
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'heavy.hardG',
    label: t('kit.productsPanel.heavySoilHardWater'),
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'pieceG',
    label: t('kit.productsPanel.sheetWeighs'),
    type: 'number',
    unit: 'g',
    optional: true,
  },
  {
    key: 'percarbonateShare',
    label: t('kit.productsPanel.shareOfPercarbonateInA'),
    type: 'number',
    hint: t('kit.productsPanel.toFromItsLabelWhere'),
    optional: true,
  },
  {
    key: 'maxG',
    label: t('kit.productsPanel.atMostInOneBath'),
    type: 'number',
    unit: 'g',
    optional: true,
  },
  { key: 'packPrice', label: t('kit.productsPanel.priceOfAPack'), type: 'number' },
  { key: 'packG', label: t('kit.productsPanel.aPackHolds'), type: 'number', unit: 'g' },
  {
    key: 'leftG',
    label: t('kit.productsPanel.leftInThePack'),
    type: 'number',
    unit: 'g',
    optional: true,
  },
  { key: 'enzymes', label: t('kit.productsPanel.hasEnzymes'), type: 'yes' },
  { key: 'scented', label: t('kit.productsPanel.isScented'), type: 'yes' },
  { key: 'coats', label: t('kit.productsPanel.hasSoftenerOrSoap'), type: 'yes' },
  { key: 'activator', label: t('kit.productsPanel.hasAnActivatorWhitener'), type: 'yes' },
  { key: 'staysIn', label: t('kit.productsPanel.itsLabelSaysThatIt'), type: 'yes' },
  { key: 'hasClaim', label: t('kit.productsPanel.itsLabelClaimsToSanitise'), type: 'yes' },
  {
    key: 'claim.log',
    when: 'hasClaim',
    label: t('kit.productsPanel.claimedReduction'),
    type: 'number',
    unit: t('kit.productsPanel.log'),
  },
  {
    key: 'claim.minMlPerL',
    when: 'hasClaim',
    label: t('kit.productsPanel.smallestDoseForIt'),
    type: 'number',
    unit: 'mL/L',
  },
  {
    key: 'claim.minMinutes',
    when: 'hasClaim',
    label: t('kit.productsPanel.shortestTimeForIt'),
    type: 'number',
    unit: 'min',
  },
  {
    key: 'claim.minC',
    when: 'hasClaim',
    label: t('kit.productsPanel.lowestTemperatureForIt'),
    type: 'number',
    unit: '°C',
  },
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
  await answer(api.PUT('/api/v1/products/{id}', { params: { path: { id } }, body: body(v) }))
  await reload()
}
async function added(close: () => void) {
  await reload()
  close()
}
async function add(v: Values) {
  await answer(api.POST('/api/v1/products', { body: body(v) }))
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
  const scoop =
    p.scoopMl != null
      ? t('kit.productsPanel.scoopOfMl', { scoopMl: measure(p.scoopMl, 'millilitre') })
      : ''
  return t('kit.productsPanel.countsAs', {
    form: t(`named.${p.form}`),
    enzymes: p.enzymes ? t('kit.productsPanel.withEnzymes') : '',
    scoop,
    id: lasts(p.id),
    length: view.filledIn.length
      ? t('kit.productsPanel.filledIn', { count: view.filledIn.length })
      : '',
    join: view.chemicals.join(', ') || t('kit.productsPanel.nothingSpecial'),
  })
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
    <OpenRow
      v-slot="{ close }"
      :name="$t('kit.productsPanel.aNewProduct')"
      :about="$t('kit.productsPanel.fromItsLabel')"
    >
      <p class="font-semibold">{{ $t('kit.productsPanel.aPlainSort') }}</p>
      <ProductSorts
        v-if="setUp"
        class="mt-2"
        :sorts="setUp.sorts.products"
        :have="products.map((p) => p.product.name)"
        @added="reload"
      />
      <p class="mt-4 font-semibold">{{ $t('kit.productsPanel.orALabel') }}</p>
      <LabelForm class="mt-2" @added="added(close)" />
      <details class="mt-4" data-every-field>
        <summary class="button-quiet px-0">{{ $t('kit.productsPanel.everyField') }}</summary>
        <FieldForm
          :fields="FIELDS"
          :initial="NEW"
          :save="add"
          :save-label="$t('kit.productsPanel.add')"
          @saved="close()"
        />
      </details>
    </OpenRow>
  </div>
</template>
