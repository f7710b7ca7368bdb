import { useMediaQuery } from '@vueuse/core'
import { computed, ref, toValue, type MaybeRefOrGetter } from 'vue'

/** So many rows fill a page without making it long. */
const ON_A_LAPTOP = 20
const ON_A_PHONE = 12

/**
 * The first few of a long list, until somebody asks for all of it.
 *
 * @example const { few, left, all } = useFirstFew(kinds)
 */
export function useFirstFew<T>(list: MaybeRefOrGetter<readonly T[]>) {
  const wide = useMediaQuery('(min-width: 40rem)')
  const everything = ref(false)
  const most = computed(() => (wide.value ? ON_A_LAPTOP : ON_A_PHONE))
  const few = computed(() =>
    everything.value ? [...toValue(list)] : toValue(list).slice(0, most.value),
  )
  const left = computed(() => toValue(list).length - few.value.length)
  const all = () => (everything.value = true)
  return { few, left, all }
}
