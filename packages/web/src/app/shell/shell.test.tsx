import { cleanup, fireEvent, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { renderPage } from '../../testing/renderPage.js'
import { useShortcuts } from '../useShortcuts.js'
import { placeOf, titleOf } from './placeOf.js'
import { switchSingleKeys, useSingleKeys } from './singleKeys.js'

beforeEach(() => localStorage.clear())
afterEach(cleanup)

describe('keys', () => {
  const heard: string[] = []
  const Bench = () => {
    const isOn = useSingleKeys()
    useShortcuts({ n: () => heard.push('n'), 'g s': () => heard.push('g s'), s: () => heard.push('s') }, isOn)
    return <input aria-label="text" />
  }
  const key = (name: string, target: Element | Window = window, more: object = {}): void =>
    void fireEvent.keyDown(target, { key: name, ...more })
  beforeEach(() => {
    heard.length = 0
    switchSingleKeys(true)
    renderPage(<Bench />)
  })
  test('one key, and two in a row', () => {
    key('n')
    key('g')
    key('s')
    expect(heard).toEqual(['n', 'g s'])
  })
  test('not while somebody types, nor with a modifier held', () => {
    key('n', screen.getByLabelText('text'))
    key('n', window, { ctrlKey: true })
    expect(heard).toEqual([])
  })
  test('switched off they do nothing, at once and until they are switched on', () => {
    switchSingleKeys(false)
    cleanup()
    renderPage(<Bench />)
    key('n')
    expect(heard).toEqual([])
    expect(localStorage.getItem('jovrin.singleKeys')).toBe('off')
  })
})

describe('a page', () => {
  test.each([
    ['/', null, 'Shelf · Jovrin'],
    ['/today', null, 'Today · Jovrin'],
    ['/tanks/x/plan/vessel', 'River', 'Vessel · Plan · River · Jovrin'],
    ['/tanks/x/journal', null, 'Journal · Jovrin'],
    ['/answers/gas', null, 'Answers · Jovrin'],
    ['/nowhere', null, 'Jovrin'],
  ])('%s of %s is titled %s', (path, tank, title) => {
    expect(titleOf(path, tank)).toBe(title)
  })
  test('sheets of one plan and questions of the answers are one place; another tank is another', () => {
    expect(placeOf('/tanks/x/plan/vessel').key).toBe(placeOf('/tanks/x/plan').key)
    expect(placeOf('/answers/gas').key).toBe(placeOf('/answers').key)
    expect(placeOf('/tanks/y/plan').key).not.toBe(placeOf('/tanks/x/plan').key)
  })
})
