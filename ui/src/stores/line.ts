import { useIntervalFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref } from 'vue'
import { answer, api, type Api } from '../api/client'
import { houseZone } from '../use/houseTime'

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
      houseZone.value = line.value.zone
      if (!line.value.zoneTold) await tellZone()
      ahead.value = Date.parse(line.value.now) - Date.now()
      offline.value = false
    } catch {
      offline.value = true
    }
  }

  /** A new house takes the zone of the first device that opens it. */
  async function tellZone() {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
    const house = await answer(api.PUT('/api/household/zone', { body: { zone } }))
    houseZone.value = house.zone
  }

  useIntervalFn(refresh, REFRESH_MS, { immediateCallback: true })
  return { line, offline, ahead, refresh }
})
