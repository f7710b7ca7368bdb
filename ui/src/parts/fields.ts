import { Problem } from '../api/client'
import { t } from '../words'

/** One field of a form: where its value lies, what it is called, and how it is entered. */
export interface Field {
  /** Name in the API, dots for nested values: "normal.softG". */
  key: string
  label: string
  type: 'number' | 'whole' | 'text' | 'time' | 'yes' | 'choice'
  unit?: string
  hint?: string
  options?: { value: string; words: string }[]
  /** Whether it may be left empty. */
  optional?: boolean
}

export type Values = Record<string, unknown>

/** Returns the value at a dotted key. */
export function at(values: Values, key: string): unknown {
  return key
    .split('.')
    .reduce<unknown>((v, part) => (v as Values | null | undefined)?.[part], values)
}

/** Returns a copy with the value at a dotted key set. */
export function withAt(values: Values, key: string, value: unknown): Values {
  const [first, ...rest] = key.split('.') as [string, ...string[]]
  if (rest.length === 0) return { ...values, [first]: value }
  return { ...values, [first]: withAt((values[first] ?? {}) as Values, rest.join('.'), value) }
}

/** Returns constants of the API as choices, each with its words. */
export function choices(...names: string[]): { value: string; words: string }[] {
  return names.map((value) => ({ value, words: t(`named.${value}`) }))
}

/** Returns the numbers of a text with commas between; throws at the field when one is none. */
export function numbers(text: string, field: string): number[] {
  const all = text
    .split(',')
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map(Number)
  if (all.some(Number.isNaN)) {
    const allowed = t('parts.fieldForm.numbersWithCommas')
    throw new Problem(allowed, 0, field, undefined, allowed)
  }
  return all
}
