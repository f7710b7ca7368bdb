import { t } from '../words'
import createClient, { type MaybeOptionalInit } from 'openapi-fetch'
import type { PathsWithMethod } from 'openapi-typescript-helpers'
import { VOICE_HEADER, voiceHeader } from '../words/voice'
import { furnishing, house } from './house'
import type { components, paths } from './schema'

/** The shapes that the API speaks, by name. */
export type Api = components['schemas']

/** An address that can be read. */
export type GetPath = PathsWithMethod<paths, 'get'>

/** What an address takes. */
export type InitOf<P extends GetPath> = MaybeOptionalInit<paths[P], 'get'>

/** What an address answers. */
export type AnswerOf<P extends GetPath> = paths[P] extends {
  get: { responses: { 200: { content: { 'application/json': infer Body } } } }
}
  ? Body
  : never

/** An error document: a sentence for the person, and the field it is about. */
export class Problem extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly field?: string,
    readonly current?: unknown,
    readonly allowed?: string,
    cause?: unknown,
  ) {
    super(message, { cause })
  }
}

const SAFE = ['GET', 'HEAD']
const TRIES = 3
const WAIT_MS = 700
const MS_PER_S = 1000
const UNAVAILABLE = 503

function wait(ms: number) {
  return new Promise((resolve) => setTimeout(resolve, ms))
}

/** Sends a request, and again for as long as the answer is that the house is not ready yet. */
async function sendWhenReady(request: Request): Promise<Response> {
  request.headers.set(VOICE_HEADER, voiceHeader())
  for (;;) {
    const response = await fetch(request.clone())
    const seconds = Number(response.headers.get('Retry-After') ?? 0)
    furnishing.value = response.status === UNAVAILABLE && seconds > 0
    if (!furnishing.value) return response
    await wait(seconds * MS_PER_S)
  }
}

/** A name that no other request has; `crypto.randomUUID` exists on secure addresses only. */
function freshKey() {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  return Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('')
}

/**
 * Sends a request that changes something with a key of its own, and again when the line broke before an answer came:
 * by the key it counts once, however often it arrives.
 */
export async function sendOnce(request: Request): Promise<Response> {
  if (SAFE.includes(request.method)) return sendWhenReady(request)
  request.headers.set('Idempotency-Key', freshKey())
  for (let left = TRIES - 1; ; left--) {
    try {
      return await sendWhenReady(request)
    } catch (error) {
      if (left === 0) throw error
      await wait(WAIT_MS)
    }
  }
}

export const api = createClient<paths>({ baseUrl: house, fetch: sendOnce })

/** Sends a file as it is, and returns what is answered. */
export async function upload<T>(path: string, body: Blob): Promise<T> {
  return answer<T>(
    sendOnce(
      new Request(new URL(house + path, window.location.href), { method: 'POST', body }),
    ).then(async (response) => {
      const text = await response.text()
      const json = text ? (JSON.parse(text) as unknown) : undefined
      return response.ok ? { data: json as T, response } : { error: json, response }
    }),
  )
}

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/**
 * Returns what a call answers, or throws a {@link Problem} with the sentence of its error document.
 *
 * @example const line = await answer(api.GET('/api/v1/line'))
 */
export async function answer<T>(call: Promise<Answer<T>>): Promise<T> {
  let result: Answer<T>
  try {
    result = await call
  } catch (cause) {
    throw new Problem(
      t('api.client.nestRinseDoesNotAnswer'),
      0,
      undefined,
      undefined,
      undefined,
      cause,
    )
  }
  if (!result.response.ok) {
    const said = (result.error ?? {}) as {
      detail?: string
      field?: string
      current?: unknown
      allowed?: string
    }
    const sentence = said.detail ?? t('api.client.thatDidNotWorkNothing')
    throw new Problem(sentence, result.response.status, said.field, said.current, said.allowed)
  }
  return result.data as T
}
