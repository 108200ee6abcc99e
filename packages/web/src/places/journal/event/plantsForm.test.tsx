import 'fake-indexeddb/auto'
import { journalWords, plantDeedWords, raisedWords, refusedWords } from '@jovrin/contract'
import type { JournalRecord } from '@jovrin/core'
import { cleanup, screen, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { barePlan } from '../../../testing/builtPlan.js'
import { faultAt } from '../../../testing/faultAt.js'
import { hand, press, type } from '../../../testing/hand.js'
import { libraryPlant } from '../../../testing/libraryPlants.js'
import { renderPage } from '../../../testing/renderPage.js'
import { standInServer } from '../../../testing/standInServer.js'
import { EventForm } from './EventForm.js'
import { shrimps } from '../../../testing/animals.js'

const { field } = journalWords
const redStem = libraryPlant('Ammannia pedicellata')
const corners = [0, 20, 40].map((xCm) => ({ xCm, yCm: xCm === 20 ? 20 : 0, isRound: false }))
const mapped = {
  revision: 1,
  canUndo: false,
  canRedo: false,
  plan: {
    ...barePlan,
    animals: shrimps(5, 35),
    flora: [redStem],
    beds: [
      {
        id: 'b1',
        name: 'Red corner',
        outline: corners,
        plants: [{ id: 'p1', species: redStem.id, share: 1 }],
        start: 'pot',
        spacingCm: null,
        stands: 'water',
        cutCm: null,
      },
    ],
  },
}
/** From a list of choices. */
async function choose(label: string, option: RegExp | string): Promise<void> {
  await hand.click(screen.getByRole('combobox', { name: label }))
  await hand.click(await screen.findByRole('option', { name: option }))
}

beforeEach(() => {
  sessionStorage.clear()
  standInServer(({ path }) => (path.startsWith('/api/species') ? { status: 200, body: [redStem] } : { status: 200, body: mapped }))
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})

describe('plants that came and went', () => {
  const show = (): { readonly told: JournalRecord[] } => {
    const told: JournalRecord[] = []
    renderPage(
      <EventForm
        tankId="01920000-0000-7000-8000-0000000000aa"
        timeZone="Europe/Berlin"
        kind="plants"
        submitLabel="Log"
        onSubmit={async (event) => void (await Promise.resolve(told.push(event)))}
      />,
    )
    return { told }
  }
  test('plants by an older name: counted by what is known of them; of a kind alone, by nothing', async () => {
    const { told } = show()
    await type(field.plant, 'nesaea')
    await hand.click(await screen.findByRole('option', { name: /Ammannia pedicellata/ }))
    await type(/^How many/, '3')
    expect(screen.getByText(/^About 24 portions, 2.1 g dry as planted\./)).toBeTruthy()
    expect(screen.getByText(journalWords.shrimpsWarned)).toBeTruthy()
    await choose(field.bed, '1 Red corner')
    await press('Log')
    await waitFor(() =>
      expect(told).toMatchObject([
        {
          kind: 'plants',
          deed: 'added',
          species: redStem.id,
          plant: 'Ammannia pedicellata',
          plantKind: 'stems',
          count: 3,
          portions: 24,
          bed: 'b1',
        },
      ]),
    )
    cleanup()
    const bare = show()
    await choose(field.deed, plantDeedWords.arrived)
    await choose(field.raised, raisedWords['in-culture'])
    expect(screen.queryByText(journalWords.shrimpsWarned)).toBeNull()
    expect(screen.queryByLabelText(field.bed)).toBeNull()
    await press('Log')
    await waitFor(() =>
      expect(bare.told).toMatchObject([{ species: null, plantKind: 'stems', portions: null, dryG: null, heldUntil: null }]),
    )
  })
  test('plants that are moved say where they stand now, and that it is another patch', async () => {
    const { told } = show()
    await choose(field.deed, plantDeedWords.moved)
    await press('Log')
    expect(await faultAt(field.toBed)).toBe(refusedWords.rules.moved_nowhere)
    expect(told).toEqual([])
  })
})
