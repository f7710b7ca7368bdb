<script setup lang="ts">
import { Droplet } from '@lucide/vue'
import { computed } from 'vue'
import type { Api } from '../../api/client'
import CautionNote from '../../parts/CautionNote.vue'
import Figure from '../../parts/Figure.vue'
import { duration, measure } from '../../use/format'

/** What to do, step by step: the dial, what goes in, and what to mind. */
const props = defineProps<{ plan: Api['Plan'] }>()

const byHand = computed(() => props.plan.steps.some((s) => s.action === 'BY_HAND'))
const missing = computed(() => props.plan.imitation?.filter((d) => !d.met) ?? [])
function cautionsAt(step: number) {
  return props.plan.cautions.filter((c) => c.step === step && c.strength === 'NOTE')
}
</script>

<template>
  <section :aria-label="$t('wash.machineCard.setTheMachine')">
    <h2 class="text-lg">
      {{ byHand ? $t('wash.machineCard.byHand') : $t('wash.machineCard.whatToDo') }}
    </h2>
    <ol class="mt-1">
      <li
        v-for="step in plan.steps"
        :key="step.number"
        class="border-t border-line py-1.5"
        :class="step.attended ? 'hatch' : ''"
        :data-step="step.number"
      >
        <div class="flex flex-wrap items-baseline gap-x-3">
          <span class="w-5 font-head text-lg font-bold">{{ step.number }}</span>
          <span class="min-w-48 flex-1">
            <strong>{{ step.programme ?? step.title }}</strong>{{
              step.settings ? `, ${step.settings}` : ''
            }}
          </span>
          <span v-if="step.doses.length" class="pl-8 sm:pl-0">
            <span v-for="(dose, i) in step.doses" :key="dose.product + i" class="block">
              <Droplet
                :size="15"
                class="mb-0.5 inline fill-current"
                :class="i ? 'text-plum' : 'text-water'"
                aria-hidden="true"
              />
              <Figure :why="plan.whys[dose.why]">
                <strong>{{ dose.measure }}</strong>
              </Figure>
              {{ dose.product }}
              <span class="text-soft"
                >({{ measure(dose.grams, 'gram', dose.grams < 10 ? 1 : 0)
                }}{{ dose.lastRinse ? $t('wash.machineCard.softenerDrawer') : '' }})</span
              >
            </span>
          </span>
          <span class="shrink-0 text-soft">{{ duration(step.minutes) }}</span>
        </div>
        <p v-if="step.attended" class="pl-8 text-sm">{{ step.detail }}</p>
        <CautionNote
          v-for="c in cautionsAt(step.number)"
          :key="c.key"
          class="mt-1 pl-8 text-sm"
          :caution="c"
        />
      </li>
    </ol>
    <details v-if="plan.imitation?.length" class="mt-1 text-sm" data-imitation>
      <summary class="cursor-pointer font-semibold">
        {{
          missing.length
            ? $t('wash.machineCard.theMachineDiffersIn', { length: missing.length })
            : $t('wash.machineCard.theMachineDoesAllOf')
        }}
      </summary>
      <table class="mt-1">
        <thead>
          <tr class="text-left text-soft">
            <th scope="col" class="pr-6 font-normal">{{ $t('wash.machineCard.ofTheMainWash') }}</th>
            <th scope="col" class="pr-6 font-normal">{{ $t('wash.machineCard.wanted') }}</th>
            <th scope="col" class="font-normal">{{ plan.machine }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="d in plan.imitation" :key="d.what" class="border-t border-line">
            <th scope="row" class="pr-6 text-left font-normal">{{ d.what }}</th>
            <td class="pr-6">{{ d.wanted }}</td>
            <td>{{ d.met ? '✓' : '≠' }} {{ d.planned }}</td>
          </tr>
        </tbody>
      </table>
    </details>
  </section>
</template>
