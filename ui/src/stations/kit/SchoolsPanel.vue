<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import LoadState from '../../parts/LoadState.vue'
import OpenRow from '../../parts/OpenRow.vue'
import { choices, type Field, type Values } from '../../parts/fields'
import { useMessages } from '../../stores/messages'
import { useAct } from '../../use/useAct'
import { useLoaded } from '../../use/useLoaded'

const messages = useMessages()
const { act } = useAct()
const { data: schools, error, loading, reload } = useLoaded(() => answer(api.GET('/api/schools')))
const own = computed(() => schools.value?.filter((s) => s.own) ?? [])

const FIELDS: Field[] = [
  { key: 'name', label: 'Name', type: 'text' },
  {
    key: 'before',
    label: 'Before the main wash',
    type: 'choice',
    options: choices('NOTHING', 'COLD_RINSE', 'SHORT_WASH', 'SOAK_PAUSE'),
  },
  { key: 'firstCelsius', label: 'That, at', type: 'whole', unit: '°C' },
  { key: 'detergentShare', label: 'Share of the detergent in it', type: 'number', hint: '0 to 1' },
  { key: 'firstWhitenerScoops', label: 'Whitener in it', type: 'number', unit: 'scoops' },
  { key: 'mainCelsius', label: 'Main wash', type: 'whole', unit: '°C' },
  { key: 'mainMinutes', label: 'for', type: 'whole', unit: 'minutes' },
  {
    key: 'strength',
    label: 'Dose strength',
    type: 'number',
    hint: 'lean 0.6, by the label 1, strong 1.2',
  },
  { key: 'whitenerScoops', label: 'Whitener in the main wash', type: 'number', unit: 'scoops' },
  {
    key: 'enzymes',
    label: 'Enzymes',
    type: 'choice',
    options: choices('BY_SOIL', 'WANTED', 'AVOIDED'),
  },
  { key: 'extraRinses', label: 'Rinses more than the programme gives', type: 'whole' },
  { key: 'spinRpm', label: 'Final spin', type: 'whole', unit: 'rpm' },
  { key: 'sanitiser', label: 'ends with a sanitising rinse', type: 'yes' },
  { key: 'vinegar', label: 'a little vinegar in the last rinse', type: 'yes' },
  { key: 'drying', label: 'Drying, in words', type: 'text' },
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
    api.PUT('/api/schools/{id}', {
      params: { path: { id } },
      body: v as unknown as Api['SchoolChange'],
    }),
  )
  await reload()
}
async function putAway(view: Api['SchoolView']) {
  const path = { path: { id: view.id } }
  await act(() => answer(api.DELETE('/api/schools/{id}', { params: path })))
  messages.done(`${view.school.name} is put away.`, async () => {
    await answer(api.POST('/api/schools/{id}/back', { params: path }))
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
      :about="`from ${s.basedOn}: ${s.school.main.celsius}°, ${s.school.main.minutes} min`"
    >
      <FieldForm :fields="FIELDS" :initial="initial(s)" :save="(v: Values) => change(s.id, v)" />
      <button type="button" class="button-quiet mt-2" @click="putAway(s)">
        {{ $t('kit.schoolsPanel.putItAway') }}
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
