import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Api } from '../api/client'

/** The reason that is open in the Why column, or in its sheet on a phone. */
export const useWhy = defineStore('why', () => {
  const why = shallowRef<Api['Why']>()
  const sheetOpen = ref(false)

  /** What the view explained last by itself, and whether somebody has opened something since. */
  let suggested: string | undefined
  let opened = false

  function open(reason: Api['Why'] | undefined) {
    opened = reason !== undefined
    why.value = reason
    sheetOpen.value = reason !== undefined
  }

  /** Shows a reason in the column without opening the sheet: what a view explains by itself. */
  function suggest(reason: Api['Why'] | undefined) {
    // A view that is read again suggests the same again; what somebody opened stays.
    if (opened && reason?.title === suggested) return
    suggested = reason?.title
    opened = false
    why.value = reason
  }

  function close() {
    sheetOpen.value = false
  }

  return { why, sheetOpen, open, suggest, close }
})
