<script setup lang="ts">
import { t } from '../../words'
import { computed } from 'vue'
import type { Api } from '../../api/client'
import { duration, number } from '../../use/format'

/** What was planned and what happened, side by side, and everything in its order. */
const props = defineProps<{ round: Api['Round'] }>()
const otherwise = computed(() => {
  const planned = props.round.planned
  if (!planned) return ''
  const before = planned.figures
  const now = props.round.plan.figures
  return t('wash.runHappened.plannedNowResidueNowMg', {
    durationWords: before.durationWords,
    durationWords2: now.durationWords,
    toFixed: number(before.residueMgKg),
    toFixed2: number(now.residueMgKg),
  })
})
</script>

<template>
  <section :aria-label="$t('wash.runHappened.plannedAndHappened')">
    <table class="w-full max-w-2xl text-sm">
      <thead>
        <tr class="text-left text-soft">
          <th scope="col" class="py-1 font-normal">{{ $t('wash.runHappened.step') }}</th>
          <th scope="col" class="px-3 font-normal">{{ $t('wash.runHappened.planned') }}</th>
          <th scope="col" class="px-3 font-normal">{{ $t('wash.runHappened.took') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="s in round.steps"
          :key="s.number"
          class="border-t border-line"
          :class="s.number === round.currentStep ? 'font-bold' : ''"
        >
          <th scope="row" class="py-1 text-left font-normal">
            {{ s.doneAt ? '✓' : s.number === round.currentStep ? '▸' : '·' }} {{ s.number }}.
            {{ s.title }}
            <span v-if="s.added" class="block pl-4 text-soft">{{
              $t('wash.runHappened.added', { added: s.added })
            }}</span>
          </th>
          <td class="px-3">{{ duration(s.plannedMinutes) }}</td>
          <td class="px-3">{{ s.tookMinutes != null ? duration(s.tookMinutes) : '' }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="otherwise" class="mt-1 text-sm" data-otherwise>{{ otherwise }}</p>
    <details class="mt-1 text-sm" data-events>
      <summary class="cursor-pointer text-soft underline decoration-line underline-offset-4">
        {{ $t('wash.runHappened.whatHappenedInOrder') }}
      </summary>
      <ol class="mt-1">
        <li v-for="(e, i) in round.events" :key="i">
          <span class="text-soft">{{ e.timeWords }}</span> {{ e.words
          }}<span v-if="e.carer" class="text-soft">, {{ e.carer }}</span>
        </li>
      </ol>
    </details>
  </section>
</template>
