import { useEventListener, useLocalStorage } from '@vueuse/core'

const TYPING =
  'input:not([type=checkbox]), select, textarea, [role=listbox], [role=option], [role=tab]'

function typing(event: KeyboardEvent) {
  return (event.target as HTMLElement).matches?.(TYPING)
}

/** Whether single keys do something on this device; Escape and the arrows always do. */
export const shortcuts = useLocalStorage('nest-rinse-keys', true)
const ALWAYS = ['Escape', '?']

/**
 * Listens for single keys while nothing is being typed. Enter and Space are never among them: they act on what has
 * the focus.
 *
 * @example useKeys({ n: () => openEntry() })
 */
export function useKeys(keys: Record<string, () => void>) {
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    const action = keys[event.key]
    if (!shortcuts.value && !ALWAYS.includes(event.key)) return
    if (!action || typing(event) || event.ctrlKey || event.metaKey || event.altKey) {
      return
    }
    // An open dialog has its own keys; Escape closes it there.
    if (document.querySelector('[role=dialog]')) {
      return
    }
    event.preventDefault()
    action()
  })
}

/** Lets the arrow keys walk over everything that can be pressed in the working surface. */
export function useWalking() {
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
    const ownArrows = (event.target as HTMLElement).closest?.(
      '[role=radiogroup], [role=tablist], [role=slider]',
    )
    if (!step || typing(event) || ownArrows || document.querySelector('[role=dialog]')) {
      return
    }
    const stops = [
      ...document.querySelectorAll<HTMLElement>(
        'main :is(button, a, summary, input, [role=button])',
      ),
    ]
    const usable = stops.filter((e) => !e.hasAttribute('disabled') && e.offsetParent !== null)
    const here = usable.indexOf(document.activeElement as HTMLElement)
    const next = here < 0 ? (step > 0 ? 0 : usable.length - 1) : here + step
    const target = usable[(next + usable.length) % usable.length]
    if (target) {
      event.preventDefault()
      target.focus()
    }
  })
}
