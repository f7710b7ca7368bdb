import { describe, expect, it } from 'vitest'
import { isAbout } from './topics'

describe('what is read again after a change', () => {
  it('is what the change is about', () => {
    expect(isAbout(['/api/v1/kinds'], ['STOCK'])).toBe(true)
    expect(isAbout(['/api/v1/kinds'], ['ROUNDS'])).toBe(false)
    expect(isAbout(['/api/v1/catalogue'], ['KIT', 'STOCK'])).toBe(false)
  })
  it('is whatever may depend on anything', () => {
    expect(isAbout(['/api/v1/week'], ['SEEN'])).toBe(true)
    expect(isAbout(['/api/v1/loads/{id}/plans', { params: { path: { id: 4 } } }], ['KIT'])).toBe(
      true,
    )
  })
  it('is what takes from several addresses, when one of them has changed', () => {
    expect(isAbout(['/api/v1/removed', '/api/v1/pails/removed'], ['PAILS'])).toBe(true)
    expect(isAbout(['/api/v1/removed', '/api/v1/pails/removed'], ['ROUNDS'])).toBe(false)
  })
  it('is never what is only a choice in the key', () => {
    expect(isAbout(['/api/v1/people', { soil: 'WET' }], ['ROUNDS'])).toBe(false)
  })
})
