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
  '/api/catalogue': [],
  '/api/estimates/{model}': [],
  '/api/household': ['KIT'],
  '/api/people': ['KIT'],
  '/api/machines': ['KIT'],
  '/api/dryers': ['KIT'],
  '/api/places': ['KIT'],
  '/api/schools': ['KIT'],
  '/api/products': ['KIT', 'ROUNDS'],
  '/api/products/left': ['KIT', 'ROUNDS'],
  '/api/kinds': ['KIT', 'STOCK'],
  '/api/kit/removed': ['KIT'],
  '/api/pails/removed': ['PAILS'],
  '/api/normal-days': ['KIT', 'PAILS'],
  '/api/wipes': ['KIT', 'PAILS', 'STOCK'],
  '/api/record': ['ROUNDS', 'SEEN', 'KIT'],
  '/api/record/taps': ['SEEN', 'KIT'],
}

/** Returns whether what is kept under this key may have changed with these topics. */
export function isAbout(key: readonly unknown[], topics: readonly Topic[]): boolean {
  const paths = key.filter((part): part is GetPath => typeof part === 'string')
  return paths.some((path) => {
    const about = ABOUT[path]
    return about === undefined || about.some((topic) => topics.includes(topic))
  })
}
