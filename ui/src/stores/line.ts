import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { answer, api } from '../api/client'
import { houseCurrency } from '../use/format'
import { houseZone } from '../use/houseTime'
import { useLoaded } from '../use/useLoaded'
import { currencyOf, voice, weekStartOf } from '../words/voice'

/** The minutes on a peg go on by themselves. */
const REFRESH_MS = 60_000

/** The states on the pegs. */
export const useLine = defineStore('line', () => {
  const {
    data: line,
    error,
    reload,
  } = useLoaded(['/api/v1/line'], () => answer(api.GET('/api/v1/line')), REFRESH_MS)
  const offline = computed(() => error.value !== undefined)
  /** How far the household's clock is ahead of this device's, in milliseconds. */
  const ahead = ref(0)

  watch(line, (now) => {
    if (!now) return
    ahead.value = Date.parse(now.now) - Date.now()
    houseZone.value = now.zone
    houseCurrency.value = now.currency
    if (!now.zoneTold) void tellZone()
  })

  /** A new house takes zone, language, measures and money of the first device that opens it. */
  async function tellZone() {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
    const tag = navigator.language
    const { language, measures, hardness, twelveHours } = voice
    const house = await answer(
      api.PUT('/api/v1/household/first-device', {
        body: {
          zone,
          voice: {
            language,
            measures,
            hardness,
            twelveHours,
            currency: currencyOf(tag),
            weekStart: weekStartOf(tag),
          },
        },
      }),
    )
    houseZone.value = house.zone
    houseCurrency.value = currencyOf(tag)
  }

  return { line, offline, ahead, refresh: reload }
})
