import { useDebounceFn, useEventListener, useIntervalFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { shallowRef, watch } from 'vue'
import type { Api } from '../api/client'
import { house } from '../api/house'
import { queries } from '../api/queries'
import { isAbout, type Topic } from '../api/topics'
import { isTyping } from './typing'

const TOGETHER_MS = 40
const AT_MOST_MS = 300
const WITHOUT_LINE_MS = 60_000

/**
 * Hears from the server what any device has changed, and reads again what is about it. Where no line can be held, it
 * looks once a minute, while the page is in sight.
 */
export const useChanges = defineStore('changes', () => {
  /** What the pretend washer does, while it washes. */
  const washer = shallowRef<Api['PretendWasherState']>()
  const heard = new Set<Topic>()
  let line: EventSource | undefined

  /** Answers on their way may be from before the change: what they bring is read once more. */
  const readAgain = useDebounceFn(
    async () => {
      if (isTyping()) return
      const topics = [...heard]
      heard.clear()
      const concerned = queries
        .getQueryCache()
        .findAll({ predicate: (query) => isAbout(query.queryKey, topics) })
      await Promise.allSettled(concerned.map((query) => query.promise))
      await queries.invalidateQueries(
        { predicate: (query) => isAbout(query.queryKey, topics) },
        { cancelRefetch: false },
      )
    },
    TOGETHER_MS,
    { maxWait: AT_MOST_MS },
  )

  function listen() {
    line = new EventSource(`${house}/api/changes`)
    line.addEventListener('changed', (event) => {
      const { topics } = JSON.parse((event as MessageEvent<string>).data) as { topics: Topic[] }
      topics.forEach((topic) => heard.add(topic))
      void readAgain()
    })
    line.addEventListener('washer', (event) => {
      washer.value = JSON.parse((event as MessageEvent<string>).data) as Api['PretendWasherState']
    })
  }
  watch(isTyping, (typing) => {
    if (!typing && heard.size) void readAgain()
  })
  function everything() {
    void queries.invalidateQueries()
  }

  listen()
  // A page that the browser keeps for the back button must not hold one of its few lines open.
  useEventListener(window, 'pagehide', () => line?.close())
  useEventListener(window, 'pageshow', (event) => {
    if (!event.persisted) return
    listen()
    everything()
  })
  useIntervalFn(() => {
    const broken = line?.readyState !== EventSource.OPEN
    if (broken && document.visibilityState === 'visible' && !isTyping()) {
      everything()
    }
  }, WITHOUT_LINE_MS)
  return { washer }
})
