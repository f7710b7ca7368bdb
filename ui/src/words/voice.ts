/** The language, measures and clock of a device. Each device keeps its own. */
export interface Voice {
  language: string
  measures: 'METRIC' | 'US' | 'IMPERIAL'
  hardness: HardnessScale
  twelveHours: boolean
}

export type HardnessScale =
  | 'MMOL_PER_L'
  | 'GERMAN_DEGREES'
  | 'FRENCH_DEGREES'
  | 'ENGLISH_DEGREES'
  | 'GRAINS_PER_GALLON'
  | 'PARTS_PER_MILLION'

/** The languages that there are, the first for everybody else. */
export const LANGUAGES = ['en', 'de'] as const
/** Each by its own name, so that whoever lands in the wrong one finds the way out. */
export const LANGUAGE_NAMES = [
  { value: 'en', words: 'English' },
  { value: 'de', words: 'Deutsch' },
]
/** A language that nobody speaks, for tests. */
export const PSEUDO = 'en-XA'

const KEPT_AS = 'nest-rinse-voice'
const SCALES: Record<string, HardnessScale> = {
  DE: 'GERMAN_DEGREES',
  AT: 'GERMAN_DEGREES',
  FR: 'FRENCH_DEGREES',
  CH: 'FRENCH_DEGREES',
  BE: 'FRENCH_DEGREES',
  IT: 'FRENCH_DEGREES',
  GB: 'ENGLISH_DEGREES',
  US: 'GRAINS_PER_GALLON',
}
const CURRENCIES: Record<string, string> = {
  US: 'USD',
  GB: 'GBP',
  CH: 'CHF',
  CA: 'CAD',
  AU: 'AUD',
  NZ: 'NZD',
  NO: 'NOK',
  SE: 'SEK',
  DK: 'DKK',
  PL: 'PLN',
  IN: 'INR',
  ZA: 'ZAR',
}
/** Where calendars begin the week with Sunday. */
const SUNDAY_FIRST = ['US', 'CA', 'JP', 'BR', 'MX', 'IN', 'ZA']

/** Returns the land that a browser's language names, or where its language is mostly spoken. */
function land(tag: string): string {
  try {
    const locale = new Intl.Locale(tag)
    return locale.region ?? (locale.language === 'en' ? '' : (locale.maximize().region ?? ''))
  } catch (error) {
    if (error instanceof RangeError) return ''
    throw error
  }
}

/** Returns the voice that goes with a browser's language, such as "en-US" or "de". */
export function voiceOf(tag: string): Voice {
  const region = land(tag)
  const language = LANGUAGES.find((l) => tag.toLowerCase().startsWith(l)) ?? LANGUAGES[0]
  const hours = new Intl.DateTimeFormat(tag || 'en-GB', { hour: 'numeric' }).resolvedOptions()
  return {
    language,
    measures: region === 'US' ? 'US' : 'METRIC',
    hardness: SCALES[region] ?? 'MMOL_PER_L',
    twelveHours: region !== '' && hours.hour12 === true,
  }
}

/** Returns what money is paid with where a browser's language is spoken. */
export function currencyOf(tag: string): string {
  return CURRENCIES[land(tag)] ?? 'EUR'
}

/** Returns the day with which the week begins there. */
export function weekStartOf(tag: string): 'MONDAY' | 'SUNDAY' {
  return SUNDAY_FIRST.includes(land(tag)) ? 'SUNDAY' : 'MONDAY'
}

function kept(): Partial<Voice> {
  try {
    return JSON.parse(localStorage.getItem(KEPT_AS) ?? '{}') as Partial<Voice>
  } catch (error) {
    // What stands there was not written by this page.
    console.warn('the voice of this device is not readable', error)
    return {}
  }
}

/** The voice of this device. */
export const voice: Voice = { ...voiceOf(navigator.language), ...kept() }

/** Keeps another voice for this device; the page begins anew with it. */
export function speak(other: Partial<Voice>) {
  localStorage.setItem(KEPT_AS, JSON.stringify({ ...voice, ...other }))
  window.location.reload()
}

/** The header that tells the server. */
export const VOICE_HEADER = 'Nest-Voice'

/** Returns what it says, such as "de;metric;german-degrees;24". */
export function voiceHeader(): string {
  const low = (constant: string) => constant.toLowerCase().replaceAll('_', '-')
  return [
    voice.language,
    low(voice.measures),
    low(voice.hardness),
    voice.twelveHours ? '12' : '24',
  ].join(';')
}

/** The place whose way of writing numbers, dates and money is used. */
export const place =
  voice.language === 'en' ? (voice.measures === 'US' ? 'en-US' : 'en-GB') : voice.language
