// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from 'vitest'
import { voice } from '../words/voice'
import { at, fahrenheitMeant, listRead, listTyped, withAt } from './fields'
import { typedNumber } from './typedNumber'

beforeEach(() => Object.assign(voice, { measures: 'METRIC', hardness: 'MMOL_PER_L' }))

describe('the fields of a form', () => {
  it('read and set what lies deep, and leave the rest alone', () => {
    const values = { name: 'powder', normal: { softG: 30, hardG: 60 } }
    expect(at(values, 'normal.softG')).toBe(30)
    expect(at(values, 'heavy.softG')).toBeUndefined()
    expect(withAt(values, 'normal.softG', 35)).toEqual({
      name: 'powder',
      normal: { softG: 35, hardG: 60 },
    })
    expect(withAt(values, 'heavy.softG', 40)).toHaveProperty('heavy.softG', 40)
    expect(values.normal.softG).toBe(30)
  })

  it('take rows of numbers, and say where one is none', () => {
    expect(listRead(' 40, 60 ,,90')).toEqual([40, 60, 90])
    expect(listRead('')).toEqual([])
    expect(listRead('40, sixty')).toEqual([40, Number.NaN])
    expect(listTyped([0, 40, 60])).toBe('0, 40, 60')
  })

  it('ask when a cold tap would be a warm one in the other measure', () => {
    const tap = { key: 'inletC', label: 'Cold tap', type: 'number', usual: [0, 30] } as const
    expect(fahrenheitMeant({ ...tap, usual: [0, 30] }, 54)).toBe(12.2)
    expect(fahrenheitMeant({ ...tap, usual: [0, 30] }, 12)).toBeUndefined()
    expect(fahrenheitMeant({ ...tap, usual: [0, 30] }, 400)).toBeUndefined()
  })
})

describe('a typed number', () => {
  it.each([
    ['0,05', '.', 0.05],
    ['0.05', ',', 0.05],
    ['0,05', ',', 0.05],
    ['1.234,5', '.', 1234.5],
    ['1,234.5', ',', 1234.5],
    ['1.500', ',', 1500],
    ['1.500', '.', 1.5],
    ['1,500', '.', 1500],
    ['12', '.', 12],
    ['-3', '.', -3],
    ['1 000', '.', 1000],
    ['1.000.000', ',', 1000000],
  ])('“%s” where the sign is “%s”', (text, sign, value) => {
    expect(typedNumber(text, sign)).toBe(value)
  })

  it.each(['', 'sixty', '1e5', '5 kg', ',', '--3'])('is none: “%s”', (text) => {
    expect(typedNumber(text)).toBeUndefined()
  })
})
