<script setup lang="ts">
import type { Api } from '../api/client'

/** What is wrong in a file, place by place. */
defineProps<{ says: string; errors: Api['LineError'][]; more: number }>()
</script>

<template>
  <p class="font-semibold text-heat-word" role="alert">! {{ says }}</p>
  <ul class="mt-1 text-sm">
    <li v-for="(e, i) in errors" :key="i" data-file-error>
      {{
        $t('parts.fileErrors.lineExpected', {
          line: e.line,
          column: e.column,
          found: e.found,
          expected: e.expected,
        })
      }}
    </li>
  </ul>
  <p v-if="more" class="text-sm">{{ $t('parts.fileErrors.andMore', { more }) }}</p>
</template>
