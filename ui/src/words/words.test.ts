import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import de from './de.json'
import en from './en.json'
import { pseudo } from './pseudo'

const SOURCES = join(__dirname, '..')
/** Keys whose last part is a constant of the API: `named.COTTON`. */
const BY_CONSTANT = /^(named|day|shortDay|phase|count|unit)\./
const PLACE = /\{(\w+)\}/g
/** Turns that read like a translation. */
const LONGEST_SENTENCE = 15
const LONGEST_GERMAN = 18
const BANNED =
  /\b(is told|is said|so many|bears?|goes over|otherwise than|travel with|Nothing waits\.|bulk|school|residue|trim)\b/i

function flat(messages: object, before = ''): [string, string][] {
  return Object.entries(messages).flatMap(([key, value]) =>
    typeof value === 'string'
      ? [[before + key, value] as [string, string]]
      : flat(value as object, `${before}${key}.`),
  )
}
const messages = new Map(flat(en))

function files(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) return entry.name === 'words' ? [] : files(path)
    return /\.(vue|ts)$/.test(entry.name) ? [path] : []
  })
}

/** The text of a call from its opening bracket to the closing one. */
function bracketed(text: string, start: number) {
  let depth = 0
  for (let i = start; i < text.length; i++) {
    if (text[i] === '(') depth++
    if (text[i] === ')' && --depth === 0) return text.slice(start, i + 1)
  }
  return text.slice(start)
}

interface Call {
  key: string
  values: string[]
}

/** Calls of `t('key', { value })` in a file; the values are the names in its object. */
function calls(text: string): Call[] {
  return [...text.matchAll(/\bt(\(\s*)'([a-z]\w*(?:\.\w+)+)'/g)].map((match) => {
    const source = ts.createSourceFile(
      'call.ts',
      `t${bracketed(text, match.index + 1)}`,
      ts.ScriptTarget.Latest,
      true,
    )
    const statement = source.statements[0]
    const call =
      statement && ts.isExpressionStatement(statement) && ts.isCallExpression(statement.expression)
        ? statement.expression.arguments
        : []
    const values = call[1]
    return {
      key: match[2] ?? '',
      values:
        values && ts.isObjectLiteralExpression(values)
          ? values.properties.map((p) => p.name?.getText() ?? '')
          : values
            ? ['count']
            : [],
    }
  })
}

const texts = files(SOURCES).map((file) => readFileSync(file, 'utf8'))

describe('the words of the interface', () => {
  it('are all there, each with the values it is given', () => {
    const wrong = texts.flatMap(calls).filter(({ key, values }) => {
      const places = new Set([...(messages.get(key) ?? '').matchAll(PLACE)].map((m) => m[1]))
      places.delete('count')
      return (
        !messages.has(key) ||
        [...places].sort().join() !==
          values
            .filter((v) => v !== 'count')
            .sort()
            .join()
      )
    })
    expect(wrong).toEqual([])
  })

  it('are all used', () => {
    const all = texts.join('\n')
    const unused = [...messages.keys()].filter(
      (key) => !BY_CONSTANT.test(key) && !all.includes(`'${key}'`),
    )
    expect(unused).toEqual([])
  })

  it('are none of the banned turns', () => {
    expect([...messages].filter(([, words]) => BANNED.test(words.replace(PLACE, '')))).toEqual([])
  })

  it('have no sentence longer than fifteen words', () => {
    const long = [...messages].filter(([, words]) =>
      words
        .replace(PLACE, 'X')
        .split(/ \| |[.:;?]/)
        .some((sentence) => sentence.trim().split(/\s+/).length > LONGEST_SENTENCE),
    )
    expect(long).toEqual([])
  })

  it('have the same values in both forms of a plural', () => {
    const uneven = [...messages].filter(([, words]) => {
      const forms = words.split(' | ').map((form) =>
        [...form.matchAll(PLACE)]
          .map((m) => m[1])
          .filter((v) => v !== 'count')
          .sort()
          .join(),
      )
      return new Set(forms).size > 1
    })
    expect(uneven).toEqual([])
  })
})

describe('the figures of the interface', () => {
  it('get their degrees from the measures of the device', () => {
    const beside = texts.flatMap((text) => text.match(/\}°.*/g) ?? [])
    expect(beside).toEqual([])
    expect([...messages].filter(([, words]) => words.includes('}°'))).toEqual([])
  })
})

describe('the German words of the interface', () => {
  const german = new Map(flat(de))
  const values = (words: string) =>
    [...new Set([...words.matchAll(PLACE)].map((m) => m[1]))].filter((v) => v !== 'count').sort()

  it('are there for the same keys, with the same values and forms', () => {
    expect([...german.keys()].sort()).toEqual([...messages.keys()].sort())
    const uneven = [...messages].filter(([key, words]) => {
      const other = german.get(key) ?? ''
      return (
        values(words).join() !== values(other).join() ||
        words.split(' | ').length !== other.split(' | ').length
      )
    })
    expect(uneven).toEqual([])
  })

  it('are not left in English', () => {
    const english =
      /\b(the|and|of|with|your|wash|dry|piece|pieces|shelf|pail|rinse|add|save|undo|nothing)\b/i
    expect(
      [...german].filter(([, words]) =>
        english.test(words.replace(PLACE, '').replaceAll('Nest Rinse', '')),
      ),
    ).toEqual([])
  })

  it('say du throughout, and keep sentences short', () => {
    expect(
      [...german].filter(([, words]) => /\b(Ihnen|Ihrer|Sie haben|Sie können)\b/.test(words)),
    ).toEqual([])
    const long = [...german].filter(([, words]) =>
      words
        .replace(PLACE, 'X')
        .split(/ \| |[.:;?]/)
        .some((sentence) => sentence.trim().split(/\s+/).length > LONGEST_GERMAN),
    )
    expect(long).toEqual([])
  })
})

describe('the language of tests', () => {
  it('draws words out and leaves values and plurals alone', () => {
    expect(pseudo({ a: '{count} load | {count} loads' })).toEqual({
      a: '{count} lóóáád | {count} lóóááds',
    })
  })
})
