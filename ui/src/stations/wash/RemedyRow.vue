<script setup lang="ts">
import type { Api } from '../../api/client'
import { money, number } from '../../use/format'

/** What would reach the hygiene goal, each with what it costs more. */
defineProps<{ verdict: string; remedies: Api['RemedyView'][] }>()
defineEmits<{ take: [remedy: Api['RemedyView']] }>()
</script>

<template>
  <div class="mt-1.5 flex flex-wrap items-center gap-1.5 text-sm" data-remedies>
    <span>{{ $t('wash.planView.whatWouldReachIt', { goalVerdict: verdict }) }}</span>
    <button
      v-for="r in remedies"
      :key="r.words"
      type="button"
      class="chip min-h-9 px-2"
      data-remedy
      @click="$emit('take', r)"
    >
      {{ r.words
      }}<span class="text-soft"
        >, +{{ money(r.moreCost)
        }}{{
          r.moreMinutes >= 1 ? $t('wash.planView.min', { toFixed: number(r.moreMinutes) }) : ''
        }}</span
      >
    </button>
  </div>
</template>
