<script setup lang="ts">
import { computed } from 'vue'
import type { Api } from '../../api/client'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import { measure } from '../../use/format'
import { t } from '../../words'
import KeepMethod from './KeepMethod.vue'
import OwnSettings from './OwnSettings.vue'
import type { Goal, Wishes } from './useWishes'

/** How this one load is washed: its method, heat, goal and machine, and each part of the routine set by hand. */
const props = defineProps<{
  comparison: Api['Comparison']
  plan: Api['Plan']
  /** The plan of the method with nothing set by hand. */
  asItIs: Api['Plan']
  machines: Api['MachineView'][]
  /** The one that washes it. */
  machine: Api['MachineView']
  wishes: Wishes
}>()
defineEmits<{ kept: [school: string] }>()

const { school, machineId, goal, temperatureC } = props.wishes
const schools = computed(() =>
  props.comparison.plans.map((p) => ({ value: p.school, words: p.schoolName })),
)
const temperature = computed({
  get: () => props.plan.figures.temperatureC,
  set: (celsius: number) => {
    temperatureC.value = props.asItIs.figures.temperatureC === celsius ? undefined : celsius
  },
})
/** A temperature as the dial of the machine says it. */
function onTheDial(celsius: number) {
  const at = props.comparison.temperaturesC.indexOf(celsius)
  return props.comparison.temperatureWords[at] ?? measure(celsius, 'celsius')
}
const temperatures = computed(() =>
  (props.plan.temperaturesC ?? props.comparison.temperaturesC).map((t) => ({
    value: t,
    words: onTheDial(t),
  })),
)
const machineChoice = computed({
  get: () => props.machine.id,
  set: (id: number) => {
    props.wishes.clear()
    machineId.value = id === props.machines[0]?.id ? undefined : id
  },
})
const GOALS: { value: Goal; words: string }[] = [
  { value: 'NONE', words: t('wash.planView.none') },
  { value: 'LIGHT', words: t('wash.planView.light') },
  { value: 'EVERYDAY', words: t('wash.planView.everyday') },
  { value: 'EXTRA_CARE', words: t('wash.planView.extraCare') },
  { value: 'ILLNESS', words: t('wash.planView.illness') },
]
const goalChoice = computed({
  get: () => goal.value ?? props.comparison.calledFor,
  set: (chosen: Goal) => {
    goal.value = chosen === props.comparison.calledFor ? undefined : chosen
  },
})
</script>

<template>
  <div class="space-y-2">
    <p class="text-sm">{{ plan.belief }} {{ plan.drying }}</p>
    <ChoiceRow v-model="school" :label="$t('wash.planView.school')" hide-label :options="schools" />
    <ChoiceRow
      v-model="temperature"
      :label="$t('wash.planView.mainWash')"
      :options="temperatures"
    />
    <ChoiceRow v-model="goalChoice" :label="$t('wash.planView.goal')" :options="GOALS" />
    <ChoiceRow
      v-if="machines.length > 1"
      v-model="machineChoice"
      :label="$t('wash.planView.in')"
      :options="machines.map((m) => ({ value: m.id, words: m.machine.name }))"
    />
    <OwnSettings :machine="machine" :wishes="wishes" :plan="plan" :as-it-is="asItIs" />
    <KeepMethod :wishes="wishes" :plan="plan" @kept="(id: string) => $emit('kept', id)" />
  </div>
</template>
