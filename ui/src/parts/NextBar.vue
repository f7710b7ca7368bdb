<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useLine } from '../stores/line'
import { useMessages } from '../stores/messages'

/** The one thing to do next in this house, with the button that leads there. */
const { line } = storeToRefs(useLine())
const messages = useMessages()
const { waiting } = storeToRefs(messages)
const route = useRoute()
const next = computed(() => line.value?.next)
/** Whoever stands there already needs no button. */
const elsewhere = computed(() => next.value && route.path !== `/${next.value.station}`)
</script>

<template>
  <section
    v-if="next"
    :aria-label="$t('parts.nextBar.whatIsNext')"
    class="mx-auto flex min-h-11 max-w-[1500px] items-center gap-x-3 border-b border-ink px-4 sm:px-7"
    data-next
  >
    <span
      class="size-3 shrink-0 rotate-45 border border-ink"
      :class="next.now ? 'bg-sun' : ''"
      aria-hidden="true"
    />
    <p class="min-w-0 py-1 leading-tight" aria-live="polite">
      <strong>{{ $t('parts.nextBar.next') }}</strong> {{ next.words }}
    </p>
    <RouterLink
      v-if="elsewhere"
      :to="`/${next.station}`"
      class="button-plain my-1 shrink-0 whitespace-nowrap"
      data-next-go
    >
      {{ next.button }}
    </RouterLink>
    <details v-if="waiting.length" class="relative ml-auto shrink-0 text-sm" data-undo-list>
      <summary class="button-quiet">
        {{ $t('parts.nextBar.lastDone', { count: waiting.length }) }}
      </summary>
      <ul class="absolute right-0 z-30 w-72 border border-ink bg-sheet p-2">
        <li v-for="(m, i) in waiting" :key="i" class="flex items-center gap-2 py-1">
          <span class="flex-1">{{ m.text }}</span>
          <button type="button" class="button-plain" @click="messages.undo(m)">
            {{ $t('parts.messageBar.undo') }}
          </button>
        </li>
      </ul>
    </details>
  </section>
</template>
