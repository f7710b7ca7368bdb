import { defineStore } from 'pinia'
import { shallowRef } from 'vue'

export interface Message {
  text: string
  kind: 'done' | 'problem'
  undo?: () => Promise<unknown> | unknown
}

/** The one message at the foot of the page: what was done, with its undo, or what went wrong. */
export const useMessages = defineStore('messages', () => {
  const message = shallowRef<Message>()

  function done(text: string, undo?: Message['undo']) {
    message.value = { text, kind: 'done', undo }
  }

  function problem(error: unknown) {
    const text = error instanceof Error ? error.message : String(error)
    message.value = { text, kind: 'problem' }
  }

  function clear() {
    message.value = undefined
  }

  /** Undoes what the message speaks of; once, since the message is gone then. */
  async function undo() {
    const action = message.value?.undo
    clear()
    await action?.()
  }

  return { message, done, problem, clear, undo }
})
