<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { answer, api } from '../../api/client'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import { measure } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'
import { freeName, type StepProps } from './setUp'

/** What washes: one of four, its size, and which programmes it has. */
const props = defineProps<StepProps>()
const { act } = useAct()
const { data: machines } = useAnswer('/api/v1/machines')

const chosen = ref<number>()
const size = ref(1)
/** Programmes that this machine does not have. */
const missing = ref<string[]>([])
const washer = computed(() =>
  chosen.value === undefined ? undefined : props.setUp.sorts.washers[chosen.value],
)
const sizes = computed(
  () =>
    washer.value?.sizes.map((s, i) => ({
      value: i,
      words: byHand.value ? measure(s.drumL, 'litre') : measure(s.capacityKg, 'kilogram'),
    })) ?? [],
)
const byHand = computed(() => washer.value?.machine.programmes?.length === 0)
watch(chosen, () => {
  size.value = 1
  // Few machines have steam, so whoever has it ticks it.
  missing.value =
    washer.value?.machine.programmes?.flatMap((p) => (p.use === 'STEAM' ? [p.name ?? ''] : [])) ??
    []
})

function tick(name: string) {
  missing.value = missing.value.includes(name)
    ? missing.value.filter((n) => n !== name)
    : [...missing.value, name]
}

async function keep() {
  const of = washer.value?.sizes[size.value]
  if (!washer.value || !of) return true
  const { machine } = washer.value
  const name = freeName(
    machine.name ?? '',
    (machines.value ?? []).map((m) => m.machine.name),
  )
  const programmes = machine.programmes?.filter((p) => !missing.value.includes(p.name ?? ''))
  const done = await act(() =>
    answer(api.POST('/api/v1/machines', { body: { ...machine, ...of, name, programmes } })),
  )
  if (done) chosen.value = undefined
  return done !== undefined
}
defineExpose({ keep })
</script>

<template>
  <p v-if="machines?.length" class="mb-3" data-have>
    {{ $t('setup.washesStep.have', { names: machines.map((m) => m.machine.name).join(', ') }) }}
  </p>
  <div class="flex flex-wrap gap-2">
    <button
      v-for="(w, i) in setUp.sorts.washers"
      :key="w.machine.name ?? i"
      type="button"
      class="chip min-h-14 px-4 font-head font-semibold"
      :class="chosen === i ? 'bg-ink text-paper' : ''"
      :aria-pressed="chosen === i"
      :data-washer="w.machine.type"
      @click="chosen = chosen === i ? undefined : i"
    >
      {{ w.machine.name }}
    </button>
  </div>
  <template v-if="washer">
    <ChoiceRow
      v-model="size"
      class="mt-4"
      :label="byHand ? $t('setup.washesStep.holds') : $t('setup.washesStep.largestLoad')"
      :options="sizes"
    />
    <fieldset v-if="!byHand" class="mt-4">
      <legend class="font-semibold">{{ $t('setup.washesStep.programmes') }}</legend>
      <div class="mt-1 flex flex-wrap gap-2">
        <label
          v-for="p in washer.machine.programmes"
          :key="p.name ?? ''"
          class="chip inline-flex min-h-11 items-center gap-2"
        >
          <input
            type="checkbox"
            :checked="!missing.includes(p.name ?? '')"
            @change="tick(p.name ?? '')"
          />
          <span
            >{{ p.name
            }}<span v-if="p.washMinutes" class="ml-1.5 text-sm text-soft">
              {{ p.temperaturesC?.map((c) => measure(c ?? 0, 'celsius')).join(', ') }}
            </span></span
          >
        </label>
      </div>
      <p class="mt-2 text-sm text-soft">{{ $t('setup.washesStep.namesCanDiffer') }}</p>
    </fieldset>
  </template>
</template>
