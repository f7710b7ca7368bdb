import { ref } from 'vue'
import { t } from '../words'
import { shownAs, type Unit } from '../words/measures'
import { place, voice } from '../words/voice'
import { houseHours } from './houseTime'

/** Writes a number with this many decimals, with the decimal sign of the language. */
export function number(value: number, digits = 0): string {
  return new Intl.NumberFormat(place, {
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
    useGrouping: false,
  }).format(value)
}

/** Writes a share of one as whole percent. */
export function percent(share: number): string {
  return `${Math.round(share * 100)} %`
}

/** Signs that stand close behind their figure. */
const CLOSE_BEHIND = ['°', '°F']

/** Writes a figure that the server gives in a metric unit, in the measures of this device: "40°", "104°F". */
export function measure(amount: number, unit: Unit, digits = 0): string {
  const sign = unitSign(unit)
  return `${bare(amount, unit, digits)}${CLOSE_BEHIND.includes(sign) ? '' : ' '}${sign}`
}

/** Writes such a figure without its unit. */
export function bare(amount: number, unit: Unit, digits = 0): string {
  const shown = shownAs(unit)
  return shown
    ? number(amount * shown.factor + shown.shift, Math.max(0, digits + shown.moreDigits))
    : number(amount, digits)
}

/** Returns the sign of a unit on this device: "kg", "lb". */
export function unitSign(unit: Unit): string {
  return shownAs(unit)?.symbol ?? t(`unit.${unit}`)
}

/** What the household pays with. */
export const houseCurrency = ref('EUR')

const USUAL_DECIMALS = 2

/** Writes money in the household's currency: "€1.20". */
export function money(amount: number, digits = USUAL_DECIMALS): string {
  const currency = houseCurrency.value
  const usual = new Intl.NumberFormat(place, { style: 'currency', currency }).resolvedOptions()
  const shown = Math.max(0, digits - USUAL_DECIMALS + (usual.maximumFractionDigits ?? 0))
  return new Intl.NumberFormat(place, {
    style: 'currency',
    currency,
    minimumFractionDigits: shown,
    maximumFractionDigits: shown,
  }).format(amount)
}

/** What is counted in these views. */
export type Counted = 'piece' | 'place' | 'load' | 'round' | 'kind' | 'rinse' | 'day'

/** Writes a noun with its count: "1 piece", "3 pieces". */
export function count(n: number, noun: Counted): string {
  return t(`count.${noun}`, n)
}

const HALF_DAY = 12

/** Writes a clock time in the house's zone: "9:05", or "9:05 am". */
export function clock(time: Date): string {
  const hours = houseHours(time)
  const minutes = Math.round((hours % 1) * 60)
  return clockOf(Math.floor(hours), minutes)
}

/** Writes hours and minutes of a day. */
export function clockOf(hours: number, minutes: number): string {
  const rest = String(minutes).padStart(2, '0')
  return voice.twelveHours
    ? `${hours % HALF_DAY || HALF_DAY}:${rest} ${hours < HALF_DAY ? 'am' : 'pm'}`
    : `${hours}:${rest}`
}

/** Writes a time of day as the server gives it, "07:30:00". */
export function clockText(time: string): string {
  const [hours = '0', minutes = '0'] = time.split(':')
  return clockOf(Number(hours), Number(minutes))
}

/** Writes minutes as hours and minutes: "2 h 35", "40 min". */
export function duration(minutes: number): string {
  const whole = Math.round(minutes)
  const rest = String(whole % 60).padStart(2, '0')
  return whole < 60
    ? t('unit.minutes', { minutes: whole })
    : whole % 60
      ? t('unit.hoursMinutes', { hours: Math.floor(whole / 60), minutes: rest })
      : t('unit.hours', { hours: whole / 60 })
}
