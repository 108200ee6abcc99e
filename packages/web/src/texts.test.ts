import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { expect, test } from 'vitest'

const files = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    return statSync(path).isDirectory() ? files(path) : path.endsWith('.tsx') && !path.endsWith('.test.tsx') ? [path] : []
  })

test('no sentence stands in JSX: all texts come from the catalogue', () => {
  const sources = files(import.meta.dirname)
  const found: string[] = []
  for (const path of sources) {
    const text = readFileSync(path, 'utf8')
      .replace(/\{\/\*[\s\S]*?\*\/\}/g, '')
      .replace(/\/\*[\s\S]*?\*\//g, '')
      .replace(/^\s*\/\/.*$/gm, '')
    for (const [, words = ''] of text.matchAll(/>\s*([A-Za-z][A-Za-z ,.’'-]{2,})\s*<\//g))
      if (!/[=;(){}]/.test(words)) found.push(`${path}: ${words.trim()}`)
    for (const [, words = ''] of text.matchAll(/(?:aria-label|title|label|placeholder|alt)="([^"]+)"/g)) found.push(`${path}: ${words}`)
  }
  expect(sources.length).toBeGreaterThan(20)
  expect(found).toEqual([])
})
