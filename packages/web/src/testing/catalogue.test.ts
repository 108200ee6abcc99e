import * as contract from '@jovrin/contract'
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { expect, test } from 'vitest'

const WEB = join(import.meta.dirname, '..')
const PLACES = join(WEB, '../../contract/src/text/en/places')
const files = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    return statSync(path).isDirectory() ? files(path) : /\.tsx?$/.test(name) && !name.includes('.test.') ? [path] : []
  })

test('no text of a place is left behind by the screen that showed it', () => {
  const code = [...files(WEB), ...files(join(WEB, '../../server/src'))].map((path) => readFileSync(path, 'utf8'))
  const unused: string[] = []
  let seen = 0
  for (const path of files(PLACES))
    for (const [, name = ''] of readFileSync(path, 'utf8').matchAll(/^export const (\w+)/gm)) {
      const texts = (contract as Readonly<Record<string, unknown>>)[name]
      if (typeof texts !== 'object' || texts === null) continue
      const users = code.filter((text) => new RegExp(`\\b${name}\\b`).test(text))
      for (const key of Object.keys(texts).filter((one) => /^\w+$/.test(one))) {
        seen++
        if (!users.some((text) => new RegExp(`\\b${key}\\b`).test(text))) unused.push(`${name}.${key}`)
      }
    }
  expect(seen).toBeGreaterThan(300)
  expect(unused).toEqual([])
})
