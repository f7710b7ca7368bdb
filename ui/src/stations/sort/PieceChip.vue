<script setup lang="ts">
import type { Api } from '../../api/client'

/** Pieces of one kind and soil: pressed to pick them out, dragged to move them. */
defineProps<{ line: Api['PieceLine']; picked: boolean; dashed?: boolean }>()
defineEmits<{ pick: []; drag: [] }>()
</script>

<template>
  <button
    type="button"
    class="chip px-2 py-1 text-left leading-tight"
    :class="[picked ? 'bg-ink text-paper' : '', dashed ? 'border-dashed' : 'cursor-grab']"
    :aria-pressed="picked"
    :title="
      $t('sort.pieceChip.fromDue', {
        limits: line.limits,
        pails: line.pails,
        dueWords: line.dueWords,
      })
    "
    :draggable="!dashed"
    :data-piece="line.kind"
    @click="$emit('pick')"
    @dragstart="$emit('drag')"
  >
    {{ line.words }}<span :class="picked ? '' : 'text-soft'">, {{ line.soil }}</span>
  </button>
</template>
