import { createI18n } from 'vue-i18n'
import en from './en.json'
import { degrees, shownAs } from './measures'
import { pseudo } from './pseudo'
import { PSEUDO, voice } from './voice'

type Messages = typeof en

/** The words of the interface, by language. What stations have to say comes worded from the API. */
export const words = createI18n({
  legacy: false,
  locale: voice.language,
  fallbackLocale: 'en',
  messages: { en } as Record<string, Messages>,
})

/** Words by their key, with the values that stand in them. */
export const t = words.global.t

/** Returns the same messages with their temperatures in the measures of this device. */
function measured<T>(messages: T): T {
  if (typeof messages === 'string') return degrees(messages) as T
  return Object.fromEntries(
    Object.entries(messages as object).map(([key, value]) => [key, measured(value)]),
  ) as T
}

/** Fetches the language of this device; everything that says something comes after it. */
export async function fetchWords() {
  document.documentElement.lang = voice.language
  const { language } = voice
  const own: Messages =
    language === 'de'
      ? ((await import('./de.json')).default as Messages)
      : language === PSEUDO
        ? pseudo(en)
        : en
  const other = shownAs('celsius') !== undefined
  words.global.setLocaleMessage(language, measured(own))
  if (other || language === 'en') words.global.setLocaleMessage('en', measured(en))
}
