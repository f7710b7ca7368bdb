import { computed, nextTick, type Ref } from 'vue'

/**
 * One column of a picture that is chosen by a tap or with the arrow keys: one on or back, Home the first, End the last.
 * Until one is chosen it is the last.
 *
 * @param ids the columns in their order; each is drawn with its own number in `data-column`
 * @example const { at, point, key } = useColumn(frame, ids, selected, (id) => emit('select', id))
 */
export function useColumn(
  frame: Ref<HTMLElement | undefined>,
  ids: Ref<number[]>,
  selected: Ref<number | undefined>,
  select: (id: number) => void,
) {
  const at = computed(() => {
    const i = ids.value.indexOf(selected.value ?? Number.NaN)
    return i < 0 ? ids.value.length - 1 : i
  })

  function point(event: MouseEvent) {
    const column = (event.target as Element).closest<SVGElement>('[data-column]')
    if (column) select(Number(column.dataset.column))
  }

  async function key(event: KeyboardEvent) {
    const last = ids.value.length - 1
    const step = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key]
    const end = { Home: 0, End: last }[event.key]
    if (step === undefined && end === undefined) return
    event.preventDefault()
    event.stopPropagation()
    const to = end ?? (selected.value === undefined ? last : at.value + (step ?? 0))
    const id = ids.value[Math.max(0, Math.min(last, to))]
    if (id === undefined) return
    select(id)
    await nextTick()
    const column = frame.value?.querySelector(`[data-column="${id}"]`)
    column?.scrollIntoView({ inline: 'nearest', block: 'nearest' })
  }

  return { at, point, key }
}
