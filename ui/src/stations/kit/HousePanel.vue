<script setup lang="ts">
import { t } from '../../words'
import { computed } from 'vue'
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { useLine } from '../../stores/line'
import { houseCurrency } from '../../use/format'
import { useAnswer } from '../../use/useLoaded'

const line = useLine()
const { data: house, error, loading, reload } = useAnswer('/api/v1/household')

const { data: methods } = useAnswer('/api/v1/schools')

const FIELDS = computed<Field[]>(() => [
  { key: 'name', label: t('kit.housePanel.name'), type: 'text' },
  {
    key: 'hardnessMmolL',
    label: t('kit.housePanel.hardnessOfTheWater'),
    type: 'number',
    unit: 'mmol/L',
    hint: t('kit.housePanel.mmolLIsDhFh'),
  },
  {
    key: 'inletC',
    label: t('kit.housePanel.coldTap'),
    type: 'number',
    unit: '°C',
    usual: [0, 30],
  },
  {
    key: 'roomC',
    label: t('kit.housePanel.roomWithTheMachine'),
    type: 'number',
    unit: '°C',
    usual: [0, 35],
  },
  {
    key: 'dayPerKwh',
    label: t('kit.housePanel.electricityByDay'),
    type: 'number',
    unit: t('kit.housePanel.perKwh', { currency: houseCurrency.value }),
  },
  {
    key: 'nightPerKwh',
    label: t('kit.housePanel.electricityByNight'),
    type: 'number',
    unit: t('kit.housePanel.perKwh', { currency: houseCurrency.value }),
  },
  { key: 'nightFrom', label: t('kit.housePanel.nightPriceFrom'), type: 'time' },
  { key: 'nightTo', label: t('kit.housePanel.nightPriceTo'), type: 'time' },
  {
    key: 'waterPerM3',
    label: t('kit.housePanel.waterAndDrain'),
    type: 'number',
    unit: t('kit.housePanel.perM', { currency: houseCurrency.value }),
  },
  {
    key: 'goal',
    label: t('kit.housePanel.lowestHygieneGoal'),
    type: 'choice',
    options: choices('NONE', 'LIGHT', 'EVERYDAY', 'EXTRA_CARE', 'ILLNESS'),
  },
  {
    key: 'usualMethod',
    label: t('kit.housePanel.howYouUsuallyWash'),
    type: 'choice',
    options: methods.value?.map((m) => ({ value: m.id, words: m.school.name })) ?? [],
    hint: t('kit.housePanel.offeredFirstUnlessThePieces'),
  },
  {
    key: 'drying.tumbling',
    label: t('kit.housePanel.theDryerIsFor'),
    type: 'choice',
    options: [
      { value: 'AS_NEEDED', words: t('kit.housePanel.whatWouldBeLateOr') },
      { value: 'ABSORBENT', words: t('kit.housePanel.everythingThatAbsorbsAndMay') },
      { value: 'FINISH_ONLY', words: t('kit.housePanel.finishingWhatHungInThe') },
      { value: 'NEVER', words: t('kit.housePanel.nothingEver') },
    ],
  },
  {
    key: 'drying.aim',
    label: t('kit.housePanel.whenDryingPrefer'),
    type: 'choice',
    options: [
      { value: 'BALANCED', words: t('kit.housePanel.aBalanceOfMoneyTime') },
      { value: 'CHEAPEST', words: t('kit.housePanel.cheap') },
      { value: 'LEAST_CARRYING', words: t('kit.housePanel.littleCarrying') },
    ],
  },
  { key: 'drying.outdoors', label: t('kit.housePanel.thingsMayHangOutOf'), type: 'yes' },
  { key: 'drying.afterDark', label: t('kit.housePanel.somebodyCarriesAfterDark'), type: 'yes' },
  {
    key: 'drying.tripsADay',
    label: t('kit.housePanel.tripsForDrying'),
    type: 'whole',
    unit: t('kit.housePanel.aDayAtMost'),
  },
  {
    key: 'drying.sun',
    label: t('kit.housePanel.sunForCoversAndElastic'),
    type: 'choice',
    options: [
      { value: 'LIMITED', words: t('kit.housePanel.hOfStrongSunAt') },
      { value: 'FULL', words: t('kit.housePanel.allDay') },
      { value: 'NEVER', words: t('kit.housePanel.alwaysShade') },
    ],
  },
  {
    key: 'newPieces',
    label: t('kit.housePanel.newPiecesAreReady'),
    type: 'choice',
    options: [
      { value: 'FIBRE', words: t('kit.housePanel.dependingOnTheFibre') },
      { value: 'SOAK', words: t('kit.housePanel.afterADayInCold') },
      { value: 'WASHES', words: t('kit.housePanel.afterThreeWashes') },
    ],
  },
  { key: 'pailsShut', label: t('kit.housePanel.pailsStandShut'), type: 'yes' },
  { key: 'zone', label: t('kit.housePanel.timeZone'), type: 'text' },
  {
    key: 'wetHours',
    label: t('kit.housePanel.wetPiecesWaitAtMost'),
    type: 'whole',
    unit: 'h',
    hint: t('kit.housePanel.isUsualIsTheEnd'),
  },
  { key: 'pretendDevices', label: t('kit.housePanel.offerPretendDevices'), type: 'yes' },
  { key: 'pretendWeather', label: t('kit.housePanel.listenToThePretendWeather'), type: 'yes' },
  { key: 'boraxLawful', label: t('kit.housePanel.boraxIsLawfulHereAnd'), type: 'yes' },
  { key: 'hasCleaner', label: t('kit.housePanel.pailsAreWipedWithA'), type: 'yes' },
  { key: 'cleaner.name', label: t('kit.housePanel.cleanerForPails'), type: 'text' },
  { key: 'cleaner.percent', label: t('kit.housePanel.itsStrength'), type: 'number', unit: '%' },
  {
    key: 'cleaner.targetMgL',
    label: t('kit.housePanel.wantedInTheMix'),
    type: 'number',
    unit: 'mg/L',
  },
  { key: 'cleaner.chlorine', label: t('kit.housePanel.theCleanerContainsChlorine'), type: 'yes' },
])

function initial(h: Api['Household']): Values {
  return {
    ...h,
    hasCleaner: h.cleaner != null,
    cleaner: h.cleaner ?? {
      name: t('kit.housePanel.disinfectant'),
      percent: 2.5,
      targetMgL: 500,
      chlorine: false,
    },
  }
}

async function save(v: Values) {
  const { hasCleaner, cleaner, ...rest } = v
  const body = { ...rest, cleaner: hasCleaner ? cleaner : undefined }
  delete (body as Values).trim
  await answer(api.PUT('/api/v1/household', { body: body as Api['HouseholdChange'] }))
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
