import { useLocalStorage } from '@vueuse/core'
import { house } from '../../api/house'

/**
 * Who holds this device: a name that goes with what is done on it, kept on the device alone.
 *
 * @example const { carer } = useCarer()
 */
export function useCarer() {
  const carer = useLocalStorage(`nest-rinse-carer${house}`, '')
  return { carer }
}
