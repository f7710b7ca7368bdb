<script setup lang="ts">
import type { Api } from '../../api/client'

/** Pieces of one kind and soil: pressed to pick them out, and moved from the bar that comes then. */
defineProps<{ line: Api['PieceLine']; picked: boolean }>()
defineEmits<{ pick: [] }>()
</script>

<template>
  <button
    type="button"
    class="chip px-2 py-1 text-left leading-tight"
    :class="picked ? 'bg-ink text-paper' : ''"
    :aria-pressed="picked"
    :title="
      $t('sort.pieceChip.fromDue', {
        limits: line.limits,
        pails: line.pails,
        dueWords: line.dueWords,
      })
    "
    :data-piece="line.kind"
    @click="$emit('pick')"
  >
    {{ line.words }}<span :class="picked ? '' : 'text-soft'">, {{ line.soil }}</span>
  </button>
</template>
