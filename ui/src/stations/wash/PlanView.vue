<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { answer, api, type Api } from '../../api/client'
import BathStrip from '../../charts/BathStrip.vue'
import HygieneBars from '../../charts/HygieneBars.vue'
import CautionNote from '../../parts/CautionNote.vue'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useMessages } from '../../stores/messages'
import { useWhy } from '../../stores/why'
import { useAct } from '../../use/useAct'
import { useKeys } from '../../use/useKeys'
import { useLoaded } from '../../use/useLoaded'
import MachineCard from './MachineCard.vue'
import SchoolTable from './SchoolTable.vue'

const props = defineProps<{ loadId: number }>()
const emit = defineEmits<{ started: [] }>()

const why = useWhy()
const messages = useMessages()
const { act, busy } = useAct()
const {
  data: comparison,
  error,
  loading,
  reload,
} = useLoaded(() =>
  answer(api.GET('/api/loads/{id}/plans', { params: { path: { id: props.loadId } } })),
)

const school = ref('hot-and-full')
const asked = shallowRef<Api['Plan']>()
const read = ref<Record<string, boolean>>({})

const plan = computed(
  () => asked.value ?? comparison.value?.plans.find((p) => p.school === school.value),
)
const schools = computed(
  () => comparison.value?.plans.map((p) => ({ value: p.school, words: p.schoolName })) ?? [],
)
const temperature = computed({
  get: () => plan.value?.figures.temperatureC ?? 0,
  set: (celsius: number) => ask(celsius),
})
const temperatures = computed(
  () => comparison.value?.temperaturesC.map((t) => ({ value: t, words: `${t}°` })) ?? [],
)
const checks = computed(() => plan.value?.cautions.filter((c) => c.strength === 'CHECK') ?? [])
const stops = computed(() => plan.value?.cautions.filter((c) => c.strength === 'STOP') ?? [])
const ready = computed(
  () => stops.value.length === 0 && checks.value.every((c) => read.value[c.key]),
)

watch(comparison, (now) => {
  if (now && !now.plans.some((p) => p.school === school.value)) {
    school.value = now.plans[0]?.school ?? ''
  }
})
watch(school, () => (asked.value = undefined))
watch(plan, (now) => why.suggest(now?.whys.temperature))

async function ask(celsius: number) {
  const usual = comparison.value?.plans.find((p) => p.school === school.value)
  if (usual?.figures.temperatureC === celsius) {
    asked.value = undefined
    return
  }
  const planned = await act(() =>
    answer(
      api.GET('/api/loads/{id}/plan', {
        params: {
          path: { id: props.loadId },
          query: { school: school.value, temperatureC: celsius },
        },
      }),
    ),
  )
  if (planned) asked.value = planned
}

async function start() {
  if (!plan.value || !ready.value) {
    messages.problem(
      new Error(
        stops.value.length
          ? 'A stop stands. Change the plan first.'
          : 'Read and tick the checks first.',
      ),
    )
    return
  }
  const round = await act(() =>
    answer(
      api.POST('/api/rounds', {
        body: {
          loadId: props.loadId,
          school: school.value,
          temperatureC: asked.value?.figures.temperatureC,
          checksRead: checks.value.map((c) => c.key),
        },
      }),
    ),
  )
  if (round) emit('started')
}

useKeys({ ' ': start, Enter: start })
</script>

<template>
  <LoadState :error="error" :loading="loading && !comparison" @again="reload" />
  <template v-if="comparison && plan">
    <ViewHead title="This load" :state="comparison.title">
      {{ comparison.pieces }} pieces{{
        comparison.bulkers ? `, ${comparison.bulkers} of them join for the main wash` : ''
      }}. {{ plan.belief }} {{ plan.drying }}
    </ViewHead>
    <div class="mt-2 flex flex-wrap items-center gap-x-8 gap-y-2">
      <ChoiceRow v-model="school" label="School" hide-label :options="schools" />
      <ChoiceRow v-model="temperature" label="Main wash" :options="temperatures" />
    </div>

    <div
      v-for="stop in stops"
      :key="stop.key + stop.step"
      class="hatch mt-2 border-2 border-heat p-3"
      role="alert"
    >
      <CautionNote :caution="stop" />
      <button
        v-if="plan.nearestC != null"
        type="button"
        class="button-plain mt-2 font-semibold"
        data-nearest
        @click="ask(plan.nearestC)"
      >
        Plan {{ plan.nearestC }}° instead
      </button>
    </div>
    <p v-for="bend in plan.bends" :key="bend" class="mt-1 text-sm" data-bend>↷ {{ bend }}</p>

    <div class="mt-2 grid gap-x-5 gap-y-3 border-b border-ink pb-2 lg:grid-cols-[1fr_190px]">
      <BathStrip :plan="plan" />
      <HygieneBars :plan="plan" />
    </div>

    <MachineCard v-model:read="read" class="mt-3" :plan="plan" />
    <SchoolTable
      class="mt-5"
      :comparison="comparison"
      :current="plan"
      @choose="(id: string) => (school = id)"
    />

    <div
      class="sticky bottom-14 z-10 mt-4 flex flex-wrap items-center gap-4 border-t border-line bg-paper py-3 lg:bottom-0"
    >
      <button type="button" class="button-main" :disabled="busy || !ready" data-main @click="start">
        Start this wash <span class="keycap ml-2">Space</span>
      </button>
      <p class="text-sm text-soft">
        {{
          stops.length
            ? 'A stop stands: change the plan first.'
            : ready
              ? `Out of the machine at ${plan.figures.readyWords} when started now.`
              : 'Read and tick the checks in the machine card first.'
        }}
      </p>
    </div>
  </template>
</template>
