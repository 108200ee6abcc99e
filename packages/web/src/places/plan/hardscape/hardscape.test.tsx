import { hardscapeWords, planWords, PlanSchema } from '@jovrin/contract'
import { areaCm2, boundsOf, centreOf, compositionOf, type Eye, lineOf, type Piece, type PlacedPiece, type Plan } from '@jovrin/core'
import { cleanup, configure, fireEvent, screen, within } from '@testing-library/react'
import { useState } from 'react'
import { afterEach, describe, expect, test } from 'vitest'
import type { Overlay } from '../../../drawing/plan/PlanOverlays.js'
import { builtPlan } from '../../../testing/builtPlan.js'
import { renderSheet } from '../../../testing/withDesk.js'
import type { Desk } from '../desk.js'
import { HardscapeMargin } from './HardscapeMargin.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
afterEach(cleanup)
const text = hardscapeWords
const Margin = ({ desk }: { desk: Desk }) => {
  const [pieceId, choose] = useState<string | null>('main')
  const [overlays, setOverlays] = useState<readonly Overlay[]>(['thirds'])
  const [eye, setEye] = useState<Eye | null>(null)
  const placed = desk.figures.pieces.flatMap(({ placed: one }): PlacedPiece[] => (one === null ? [] : [one]))
  const { inner } = desk.figures
  return (
    <HardscapeMargin
      desk={desk}
      pieceId={pieceId}
      composition={compositionOf(placed, inner.lengthCm, inner.widthCm)}
      placed={placed}
      onChoose={choose}
      overlays={overlays}
      onOverlays={setOverlays}
      outline="none"
      onOutline={() => undefined}
      eye={eye}
      onEye={setEye}
    />
  )
}
const show = (plan: Plan = builtPlan) => {
  const work = renderSheet(plan, (desk) => <Margin desk={desk} />)
  return { ...work, piece: (id = 'main'): Piece => work.valid().hardscape.find((one) => one.id === id)! }
}
const press = (name: RegExp | string): void => {
  const found = [...document.querySelectorAll('button')].find((button) =>
    typeof name === 'string' ? button.textContent === name : name.test(button.textContent),
  )
  if (found === undefined) throw new Error(`no button ${String(name)}`)
  fireEvent.click(found)
}
const outlineOf = (piece: Piece) => lineOf(piece.outline ?? [])

describe('a piece', () => {
  test('turns about its middle and keeps its area', () => {
    const { piece } = show()
    const before = outlineOf(piece())
    press(text.turnBy('15'))
    // Corners are kept to a hundredth of a millimetre.
    expect(areaCm2(outlineOf(piece()))).toBeCloseTo(areaCm2(before), 1)
    expect(centreOf(outlineOf(piece())).xCm).toBeCloseTo(centreOf(before).xCm, 2)
    expect(outlineOf(piece())[0]).not.toEqual(before[0])
  })
  test('scaled by a tenth it covers a fifth more, and stands a tenth higher', () => {
    const { piece } = show()
    const before = piece()
    press(text.scaleBy('110'))
    expect(areaCm2(outlineOf(piece())) / areaCm2(outlineOf(before))).toBeCloseTo(1.21, 6)
    expect(piece().heightCm).toBeCloseTo((before.heightCm ?? 0) * 1.1, 6)
  })
  test('mirrored twice it is as it was', () => {
    const { piece } = show()
    const before = boundsOf(outlineOf(piece()))
    press(text.mirror)
    press(text.mirror)
    const after = boundsOf(outlineOf(piece()))
    for (const side of ['left', 'right', 'front', 'back'] as const) expect(after[side]).toBeCloseTo(before[side], 6)
  })
  test('a copy has an id of its own and is chosen', () => {
    const { valid } = show()
    press(planWords.duplicate)
    const ids = valid().hardscape.map(({ id }) => id)
    expect(ids).toHaveLength(5)
    expect(new Set(ids).size).toBe(5)
    expect(PlanSchema.safeParse(valid()).success).toBe(true)
  })
  test('over and under are the order of the list', () => {
    const { valid } = show()
    press(text.over)
    expect(
      valid()
        .hardscape.map(({ id }) => id)
        .slice(0, 2),
    ).toEqual(['second', 'main'])
    press(text.under)
    expect(valid().hardscape[0]?.id).toBe('main')
  })
  test('a silhouette is drawn on demand, and plain again on demand', () => {
    const { piece } = show()
    press(text.editProfile)
    expect(piece().profile?.length).toBeGreaterThan(3)
    press(text.plainProfile)
    expect(piece().profile).toBeNull()
  })
  test('one without a place gets one inside the glass', () => {
    const { piece, valid } = show({
      ...builtPlan,
      hardscape: builtPlan.hardscape.map((one, index) => (index === 0 ? { ...one, outline: null } : one)),
    })
    press(text.place)
    const { left, right, front, back } = boundsOf(outlineOf(piece()))
    expect(left >= 0 && front >= 0 && right <= 110 && back <= 50).toBe(true)
    expect(PlanSchema.safeParse(valid()).success).toBe(true)
  })
  test('taken out it is gone, in one gesture', () => {
    const { valid, kept } = show()
    press(text.remove)
    expect(valid().hardscape.map(({ id }) => id)).toEqual(['second', 'third', 'root'])
    expect(kept).toHaveLength(1)
  })
})

describe('the list and its figures', () => {
  test('weighed masses stand bare, reckoned ones with a sign', () => {
    show()
    const mass = (name: string): string => within(screen.getAllByText(name)[0]!.closest('tr')!).getAllByRole('cell')[2]!.textContent
    expect(mass('main')).toMatch(/^3 kg/)
    expect(mass('second')).toMatch(/^≈ /)
  })
  test('a new stone is placed and chosen', () => {
    const { valid } = show()
    press(text.addStone)
    expect(valid().hardscape).toHaveLength(5)
    expect(valid().hardscape.at(-1)?.outline?.length).toBeGreaterThan(3)
  })
  test('what is measured opens with its sum; without pieces only the floor is measured', () => {
    show()
    for (const name of [text.figure.openFloor, text.figure.gap, text.figure.second, text.figure.displaces])
      expect(screen.getByText(name).closest('tr')?.querySelector('[aria-haspopup=dialog]'), name).not.toBeNull()
    cleanup()
    show({ ...builtPlan, hardscape: [] })
    expect(screen.getByText(text.nothing)).toBeTruthy()
    expect(screen.getByText(text.figure.gap).closest('tr')?.querySelector('[aria-haspopup=dialog]')).toBeNull()
  })
  test('an eye on the couch has a place of its own, and can leave again', () => {
    show()
    press(text.views.couch)
    expect(screen.getByLabelText(new RegExp(`^${text.eyeAway}`))).toBeTruthy()
    press(text.views.front)
    expect(screen.queryByLabelText(new RegExp(`^${text.eyeAway}`))).toBeNull()
  })
  test('overlays come and go', () => {
    show()
    const box = (): HTMLInputElement => screen.getByLabelText(text.overlay.golden)
    expect(box().checked).toBe(false)
    fireEvent.click(box())
    expect(box().checked).toBe(true)
  })
  test('wood that floats stands in the fixing list with the stone that holds it', () => {
    show()
    expect(screen.getByText(/wood: .*floats: .* of stone holds it/)).toBeTruthy()
  })
})
