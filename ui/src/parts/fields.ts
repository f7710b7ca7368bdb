import { unitSign } from '../use/format'
import { t } from '../words'
import { shownAs, type Unit } from '../words/measures'
import { asTyped, fromServer, toServer, typedNumber } from './typedNumber'

/** One field of a form: where its value lies, what it is called, and how it is entered. */
export interface Field {
  /** Name in the API, dots for nested values: "normal.softG". */
  key: string
  label: string
  type: 'number' | 'whole' | 'numbers' | 'text' | 'time' | 'yes' | 'choice'
  /** A metric unit, which the form shows in the measures of the device, or other words. */
  unit?: string
  /** Temperatures that people have there [°C]; a figure far outside may be meant in another measure. */
  usual?: [number, number]
  hint?: string
  options?: { value: string; words: string }[]
  /** Whether it may be left empty. */
  optional?: boolean
  /** It is shown only while this field is ticked. */
  when?: string
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

const UNITS: Record<string, Unit> = {
  kg: 'kilogram',
  g: 'gram',
  L: 'litre',
  mL: 'millilitre',
  '°C': 'celsius',
  K: 'kelvin',
  'mmol/L': 'mmol-per-l',
  'mL/L': 'ml-per-l',
  'g/mL': 'gram-per-ml',
  m: 'metre',
  'm²': 'm2',
  'm³': 'cubic-metre',
  'm³/h': 'cubic-metre-per-h',
}

/** Returns the unit of a field, when it is one that can be shown in other measures. */
export function unitOf(field: Field): Unit | undefined {
  return field.unit === undefined ? undefined : UNITS[field.unit]
}

/** Returns the words behind the name of a field: its unit on this device. */
export function unitWords(field: Field): string | undefined {
  const unit = unitOf(field)
  return unit ? unitSign(unit).replace(/^°$/, unit === 'celsius' ? '°C' : 'K') : field.unit
}

/** Returns a row of numbers as somebody types it: "30, 40, 60". */
export function listTyped(values: number[], unit?: Unit): string {
  const between = asTyped(1.5).includes(',') ? '; ' : ', '
  return values.map((v) => (v === 0 ? '0' : fromServer(v, unit))).join(between)
}

/** Returns the numbers of a typed row; not a number (NaN) where one cannot be read. */
export function listRead(text: string, unit?: Unit): number[] {
  const comma = asTyped(1.5).includes(',')
  return text
    .split(comma ? /[;\s]+|,\s+/ : /[;,\s]+/)
    .filter((part) => part !== '')
    .map((part) => typedNumber(part))
    .map((v) => (v === undefined ? Number.NaN : v === 0 ? 0 : toServer(v, unit)))
}

const FREEZING_F = 32
const F_PER_C = 1.8

/** Returns what a temperature far outside the usual would be if it was meant in °F [°C]; undefined when it fits. */
export function fahrenheitMeant(field: Field, value: unknown): number | undefined {
  if (!field.usual || typeof value !== 'number' || shownAs('celsius')) return undefined
  const [low, high] = field.usual
  const meant = (value - FREEZING_F) / F_PER_C
  return value > high && meant >= low && meant <= high ? Math.round(meant * 10) / 10 : undefined
}
