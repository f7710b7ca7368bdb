import { createI18n } from 'vue-i18n'
import en from './en.json'
import { pseudo } from './pseudo'

const PSEUDO = 'en-XA'

/** The language chosen on this device. */
export const language = localStorage.getItem('nest-rinse-language') ?? 'en'

/** The words of the interface, by language. What stations have to say comes worded from the API. */
export const words = createI18n({
  legacy: false,
  locale: language,
  fallbackLocale: 'en',
  messages: { en, [PSEUDO]: language === PSEUDO ? pseudo(en) : en } as Record<string, typeof en>,
})

/** Words by their key, with the values that stand in them. */
export const t = words.global.t
