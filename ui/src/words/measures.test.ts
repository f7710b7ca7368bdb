// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { asTyped, fromServer, toServer } from '../parts/typedNumber'
import { measure } from '../use/format'
import { degrees } from './measures'
import { currencyOf, voice, voiceOf, weekStartOf } from './voice'

describe('the measures of a device', () => {
  const before = { ...voice }
  beforeEach(() => Object.assign(voice, { measures: 'METRIC', hardness: 'MMOL_PER_L' }))
  afterEach(() => Object.assign(voice, before))

  it('come from the browser', () => {
    expect(voiceOf('de-AT')).toMatchObject({
      language: 'de',
      measures: 'METRIC',
      hardness: 'GERMAN_DEGREES',
      twelveHours: false,
    })
    expect(voiceOf('en-US')).toMatchObject({
      language: 'en',
      measures: 'US',
      hardness: 'GRAINS_PER_GALLON',
      twelveHours: true,
    })
    expect(voiceOf('fr')).toMatchObject({ language: 'en', hardness: 'FRENCH_DEGREES' })
    expect([
      currencyOf('en-GB'),
      currencyOf('de'),
      weekStartOf('en-US'),
      weekStartOf('de'),
    ]).toEqual(['GBP', 'EUR', 'SUNDAY', 'MONDAY'])
  })

  it('turn every figure into their own, and back without drift', () => {
    Object.assign(voice, { measures: 'US', hardness: 'GRAINS_PER_GALLON' })
    expect(measure(40, 'celsius')).toBe('104°F')
    expect(measure(7, 'kilogram')).toBe('15 lb')
    expect(measure(12, 'litre')).toBe('3.2 gal')
    expect(measure(3.1, 'mmol-per-l', 1)).toBe('18.1 gpg')
    Object.assign(voice, { hardness: 'ENGLISH_DEGREES' })
    expect(measure(3.1, 'mmol-per-l', 1)).toBe('21.8 °e')
    for (const unit of ['kilogram', 'litre', 'celsius', 'mmol-per-l', 'millilitre'] as const) {
      for (const typed of [0.5, 1, 3.7, 54, 140]) {
        expect(fromServer(toServer(typed, unit), unit)).toBe(asTyped(typed))
      }
    }
  })

  it('reach into sentences, steps of temperature too', () => {
    expect(degrees('At 60° or above 35 °C, Δ8° too cool, 17 °dH.')).toBe(
      'At 60° or above 35 °C, 8° too cool, 17 °dH.',
    )
    Object.assign(voice, { measures: 'US' })
    expect(degrees('At 60° or above 35 °C, Δ10° more.')).toBe('At 140°F or above 95°F, 18°F more.')
  })
})
