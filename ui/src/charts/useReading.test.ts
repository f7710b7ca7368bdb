// @vitest-environment jsdom
import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import { useReading } from './useReading'

function press(key: (event: KeyboardEvent) => void, name: string, shiftKey = false) {
  const event = new KeyboardEvent('keydown', { key: name, shiftKey, cancelable: true })
  key(event)
  return event
}

describe('reading a moment of a picture by keys', () => {
  it('goes by minutes, and by ten with shift', () => {
    const { reading, key } = useReading(ref(90), (share) => share * 90)
    expect(reading.value).toBeUndefined()
    press(key, 'ArrowRight')
    expect(reading.value).toBe(1)
    press(key, 'ArrowUp', true)
    expect(reading.value).toBe(11)
    press(key, 'ArrowLeft')
    expect(reading.value).toBe(10)
  })
  it('stays within the wash', () => {
    const { reading, key } = useReading(ref(30), (share) => share * 30)
    press(key, 'End')
    expect(reading.value).toBe(30)
    press(key, 'ArrowRight', true)
    expect(reading.value).toBe(30)
    press(key, 'Home')
    press(key, 'ArrowLeft')
    expect(reading.value).toBe(0)
  })
  it('leaves other keys to the page', () => {
    const { reading, key } = useReading(ref(30), (share) => share * 30)
    expect(press(key, 'Tab').defaultPrevented).toBe(false)
    expect(reading.value).toBeUndefined()
  })
})
