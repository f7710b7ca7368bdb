<script setup lang="ts">
import { computed } from 'vue'
import type { Api } from '../../api/client'
import CautionNote from '../../parts/CautionNote.vue'
import Figure from '../../parts/Figure.vue'
import { duration, measure } from '../../use/format'

/** What to set on the machine, what goes into the drawer, and what to mind at each step. */
const props = defineProps<{ plan: Api['Plan'] }>()
const read = defineModel<Record<string, boolean>>('read', { required: true })

const byHand = computed(() => props.plan.steps.some((s) => s.action === 'BY_HAND'))
const missing = computed(() => props.plan.imitation?.filter((d) => !d.met) ?? [])
function cautionsAt(step: number) {
  return props.plan.cautions.filter((c) => c.step === step && c.strength !== 'STOP')
}
</script>

<template>
  <section :aria-label="$t('wash.machineCard.setTheMachine')">
    <h2 class="text-lg">
      {{ byHand ? $t('wash.machineCard.byHand') : $t('wash.machineCard.setTheMachine') }}
    </h2>
    <ol class="mt-1">
      <li
        v-for="step in plan.steps"
        :key="step.number"
        class="border-t border-line py-1.5"
        :class="step.attended ? 'hatch pl-2' : ''"
        :data-step="step.number"
      >
        <p class="flex justify-between gap-3">
          <span>
            <strong
              >{{ step.number }}. {{ step.attended ? $t('wash.machineCard.you') + ' ' : ''
              }}{{ step.programme ?? step.title }}</strong
            >{{ step.settings ? `, ${step.settings}` : '' }}
          </span>
          <span class="shrink-0 text-soft">{{ duration(step.minutes) }}</span>
        </p>
        <p v-if="step.doses.length" class="mt-0.5">
          {{
            step.action === 'BY_HAND'
              ? $t('wash.machineCard.putIn')
              : $t('wash.machineCard.drawer')
          }}:
          <template v-for="(dose, i) in step.doses" :key="dose.product + i">
            {{ i ? ', ' : '' }}
            <Figure :why="plan.whys[dose.why]">
              <strong>{{ dose.measure }}</strong>
            </Figure>
            {{ dose.product }}
            <span class="text-soft"
              >({{ measure(dose.grams, 'gram', dose.grams < 10 ? 1 : 0)
              }}{{ dose.lastRinse ? $t('wash.machineCard.softenerDrawer') : '' }})</span
            >
          </template>
        </p>
        <p v-if="step.attended" class="text-sm">{{ step.detail }}</p>
        <CautionNote
          v-for="c in cautionsAt(step.number)"
          :key="c.key"
          class="mt-1 text-sm"
          :caution="c"
          :confirmable="c.strength === 'CHECK'"
          :read="read[c.key] ?? false"
          @update:read="(now: boolean) => (read = { ...read, [c.key]: now })"
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
