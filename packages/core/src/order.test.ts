import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join, relative } from 'node:path'
import { expect, test } from 'vitest'

/** The words of the craft in their order: a folder may import only from folders above it, or from itself. */
const ORDER = [
  'quantity',
  'numeric',
  'species',
  'plan',
  'tank',
  'ground',
  'hardscape',
  'salts',
  'water',
  'light',
  'gas',
  'feed',
  'planting',
  'livestock',
  'algae',
  'ecosystem',
  'startup',
  'absence',
  'routine',
  'journal',
  'judge',
  'trial',
  'practice',
  'budget',
  'intent',
  'safety',
]
/** Pure computation that is not the heart of the craft. */
const LIBRARIES = ['polygon-clipping']
const ROOT = import.meta.dirname

const files = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    return statSync(path).isDirectory() ? files(path) : path.endsWith('.ts') ? [path] : []
  })

const sources = files(ROOT).filter((path) => !path.endsWith('.test.ts') && !relative(ROOT, path).startsWith('testing'))

test('every import in core points upwards in the order of words', () => {
  let seen = 0
  const wrong: string[] = []
  for (const path of sources) {
    const [word = ''] = relative(ROOT, path).split('/')
    if (word.endsWith('.ts')) continue // index.ts and workings.ts collect from all words
    for (const [, target = ''] of readFileSync(path, 'utf8').matchAll(/from '([^']+)'/g)) {
      seen++
      if (!target.startsWith('.')) {
        if (LIBRARIES.includes(target)) continue
        wrong.push(`${relative(ROOT, path)} imports ${target}`)
        continue
      }
      const [to = ''] = relative(ROOT, join(path, '..', target)).split('/')
      if (ORDER.indexOf(to) < 0 || ORDER.indexOf(to) > ORDER.indexOf(word)) wrong.push(`${relative(ROOT, path)} imports ${to}`)
    }
  }
  expect(seen).toBeGreaterThan(100)
  expect(wrong).toEqual([])
})

test('core holds no sentence for users: texts are in contract’s catalogue', () => {
  const sentences: string[] = []
  let strings = 0
  for (const path of sources) {
    const code = readFileSync(path, 'utf8')
      .replace(/\/\*[\s\S]*?\*\//g, '')
      .replace(/(^|\s)\/\/.*$/gm, '$1')
      // Notation, citations, and messages for developers.
      .replace(/(source:|formula:|SOURCE =)\s*(?:'[^']*'|`[^`]*`)/g, '$1')
      .replace(/(?:throw new \w+|super)\(\s*(?:'[^']*'|`[^`]*`)/g, '')
    for (const [, text = ''] of code.matchAll(/'([^'\n]*)'/g)) {
      strings++
      if (/[a-z]+ [a-z]+ [a-z]+ [a-z]+/.test(text)) sentences.push(`${relative(ROOT, path)}: ${text}`)
    }
  }
  expect(strings).toBeGreaterThan(500)
  expect(sentences).toEqual([])
})
