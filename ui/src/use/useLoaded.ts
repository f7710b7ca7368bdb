import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter, type WritableComputedRef, type Ref } from 'vue'
import { answer, api, type AnswerOf, type GetPath, type InitOf } from '../api/client'
import { queries } from '../api/queries'

/** Something read from the API, kept while it is read again. */
export interface Loaded<T> {
  /** What was read last; what a change answers may be put in its place. */
  data: WritableComputedRef<T | undefined>
  error: Ref<Error | undefined>
  loading: Ref<boolean>
  reload: () => Promise<T | undefined>
}

/**
 * Reads something, and again when any of the addresses in its key has changed.
 *
 * @example const { data } = useLoaded(['/api/v1/products', '/api/v1/products/left'], async () => …)
 */
export function useLoaded<T>(
  key: MaybeRefOrGetter<readonly unknown[]>,
  read: () => Promise<T>,
  everyMs?: number,
): Loaded<T> {
  const queryKey = computed(() => toValue(key))
  const query = useQuery(
    {
      queryKey,
      // Nothing is an answer too.
      queryFn: async () => ({ it: await read() }),
      placeholderData: keepPreviousData,
      refetchInterval: everyMs ?? false,
    },
    queries,
  )
  return {
    data: computed({
      get: () => query.data.value?.it as T | undefined,
      set: (it) => queries.setQueryData(queryKey.value, { it }),
    }),
    error: computed(() => query.error.value ?? undefined),
    loading: query.isFetching,
    reload: async () => (await query.refetch()).data?.it as T | undefined,
  }
}

/**
 * Reads what an address answers, and again when that has changed.
 *
 * @example const { data: pails, reload } = useAnswer('/api/v1/pails')
 * @example const { data } = useAnswer('/api/v1/record', () => ({ params: { query: { page: page.value } } }))
 */
export function useAnswer<P extends GetPath>(path: P, init?: () => InitOf<P>): Loaded<AnswerOf<P>> {
  return useLoaded(
    () => (init ? [path, init()] : [path]),
    () => answer(api.GET(path, ...([init?.()] as never))) as Promise<AnswerOf<P>>,
  )
}
