import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

/** The shapes that the API speaks, by name. */
export type Api = components['schemas']

/** An error document: a sentence for the person, and the field it is about. */
export class Problem extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly field?: string,
    readonly current?: unknown,
  ) {
    super(message)
  }
}

export const api = createClient<paths>({ baseUrl: '' })

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/**
 * Returns what a call answers, or throws a {@link Problem} with the sentence of its error document.
 *
 * @example const line = await answer(api.GET('/api/line'))
 */
export async function answer<T>(call: Promise<Answer<T>>): Promise<T> {
  let result: Answer<T>
  try {
    result = await call
  } catch {
    throw new Problem('Nest Rinse does not answer. Is it still running?', 0)
  }
  if (!result.response.ok) {
    const said = (result.error ?? {}) as { detail?: string; field?: string; current?: unknown }
    const sentence = said.detail ?? 'That did not work. Nothing was changed.'
    throw new Problem(sentence, result.response.status, said.field, said.current)
  }
  return result.data as T
}
