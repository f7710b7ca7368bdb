import { number } from '../use/format'
import { shownAs, type Unit } from '../words/measures'
import { place } from '../words/voice'

/** The sign between whole and decimals in the language of this device. */
const DECIMAL = new Intl.NumberFormat(place).format(1.5).charAt(1)
const MOST_DIGITS = 6
/** What is shown in other measures than it is kept in is no more exact than this. */
const CONVERTED_DIGITS = 4

/**
 * Returns the number that somebody typed, with a comma or a point, or undefined when it is none. A sign before exactly
 * three digits parts thousands when it is not the decimal sign of the language.
 */
export function typedNumber(text: string, decimal = DECIMAL): number | undefined {
  const typed = text.trim().replace(/[\s\u00a0']/g, '')
  if (!/^[-+]?[\d.,]*\d[\d.,]*$/.test(typed)) return undefined
  const last = Math.max(typed.lastIndexOf(','), typed.lastIndexOf('.'))
  if (last < 0) return Number(typed)
  const sign = typed.charAt(last)
  const several = typed.split(sign).length > 2
  const both = typed.includes(',') && typed.includes('.')
  const thousands = sign !== decimal && !both && /[1-9]\d*[.,]\d{3}$/.test(typed)
  const plain =
    several || thousands
      ? typed.replace(/[.,]/g, '')
      : `${typed.slice(0, last).replace(/[.,]/g, '')}.${typed.slice(last + 1)}`
  const value = Number(plain)
  return Number.isFinite(value) ? value : undefined
}

/** Returns the text of a number as somebody of this language would type it. */
export function asTyped(value: number, digits = MOST_DIGITS): string {
  return String(Number(value.toPrecision(digits))).replace('.', DECIMAL)
}

/** Returns a figure of the server as it is typed in the measures of this device. */
export function fromServer(value: number, unit?: Unit): string {
  const shown = unit && shownAs(unit)
  return shown ? asTyped(value * shown.factor + shown.shift, CONVERTED_DIGITS) : asTyped(value)
}

/** Returns a typed figure as the server takes it. */
export function toServer(value: number, unit?: Unit): number {
  const shown = unit && shownAs(unit)
  return shown ? Number(((value - shown.shift) / shown.factor).toPrecision(12)) : value
}

/** Returns how a typed text was understood, when that may not be plain; undefined otherwise. */
export function understood(text: string): string | undefined {
  const value = typedNumber(text)
  if (value === undefined || !/[.,]/.test(text)) return undefined
  const decimals = String(value).split('.')[1]?.length ?? 0
  return number(value, Math.min(decimals, MOST_DIGITS))
}
