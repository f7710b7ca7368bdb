import { t } from '../words'
import { houseHours } from './houseTime'

/** Writes a number with this many decimals. */
export function number(value: number, digits = 0): string {
  return value.toFixed(digits)
}

/** Writes a share of one as whole percent. */
export function percent(share: number): string {
  return `${Math.round(share * 100)} %`
}

/** What is counted in these views. */
export type Counted = 'piece' | 'place' | 'load' | 'round' | 'kind' | 'rinse' | 'day'

/** Writes a noun with its count: "1 piece", "3 pieces". */
export function count(n: number, noun: Counted): string {
  return t(`count.${noun}`, n)
}

/** Writes a clock time in the house's zone: "9:05". */
export function clock(time: Date): string {
  const hours = houseHours(time)
  const minutes = Math.round((hours % 1) * 60)
  return `${Math.floor(hours)}:${String(minutes).padStart(2, '0')}`
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
