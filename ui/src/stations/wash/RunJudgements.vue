<script setup lang="ts">
import type { Api } from '../../api/client'

/** What to look at now; an answer can add a step, and says so before it is given. */
defineProps<{ judgements: Api['JudgementView'][]; busy: boolean }>()
defineEmits<{ answer: [judgement: Api['JudgementView'], answer: string] }>()
</script>

<template>
  <section
    v-if="judgements.length"
    :aria-label="$t('wash.runJudgements.look')"
    class="mt-3 grid grid-cols-1 gap-x-8 gap-y-2.5 lg:grid-cols-2"
  >
    <div v-for="j in judgements" :key="j.id" :data-judgement="j.id">
      <p class="text-lg font-semibold">{{ j.question }}</p>
      <div class="mt-1 flex flex-wrap gap-1.5">
        <button
          v-for="a in j.answers"
          :key="a.id"
          type="button"
          class="chip min-h-12 px-3 text-left text-lg"
          :class="j.given === a.id ? 'bg-ink font-semibold text-paper' : ''"
          :aria-pressed="j.given === a.id"
          :disabled="busy"
          :data-answer="a.id"
          @click="$emit('answer', j, a.id)"
        >
          {{ a.words
          }}<span v-if="a.adds" class="block text-sm" :class="j.given === a.id ? '' : 'text-soft'">
            {{ $t('wash.runJudgements.adds', { adds: a.adds }) }}
          </span>
        </button>
      </div>
    </div>
  </section>
</template>
