import table from '../../../text/src/main/resources/org/nestrinse/text/measures.properties?raw'
import { voice } from './voice'

/** The metric units in which the server gives and takes figures. */
export type Unit =
  | 'kilogram'
  | 'gram'
  | 'litre'
  | 'millilitre'
  | 'celsius'
  | 'kelvin'
  | 'gram-per-l'
  | 'ml-per-l'
  | 'gram-per-ml'
  | 'm2'
  | 'metre'
  | 'metre-per-s'
  | 'cubic-metre'
  | 'cubic-metre-per-h'
  | 'mmol-per-l'

/** How a unit is shown: amount × factor + shift, then the sign. */
export interface Shown {
  symbol: string
  factor: number
  shift: number
  moreDigits: number
}

/** Returns the lines of the table that server and page share, by their keys. */
export function readTable(text: string): Map<string, Shown> {
  return new Map(
    text
      .split('\n')
      .filter((line) => line.includes(' = ') && !line.startsWith('#'))
      .map((line) => {
        const [key, value] = line.split(' = ') as [string, string]
        const [symbol, factor, shift, more] = value.split(', ') as [string, string, string, string]
        return [
          key,
          { symbol, factor: Number(factor), shift: Number(shift), moreDigits: Number(more) },
        ]
      }),
  )
}

const TABLE = readTable(table)
const name = (constant: string) => constant.toLowerCase().replaceAll('_', '-')

/** Returns how a unit is shown on this device; undefined when as it is. */
export function shownAs(unit: Unit): Shown | undefined {
  return TABLE.get(`${name(unit === 'mmol-per-l' ? voice.hardness : voice.measures)}.${unit}`)
}

const DEGREES = /(Δ)?(\d+) ?°(?:C\b|(?![A-Za-z]))/g

/** Writes the temperatures within a sentence in this device's measures: "60°", or "Δ10°" for a step. */
export function degrees(words: string): string {
  return words.replace(DEGREES, (all, step: string | undefined, number: string) => {
    const shown = shownAs(step ? 'kelvin' : 'celsius')
    return shown
      ? `${Math.round(Number(number) * shown.factor + shown.shift)}${shown.symbol}`
      : all.replace('Δ', '')
  })
}
