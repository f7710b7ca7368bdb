import { createI18n } from 'vue-i18n'
import en from './en.json'

/** The words of the interface, by language. What stations have to say comes worded from the API. */
export const words = createI18n({
  legacy: false,
  locale: 'en',
  fallbackLocale: 'en',
  messages: { en },
})

/** Words by their key, with the values that stand in them. */
export const t = words.global.t
