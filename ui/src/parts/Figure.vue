<script setup lang="ts">
import type { Api } from '../api/client'
import { useWhy } from '../stores/why'

/** A number that can be opened to its reason. */
defineProps<{ why?: Api['Why'] }>()
const store = useWhy()
</script>

<template>
  <button
    v-if="why"
    type="button"
    class="figure"
    :title="$t('parts.figure.why', { title: why.title })"
    :aria-pressed="store.why === why"
    @click="store.open(why)"
  >
    <slot />
  </button>
  <span v-else><slot /></span>
</template>

<style scoped>
@reference '../theme.css';
.figure {
  @apply cursor-help text-left underline decoration-line decoration-dotted decoration-2 underline-offset-4 hover:decoration-ink;
}
.figure[aria-pressed='true'] {
  @apply decoration-sun decoration-solid;
}
</style>
