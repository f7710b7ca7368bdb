// @vitest-environment jsdom
import { describe, expect, it } from 'vitest'
import { Problem } from '../api/client'
import { at, numbers, withAt } from './fields'

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

  it('take numbers with commas between, and name the field when one is none', () => {
    expect(numbers(' 40, 60 ,,90', 'temperatures')).toEqual([40, 60, 90])
    expect(numbers('', 'temperatures')).toEqual([])
    expect(() => numbers('40, sixty', 'temperatures')).toThrow(Problem)
    try {
      numbers('40, sixty', 'temperatures')
    } catch (error) {
      expect((error as Problem).field).toBe('temperatures')
    }
  })
})
