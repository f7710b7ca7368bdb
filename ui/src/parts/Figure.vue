<script setup lang="ts">
import type { Api } from '../api/client'
import { useMessages } from '../stores/messages'
import { useWhy } from '../stores/why'

/** A number that can be opened to its reason; where that is not at hand, it is asked for when somebody opens it. */
const props = defineProps<{ why?: Api['Why']; ask?: () => Promise<Api['Why'] | undefined> }>()
const store = useWhy()
const messages = useMessages()

async function open() {
  try {
    store.open(props.why ?? (await props.ask?.()))
  } catch (problem) {
    messages.problem(problem)
  }
}
</script>

<template>
  <button
    v-if="why || ask"
    type="button"
    class="figure"
    :title="why && $t('parts.figure.why', { title: why.title })"
    :aria-pressed="why !== undefined && store.why === why"
    @click="open"
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
