<script setup lang="ts">
import type { Api } from '../api/client'

/** What is wrong in a file, place by place. */
defineProps<{ says: string; errors: Api['LineError'][]; more: number }>()
</script>

<template>
  <p class="font-semibold text-heat-word" role="alert">! {{ says }}</p>
  <ul class="mt-1 text-sm">
    <li v-for="(e, i) in errors" :key="i" data-file-error>
      line {{ e.line }}, {{ e.column }}: “{{ e.found }}”; expected {{ e.expected }}
    </li>
  </ul>
  <p v-if="more" class="text-sm">and {{ more }} more</p>
</template>
