import { effectScope, nextTick, ref } from 'vue'
import { describe, expect, it } from 'vitest'
import { isTyping, useTyping } from './typing'

describe('whether somebody is typing', () => {
  it('is on while any form has unsaved changes', async () => {
    const one = ref(false)
    const other = ref(true)
    const scope = effectScope()
    scope.run(() => {
      useTyping(one)
      useTyping(other)
    })
    expect(isTyping()).toBe(true)
    other.value = false
    await nextTick()
    expect(isTyping()).toBe(false)
    one.value = true
    await nextTick()
    expect(isTyping()).toBe(true)
    scope.stop()
  })
  it('ends with a form that is left', () => {
    const scope = effectScope()
    scope.run(() => useTyping(ref(true)))
    expect(isTyping()).toBe(true)
    scope.stop()
    expect(isTyping()).toBe(false)
  })
})
