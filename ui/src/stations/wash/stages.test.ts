import { describe, expect, it } from 'vitest'
import { callFor } from './stages'

describe('callFor', () => {
  it('calls for the next part and for the end of the last', () => {
    expect(callFor(0, 1, 4)).toBe('next')
    expect(callFor(3, -1, 4)).toBe('end')
  })
  it('calls nobody for a step that was just begun', () => {
    expect(callFor(-1, 0, 4)).toBeUndefined()
    expect(callFor(3, 0, 3)).toBeUndefined()
    expect(callFor(2, -1, 0)).toBeUndefined()
  })
  it('calls nobody when a part was made longer', () => {
    expect(callFor(2, 1, 4)).toBeUndefined()
  })
})
