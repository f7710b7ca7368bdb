<script setup lang="ts">
import { computed } from 'vue'
import type { Api } from '../../api/client'

/** What a fill means, in words: right, a little off, or to be changed. */
const props = defineProps<{ advice: Api['FillAdvice'] }>()
const look = computed(() => {
  if (props.advice.state === 'GOOD') return { mark: '✓', words: 'text-good-word' }
  return props.advice.state.startsWith('A_LITTLE')
    ? { mark: '~', words: 'text-sun-word' }
    : { mark: '!', words: 'text-sun-word' }
})
</script>

<template>
  <p class="text-sm font-semibold" :class="look.words" data-advice>
    {{ look.mark }} {{ advice.words }}
  </p>
</template>
