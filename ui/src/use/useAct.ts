import { ref } from 'vue'
import { useLine } from '../stores/line'
import { useMessages } from '../stores/messages'

/**
 * Runs one change at a time: shows what went wrong, and refreshes the pegs when it went well.
 *
 * @example const { act, busy } = useAct(); await act(() => answer(api.POST(…)))
 */
export function useAct() {
  const busy = ref(false)
  const line = useLine()
  const messages = useMessages()

  async function act<T>(change: () => Promise<T>): Promise<T | undefined> {
    if (busy.value) {
      return undefined
    }
    busy.value = true
    try {
      const result = await change()
      // The pegs follow by themselves: nobody waits for them.
      void line.refresh()
      return result
    } catch (error) {
      messages.problem(error)
      return undefined
    } finally {
      busy.value = false
    }
  }

  return { act, busy }
}
