<script setup lang="ts">
import { useElementHover, useFocusWithin, useTimeoutFn } from '@vueuse/core'
import { storeToRefs } from 'pinia'
import { computed, useTemplateRef, watch } from 'vue'
import { useMessages } from '../stores/messages'

const store = useMessages()
const { message } = storeToRefs(store)

/** How long a message stays: longest what went wrong. What can be undone waits in a list after that. */
const PROBLEM_MS = 30_000
const DONE_MS = 8_000
const stays = computed(() => (message.value?.kind === 'problem' ? PROBLEM_MS : DONE_MS))
const { start, stop } = useTimeoutFn(() => store.clear(), stays, { immediate: false })

/** It waits while somebody points at it or stands on one of its buttons. */
const bar = useTemplateRef<HTMLElement>('bar')
const pointed = useElementHover(bar)
const { focused } = useFocusWithin(bar)
watch([message, pointed, focused], ([now]) =>
  now && !pointed.value && !focused.value ? start() : stop(),
)
</script>

<template>
  <div
    class="pointer-events-none fixed inset-x-0 bottom-20 z-40 flex justify-center px-3 lg:bottom-4"
    :role="message?.kind === 'problem' ? 'alert' : 'status'"
  >
    <div
      v-if="message"
      ref="bar"
      class="pointer-events-auto flex max-w-2xl items-center gap-3 rounded-sm border-2 bg-sheet px-4 py-2"
      :class="message.kind === 'problem' ? 'border-heat' : 'border-ink'"
      data-message
    >
      <p>
        <strong v-if="message.kind === 'problem'" class="text-heat-word"
          >{{ $t('parts.messageBar.notDone') }}
        </strong>
        {{ message.text }}
      </p>
      <button
        v-if="message.undo"
        type="button"
        class="button-plain shrink-0"
        @click="store.undo(message)"
      >
        {{ $t('parts.messageBar.undo') }} <span class="keycap">u</span>
      </button>
      <RouterLink
        v-if="message.next"
        :to="message.next.to"
        class="button-quiet shrink-0"
        data-message-next
        @click="store.clear()"
        >{{ message.next.words }}</RouterLink
      >
      <button type="button" class="button-quiet shrink-0" @click="store.clear()">
        {{ $t('parts.messageBar.close') }}
      </button>
    </div>
  </div>
</template>
