<script setup lang="ts">
import { t } from '../../words'
import { computed, ref, useTemplateRef } from 'vue'
import { answer, api, type Api } from '../../api/client'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import FieldForm from '../../parts/FieldForm.vue'
import type { Field, Values } from '../../parts/fields'
import { measure } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'
import type { StepProps } from './setUp'

/** The water, by its figure, a strip or the kettle; and where things dry. */
const props = defineProps<StepProps>()
const { act } = useAct()
const { data: house } = useAnswer('/api/v1/household')
const { data: places, reload } = useAnswer('/api/v1/places')
const { data: dryers, reload: reloadDryers } = useAnswer('/api/v1/dryers')

type Way = 'KETTLE' | 'STRIP' | 'FIGURE'
const way = ref<Way>('KETTLE')
const WAYS: { value: Way; words: string }[] = [
  { value: 'KETTLE', words: t('setup.waterStep.kettle') },
  { value: 'STRIP', words: t('setup.waterStep.strip') },
  { value: 'FIGURE', words: t('setup.waterStep.figure') },
]
type Sign = Api['SetUpSign']['sign']
const sign = ref<Sign>()
const form = useTemplateRef<InstanceType<typeof FieldForm>>('form')
const HARDNESS: Field = {
  key: 'hardnessMmolL',
  label: t('setup.waterStep.hardness'),
  type: 'number',
  unit: 'mmol/L',
}
const COLD_TAP: Field = {
  key: 'inletC',
  label: t('setup.waterStep.coldTap'),
  type: 'number',
  unit: '°C',
  usual: [0, 30],
}
const fields = computed(() => (way.value === 'FIGURE' ? [HARDNESS, COLD_TAP] : [COLD_TAP]))
const signs = computed(() =>
  props.setUp.hardness
    .filter((s) => s.strip === (way.value === 'STRIP'))
    .map((s) => ({ value: s.sign, words: s.words })),
)
const planned = computed(
  () =>
    props.setUp.hardness.find((s) => s.sign === sign.value)?.mmolL ?? house.value?.hardnessMmolL,
)

/** Places that somebody tapped, by name. */
const tapped = ref<string[]>([])
const dryer = ref(false)
const have = computed(() => [
  ...(places.value ?? []).map((p) => p.place.name),
  ...(dryers.value ?? []).map((d) => d.dryer.name),
])
const free = computed(() =>
  props.setUp.sorts.places.filter((p) => !have.value.includes(p.name ?? '')),
)
function tap(name: string) {
  tapped.value = tapped.value.includes(name)
    ? tapped.value.filter((n) => n !== name)
    : [...tapped.value, name]
}

function tell(values: Values) {
  const { hardnessMmolL, inletC } = values as Api['SetUpWater']
  const hardness = way.value === 'FIGURE' ? { hardnessMmolL } : { sign: sign.value }
  return answer(api.PUT('/api/v1/set-up/water', { body: { ...hardness, inletC } }))
}
async function keep() {
  if (!(await form.value?.submit())) return false
  for (const name of tapped.value) {
    const body = props.setUp.sorts.places.find((p) => p.name === name)
    if (body && !(await act(() => answer(api.POST('/api/v1/places', { body }))))) return false
  }
  if (dryer.value) {
    const body = props.setUp.sorts.dryer
    if (!(await act(() => answer(api.POST('/api/v1/dryers', { body }))))) return false
  }
  tapped.value = []
  dryer.value = false
  await Promise.all([reload(), reloadDryers()])
  return true
}
defineExpose({ keep })
</script>

<template>
  <h2 class="text-lg">{{ $t('setup.waterStep.howHard') }}</h2>
  <ChoiceRow v-model="way" class="mt-2" :label="$t('setup.waterStep.by')" :options="WAYS" />
  <ChoiceRow
    v-if="way !== 'FIGURE'"
    :model-value="sign ?? ''"
    class="mt-2"
    :label="way === 'STRIP' ? $t('setup.waterStep.turned') : $t('setup.waterStep.kettleShows')"
    :options="signs"
    @update:model-value="(s: string) => (sign = s as Sign)"
  />
  <p v-if="way !== 'FIGURE' && planned != null" class="mt-2 text-sm text-soft" data-planned>
    {{ $t('setup.waterStep.plannedWith', { hardness: measure(planned, 'mmol-per-l', 1) }) }}
  </p>
  <FieldForm
    v-if="house"
    ref="form"
    part
    class="mt-3 max-w-md"
    :fields="fields"
    :initial="{ hardnessMmolL: house.hardnessMmolL, inletC: house.inletC }"
    :save="tell"
  />

  <h2 class="mt-6 text-lg">{{ $t('setup.waterStep.whereDry') }}</h2>
  <p v-if="have.length" class="mt-1" data-have>
    {{ $t('setup.waterStep.have', { names: have.join(', ') }) }}
  </p>
  <div class="mt-2 flex flex-wrap gap-2">
    <button
      v-for="p in free"
      :key="p.name ?? ''"
      type="button"
      class="chip min-h-11 px-3"
      :class="tapped.includes(p.name ?? '') ? 'bg-ink text-paper' : ''"
      :aria-pressed="tapped.includes(p.name ?? '')"
      :data-dries="p.name"
      @click="tap(p.name ?? '')"
    >
      {{ p.name }}
    </button>
    <button
      v-if="!dryers?.length"
      type="button"
      class="chip min-h-11 px-3"
      :class="dryer ? 'bg-ink text-paper' : ''"
      :aria-pressed="dryer"
      data-dries="dryer"
      @click="dryer = !dryer"
    >
      {{ setUp.sorts.dryer.name }}
    </button>
  </div>
</template>
