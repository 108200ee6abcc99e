import { glossaryWords, helpWords } from '@jovrin/contract'
import { cleanup, screen, within } from '@testing-library/react'
import { hand, typeOver } from '../../testing/hand.js'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { renderPage } from '../../testing/renderPage.js'
import { OpenTermContext } from '../../ui/openTerm.js'
import { WithTerms } from '../../ui/terms.js'
import { GUIDE, sectionOf } from './guide.js'
import { HelpSheet } from './HelpSheet.js'

beforeEach(() => {
  Element.prototype.scrollIntoView = () => undefined
})
afterEach(cleanup)
const show = (at: string, term: string | null = null): void =>
  void renderPage(<HelpSheet term={term} onShortcuts={() => undefined} onClose={() => undefined} />, { at })
const shown = (): string[] => screen.getAllByRole('region').map((region) => region.getAttribute('aria-label') ?? '')

describe('the guide', () => {
  test('has a part for every place that sends there', () => {
    const ids = GUIDE.map(({ id }) => id)
    for (const path of ['/', '/new', '/today', '/answers/gas', '/workings', '/library', '/settings'])
      expect([path, ids.includes(sectionOf(path) ?? '')]).toEqual([path, true])
    for (const place of ['plan', 'balance', 'calendar', 'journal'])
      expect([place, ids.includes(sectionOf(`/tanks/x/${place}`) ?? '')]).toEqual([place, true])
    expect(new Set(ids).size).toBe(ids.length)
  })
  test('opens at the place that one is in', () => {
    show('/tanks/x/journal')
    expect(within(screen.getByRole('region', { name: 'Keep a journal' })).getByText(helpWords.here)).toBeTruthy()
  })
  test('is searched together with the terms, and says when nothing fits', async () => {
    show('/')
    const search = screen.getByLabelText(helpWords.search)
    await typeOver(search, 'degassed')
    expect(shown()).toContain('Keep a journal')
    expect(shown()).toContain(helpWords.terms)
    expect(shown()).not.toContain('Files and backups')
    await typeOver(search, 'osmosis')
    expect(screen.getByText(glossaryWords['purified-water'][0])).toBeTruthy()
    await typeOver(search, 'zyzzyva')
    expect(screen.getByRole('status').textContent).toBe(helpWords.none)
  })
})

describe('terms in sentences', () => {
  const asked: string[] = []
  const say = (sentence: string): void =>
    void renderPage(
      <OpenTermContext value={(term) => asked.push(term)}>
        <p>
          <WithTerms>{sentence}</WithTerms>
        </p>
      </OpenTermContext>,
    )
  test('open the glossary, each once, and leave the sentence as it was', async () => {
    say('Below KH 2 pH and KH tell little: titrate KH, or use the indicator.')
    expect(document.querySelector('p')?.textContent).toBe('Below KH 2 pH and KH tell little: titrate KH, or use the indicator.')
    expect(screen.getAllByRole('button').map(({ textContent }) => textContent)).toEqual(['KH', 'indicator'])
    await hand.click(screen.getByRole('button', { name: helpWords.term('Indicator') }))
    expect(asked).toEqual(['indicator'])
  })
  test('are not found within other words', () => {
    say('Melting carpets of KHAKI.')
    expect(screen.queryByRole('button')).toBeNull()
  })
})
