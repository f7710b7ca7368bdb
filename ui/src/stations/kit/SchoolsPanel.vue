<script setup lang="ts">
import { measure } from '../../use/format'
import { t } from '../../words'
import { computed } from 'vue'
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'

const messages = useMessages()
const { act } = useAct()
const { data: schools, error, loading, reload } = useAnswer('/api/v1/schools')
const own = computed(() => schools.value?.filter((s) => s.own) ?? [])

const FIELDS: Field[] = [
  { key: 'name', label: t('kit.schoolsPanel.name'), type: 'text' },
  {
    key: 'before',
    label: t('kit.schoolsPanel.beforeTheMainWash'),
    type: 'choice',
    options: choices('NOTHING', 'COLD_RINSE', 'SHORT_WASH', 'SOAK_PAUSE'),
  },
  { key: 'firstCelsius', label: t('kit.schoolsPanel.itsTemperature'), type: 'whole', unit: '°C' },
  {
    key: 'detergentShare',
    label: t('kit.schoolsPanel.shareOfTheDetergentIn'),
    type: 'number',
    hint: t('kit.schoolsPanel.to'),
  },
  {
    key: 'firstWhitenerScoops',
    label: t('kit.schoolsPanel.whitenerInIt'),
    type: 'number',
    unit: t('kit.schoolsPanel.scoops'),
  },
  { key: 'mainCelsius', label: t('kit.schoolsPanel.mainWash'), type: 'whole', unit: '°C' },
  {
    key: 'mainMinutes',
    label: t('kit.schoolsPanel.for'),
    type: 'whole',
    unit: t('kit.schoolsPanel.minutes'),
  },
  {
    key: 'strength',
    label: t('kit.schoolsPanel.doseStrength'),
    type: 'number',
    hint: t('kit.schoolsPanel.leanByTheLabelStrong'),
  },
  {
    key: 'whitenerScoops',
    label: t('kit.schoolsPanel.whitenerInTheMainWash'),
    type: 'number',
    unit: t('kit.schoolsPanel.scoops'),
  },
  {
    key: 'enzymes',
    label: t('kit.schoolsPanel.enzymes'),
    type: 'choice',
    options: choices('BY_SOIL', 'WANTED', 'AVOIDED'),
  },
  { key: 'extraRinses', label: t('kit.schoolsPanel.extraRinses'), type: 'whole' },
  { key: 'spinRpm', label: t('kit.schoolsPanel.finalSpin'), type: 'whole', unit: 'rpm' },
  { key: 'sanitiser', label: t('kit.schoolsPanel.endsWithASanitisingRinse'), type: 'yes' },
  { key: 'vinegar', label: t('kit.schoolsPanel.aLittleVinegarInThe'), type: 'yes' },
  { key: 'drying', label: t('kit.schoolsPanel.aboutTheDrying'), type: 'text' },
]

function initial(view: Api['SchoolView']): Values {
  const s = view.school
  return {
    version: view.version,
    name: s.name,
    before: s.first.before,
    firstCelsius: s.first.celsius,
    detergentShare: s.first.detergentShare,
    firstWhitenerScoops: s.first.whitenerScoops,
    mainCelsius: s.main.celsius,
    mainMinutes: s.main.minutes,
    strength: s.chemistry.strength,
    whitenerScoops: s.chemistry.whitenerScoops,
    enzymes: s.chemistry.enzymes,
    form: s.chemistry.form,
    sanitiser: s.chemistry.sanitiser,
    vinegar: s.chemistry.vinegar,
    extraRinses: s.finish.extraRinses,
    spinRpm: s.finish.spinRpm,
    drying: s.finish.drying,
  }
}
async function change(id: string, v: Values) {
  await answer(
    api.PUT('/api/v1/schools/{id}', {
      params: { path: { id } },
      body: v as unknown as Api['SchoolChange'],
    }),
  )
  await reload()
}
async function putAway(view: Api['SchoolView']) {
  const path = { path: { id: view.id } }
  await act(() => answer(api.DELETE('/api/v1/schools/{id}', { params: path })))
  messages.done(t('kit.schoolsPanel.isRemoved', { name: view.school.name }), async () => {
    await answer(api.POST('/api/v1/schools/{id}/restore', { params: path }))
    await reload()
  })
  await reload()
}
</script>

<template>
  <LoadState :error="error" :loading="loading && !schools" @again="reload" />
  <div v-if="schools" class="max-w-3xl">
    <h2 class="mb-1 text-lg">{{ $t('kit.schoolsPanel.yourOwn') }}</h2>
    <p v-if="!own.length" class="mb-2 text-soft">
      {{ $t('kit.schoolsPanel.noneYetInWashAny') }}
    </p>
    <OpenRow
      v-for="s in own"
      :key="`${s.id}.${s.version}`"
      :name="s.school.name"
      :about="
        $t('kit.schoolsPanel.fromMin', {
          basedOn: s.basedOn,
          celsius: measure(s.school.main.celsius, 'celsius'),
          minutes: s.school.main.minutes,
        })
      "
    >
      <FieldForm :fields="FIELDS" :initial="initial(s)" :save="(v: Values) => change(s.id, v)" />
      <button type="button" class="button-quiet mt-2" @click="putAway(s)">
        {{ $t('kit.schoolsPanel.removeThisMethod') }}
      </button>
    </OpenRow>
    <h2 class="mt-6 mb-1 text-lg">{{ $t('kit.schoolsPanel.theTen') }}</h2>
    <dl>
      <div
        v-for="s in schools.filter((x) => !x.own)"
        :key="s.id"
        class="border-t border-line py-1.5"
      >
        <dt class="font-head font-semibold">{{ s.school.name }}</dt>
        <dd class="text-sm">{{ s.school.belief }} {{ s.school.finish.drying }}</dd>
      </div>
    </dl>
  </div>
</template>
