import { useAsyncState } from '@vueuse/core'
import type { Ref } from 'vue'

/** Something read from the API, kept while it is read again. */
export interface Loaded<T> {
  data: Ref<T | undefined>
  error: Ref<Error | undefined>
  loading: Ref<boolean>
  reload: () => Promise<T | undefined>
}

/**
 * Reads something once, and again on demand.
 *
 * @example const { data: pails, reload } = useLoaded(() => answer(api.GET('/api/pails')))
 */
export function useLoaded<T>(read: () => Promise<T>): Loaded<T> {
  const { state, error, isLoading, execute } = useAsyncState<T | undefined>(read, undefined, {
    resetOnExecute: false,
    shallow: true,
  })
  return {
    data: state as Ref<T | undefined>,
    error: error as Ref<Error | undefined>,
    loading: isLoading,
    reload: () => execute(0),
  }
}
