import type { GetPath } from './client'

export const TOPICS = [
  'KIT',
  'STOCK',
  'PAILS',
  'LOADS',
  'ROUNDS',
  'LINE',
  'WEEK',
  'SEEN',
  'RESETS',
] as const

/** What a change is about, as the server says it. */
export type Topic = (typeof TOPICS)[number]

/** What an answer is made of. An address that is not listed here may depend on anything. */
const ABOUT: Partial<Record<GetPath, Topic[]>> = {
  '/api/v1/catalogue': [],
  '/api/v1/estimates/{model}': [],
  '/api/v1/household': ['KIT'],
  '/api/v1/people': ['KIT'],
  '/api/v1/machines': ['KIT'],
  '/api/v1/dryers': ['KIT'],
  '/api/v1/places': ['KIT'],
  '/api/v1/schools': ['KIT'],
  '/api/v1/products': ['KIT', 'ROUNDS'],
  '/api/v1/products/left': ['KIT', 'ROUNDS'],
  '/api/v1/kinds': ['KIT', 'STOCK'],
  '/api/v1/removed': ['KIT'],
  '/api/v1/pails/removed': ['PAILS'],
  '/api/v1/normal-days': ['KIT', 'PAILS'],
  '/api/v1/wipes': ['KIT', 'PAILS', 'STOCK'],
  '/api/v1/record': ['ROUNDS', 'SEEN', 'KIT'],
  '/api/v1/record/taps': ['SEEN', 'KIT'],
  '/api/v1/record/marked': ['SEEN', 'KIT'],
}

/** Returns whether what is kept under this key may have changed with these topics. */
export function isAbout(key: readonly unknown[], topics: readonly Topic[]): boolean {
  const paths = key.filter((part): part is GetPath => typeof part === 'string')
  return paths.some((path) => {
    const about = ABOUT[path]
    return about === undefined || about.some((topic) => topics.includes(topic))
  })
}
