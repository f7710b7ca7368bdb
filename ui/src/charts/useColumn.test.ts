import { describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { useColumn } from './useColumn'

function columns(selected?: number) {
  const chosen = ref(selected)
  const frame = ref<HTMLElement>()
  const ids = ref([11, 12, 13])
  const column = useColumn(frame, ids, chosen, (id) => (chosen.value = id))
  return { ...column, chosen }
}
const pressed = (key: string) =>
  ({ key, preventDefault: vi.fn(), stopPropagation: vi.fn() }) as unknown as KeyboardEvent

describe('a column chosen by key', () => {
  it('begins with the last, and goes on from what is chosen', async () => {
    const { at, key, chosen } = columns()
    expect(at.value).toBe(2)
    await key(pressed('ArrowLeft'))
    expect(chosen.value).toBe(13)
    await key(pressed('ArrowLeft'))
    expect(chosen.value).toBe(12)
  })

  it('stops at both ends', async () => {
    const { key, chosen } = columns(11)
    await key(pressed('ArrowLeft'))
    expect(chosen.value).toBe(11)
    await key(pressed('End'))
    await key(pressed('ArrowRight'))
    expect(chosen.value).toBe(13)
    await key(pressed('Home'))
    expect(chosen.value).toBe(11)
  })

  it('leaves other keys to the page', async () => {
    const { key, chosen } = columns(12)
    const event = pressed('Tab')
    await key(event)
    expect(event.preventDefault).not.toHaveBeenCalled()
    expect(chosen.value).toBe(12)
  })
})
