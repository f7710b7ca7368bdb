import { useIntervalFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref } from 'vue'
import { answer, api, type Api } from '../api/client'

const REFRESH_MS = 20_000

/** The states on the pegs; read again after every change and every twenty seconds. */
export const useLine = defineStore('line', () => {
  const line = ref<Api['Line']>()
  const offline = ref(false)
  /** How far the household's clock is ahead of this device's, in milliseconds. */
  const ahead = ref(0)

  async function refresh() {
    try {
      line.value = await answer(api.GET('/api/line'))
      ahead.value = Date.parse(line.value.now) - Date.now()
      offline.value = false
    } catch {
      offline.value = true
    }
  }

  useIntervalFn(refresh, REFRESH_MS, { immediateCallback: true })
  return { line, offline, ahead, refresh }
})
