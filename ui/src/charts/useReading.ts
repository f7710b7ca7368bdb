import { ref, type Ref } from 'vue'

const FAST = 10

/**
 * The moment of a picture that a pointer or the arrow keys read, in minutes; none until one of them comes.
 *
 * @example const { reading, point, key } = useReading(total, (share) => x.value.invert(share * width.value))
 */
export function useReading(total: Ref<number>, minuteAt: (share: number) => number) {
  const reading = ref<number>()
  const within = (minute: number) => Math.max(0, Math.min(total.value, minute))

  function point(event: PointerEvent) {
    const box = (event.currentTarget as Element).getBoundingClientRect()
    reading.value = within(minuteAt((event.clientX - box.left) / box.width))
  }
  function key(event: KeyboardEvent) {
    const way = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key]
    const end = { Home: 0, End: total.value }[event.key]
    if (end !== undefined) reading.value = end
    else if (way) {
      const by = way * (event.shiftKey ? FAST : 1)
      reading.value = within(Math.round((reading.value ?? 0) + by))
    } else return
    event.preventDefault()
    event.stopPropagation()
  }
  return { reading, point, key }
}
