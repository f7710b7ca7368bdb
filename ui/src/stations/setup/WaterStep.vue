<script setup lang="ts">
import { t } from '../../words'
import { computed, ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import NumberInput from '../../parts/NumberInput.vue'
import { measure, unitSign } from '../../use/format'
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
const figure = ref<number | null>(null)
const inletC = ref<number | null>()
const signs = computed(() =>
  props.setUp.hardness
    .filter((s) => s.strip === (way.value === 'STRIP'))
    .map((s) => ({ value: s.sign, words: s.words })),
)
const planned = computed(() => {
  if (way.value === 'FIGURE') return figure.value ?? house.value?.hardnessMmolL
  return (
    props.setUp.hardness.find((s) => s.sign === sign.value)?.mmolL ?? house.value?.hardnessMmolL
  )
})

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

async function keep() {
  const water = {
    sign: way.value === 'FIGURE' ? undefined : sign.value,
    hardnessMmolL: way.value === 'FIGURE' ? (figure.value ?? undefined) : undefined,
    inletC: inletC.value ?? undefined,
  }
  const told = await act(() => answer(api.PUT('/api/v1/set-up/water', { body: water })))
  if (!told) return false
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
  <p v-if="way === 'FIGURE'" class="mt-2">
    <label>
      {{ $t('setup.waterStep.hardness') }}
      <NumberInput v-model="figure" unit="mmol-per-l" class="w-24" data-hardness />
      {{ unitSign('mmol-per-l') }}
    </label>
  </p>
  <ChoiceRow
    v-else
    :model-value="sign ?? ''"
    class="mt-2"
    :label="way === 'STRIP' ? $t('setup.waterStep.turned') : $t('setup.waterStep.kettleShows')"
    :options="signs"
    @update:model-value="(s: string) => (sign = s as Sign)"
  />
  <p v-if="planned != null" class="mt-2 text-sm text-soft" data-planned>
    {{ $t('setup.waterStep.plannedWith', { hardness: measure(planned, 'mmol-per-l', 1) }) }}
  </p>
  <label class="mt-3 block">
    {{ $t('setup.waterStep.coldTap') }}
    <NumberInput
      :model-value="inletC === undefined ? house?.inletC : inletC"
      unit="celsius"
      class="w-20"
      @update:model-value="(c: number | null) => (inletC = c)"
    />
    {{ unitSign('celsius') }}
  </label>

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
