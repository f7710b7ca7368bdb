import { useDebounceFn, useEventListener, useIntervalFn, useTimeoutFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { shallowRef, watch } from 'vue'
import type { Api } from '../api/client'
import { house } from '../api/house'
import { queries } from '../api/queries'
import { isAbout, TOPICS, type Topic } from '../api/topics'
import { isTyping } from './typing'

const TOGETHER_MS = 40
const AT_MOST_MS = 300
const AGAIN_MS = 3_000
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

  function changed(topics: readonly Topic[]) {
    topics.forEach((topic) => heard.add(topic))
    void readAgain()
  }
  function everything() {
    changed(TOPICS)
  }

  /** The browser opens a broken line again by itself, but not one that the server refused, as while it furnishes. */
  const { start: listenLater } = useTimeoutFn(() => listen(), AGAIN_MS, { immediate: false })
  let missed = false
  function listen() {
    line = new EventSource(`${house}/api/v1/changes`)
    line.addEventListener('open', () => {
      if (missed) everything()
      missed = false
    })
    line.addEventListener('error', () => {
      missed = true
      if (line?.readyState === EventSource.CLOSED) listenLater()
    })
    line.addEventListener('changed', (event) => {
      changed((JSON.parse((event as MessageEvent<string>).data) as { topics: Topic[] }).topics)
    })
    line.addEventListener('washer', (event) => {
      washer.value = JSON.parse((event as MessageEvent<string>).data) as Api['PretendWasherState']
    })
  }
  watch(isTyping, (typing) => {
    if (!typing && heard.size) void readAgain()
  })

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
    if (broken && document.visibilityState === 'visible') everything()
  }, WITHOUT_LINE_MS)
  return { washer }
})
