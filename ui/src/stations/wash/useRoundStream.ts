import { house } from '../../api/house'
import { tryOnScopeDispose, useEventListener, useIntervalFn } from '@vueuse/core'
import { shallowRef } from 'vue'
import type { Api } from '../../api/client'

const FOLLOW_MS = 20_000

/**
 * Listens to what changes about a round on any device, and to what the pretend washer does. The browser opens a broken
 * line again by itself; now and then it looks anyway.
 *
 * @example const { washer } = useRoundStream(() => reload())
 */
export function useRoundStream(changed: () => void) {
  const washer = shallowRef<Api['PretendWasherState']>()
  let line = listen()
  function listen() {
    const opened = new EventSource(`${house}/api/rounds/stream`)
    opened.addEventListener('round', () => changed())
    opened.addEventListener('washer', (event) => {
      washer.value = JSON.parse((event as MessageEvent<string>).data) as Api['PretendWasherState']
    })
    return opened
  }
  tryOnScopeDispose(() => line.close())
  // A page that the browser keeps for the back button must not hold one of its few lines open.
  useEventListener(window, 'pagehide', () => line.close())
  useEventListener(window, 'pageshow', (event) => {
    if (!event.persisted) return
    line = listen()
    changed()
  })
  useIntervalFn(changed, FOLLOW_MS)
  useEventListener(document, 'visibilitychange', () => {
    if (document.visibilityState === 'visible') changed()
  })
  return { washer }
}
