import { computed, ref } from 'vue'
import { place } from '../words/voice'

/**
 * The household's time zone. A device may be set to another, or be on a journey; what is drawn and written follows the
 * house, since that is where the pails stand.
 */
export const houseZone = ref(Intl.DateTimeFormat().resolvedOptions().timeZone)

const parts = computed(
  () =>
    new Intl.DateTimeFormat('en-GB', {
      timeZone: houseZone.value,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    }),
)

function part(time: Date, type: Intl.DateTimeFormatPartTypes) {
  return parts.value.formatToParts(time).find((p) => p.type === type)?.value ?? ''
}

/** Returns the hour of the day in the house, with its minutes as a fraction: 9.5 for half past nine. */
export function houseHours(time: Date): number {
  return Number(part(time, 'hour')) + Number(part(time, 'minute')) / 60
}

/** Returns the day in the house: "2026-05-21". */
export function houseDate(time: Date): string {
  return `${part(time, 'year')}-${part(time, 'month')}-${part(time, 'day')}`
}

/** Writes a day in the house in short: "Thu". */
export function houseWeekday(time: Date): string {
  return time
    .toLocaleDateString(place, { weekday: 'short', timeZone: houseZone.value })
    .replace('.', '')
}

const HOUR_MS = 3.6e6

/** Returns the midnights of the house between two moments; a day has 23, 24 or 25 hours. */
export function houseMidnights(from: number, to: number): Date[] {
  const found: Date[] = []
  for (let t = Math.ceil(from / HOUR_MS) * HOUR_MS; t < to; t += HOUR_MS) {
    if (Math.floor(houseHours(new Date(t))) === 0) found.push(new Date(t))
  }
  return found
}
