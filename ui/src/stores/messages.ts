import { defineStore } from 'pinia'
import { shallowRef } from 'vue'

export interface Message {
  text: string
  kind: 'done' | 'problem'
  undo?: () => Promise<unknown> | unknown
  /** Where somebody may want to go next. */
  next?: { to: string; words: string }
}

/** The one message at the foot of the page: what was done, with its undo, or what went wrong. */
export const useMessages = defineStore('messages', () => {
  const message = shallowRef<Message>()

  /** What can still be undone, the newest first; it waits here when its message has gone. */
  const waiting = shallowRef<Message[]>([])
  const MOST_WAITING = 5

  function done(text: string, undo?: Message['undo'], next?: Message['next']) {
    message.value = { text, kind: 'done', undo, next }
    if (undo) waiting.value = [message.value, ...waiting.value].slice(0, MOST_WAITING)
  }

  function problem(error: unknown) {
    const text = error instanceof Error ? error.message : String(error)
    message.value = { text, kind: 'problem' }
  }

  function clear() {
    message.value = undefined
  }

  /** Undoes what the message speaks of; once, since the message is gone then. */
  async function undo(which = message.value?.undo ? message.value : waiting.value[0]) {
    waiting.value = waiting.value.filter((m) => m !== which)
    if (which === message.value) clear()
    await which?.undo?.()
  }

  return { message, waiting, done, problem, clear, undo }
})
