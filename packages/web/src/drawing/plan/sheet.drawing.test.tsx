import { GOLDEN, outletReaches, tankFigures } from '@jovrin/core'
import { cleanup, render } from '@testing-library/react'
import { afterEach, describe, expect, test } from 'vitest'
import { builtPlan } from '../../testing/builtPlan.js'
import { CutDrawing } from './CutDrawing.js'
import { planLayout, xPx, yPx } from './planLayout.js'
import { PlanBarriers, PlanFloor, PlanTabs, PlanZoneNames, PlanZones } from './PlanFloor.js'
import { CutLine, PlanJets, PlanOverlays, type Overlay } from './PlanOverlays.js'
import { PlanPieces } from './PlanPieces.js'

afterEach(cleanup)
const figures = tankFigures(builtPlan)
const { inner } = figures
const layout = planLayout(inner, 760, 420)
const svgOf = (children: React.ReactNode): SVGSVGElement => render(<svg>{children}</svg>).container.querySelector('svg')!
const numbersOf = (d: string | null): number[] => (d?.match(/-?\d+(\.\d+)?/g) ?? []).map(Number)
const texts = (svg: Element): string[] => [...svg.querySelectorAll('text')].map(({ textContent }) => textContent.trim())

describe('the floor', () => {
  test('is drawn to scale inside its glass, with both measures', () => {
    const svg = svgOf(
      <PlanFloor layout={layout} ground={figures.ground} prefix="p" lengthLabel="107.6 cm" widthLabel="47.6 cm" frontLabel="front pane" />,
    )
    const [floor] = svg.querySelectorAll('rect')
    expect(Number(floor?.getAttribute('width')) / Number(floor?.getAttribute('height'))).toBeCloseTo(inner.lengthCm / inner.widthCm, 6)
    expect(texts(svg)).toEqual(expect.arrayContaining(['107.6 cm', '47.6 cm', 'front pane']))
  })
  test('a zone lies where it was drawn, with the hatch of its uppermost ground and its name over it', () => {
    const svg = svgOf(
      <>
        <PlanZones layout={layout} zones={builtPlan.zones} prefix="p" />
        <PlanZoneNames layout={layout} zones={builtPlan.zones} />
      </>,
    )
    const [first] = svg.querySelectorAll('path')
    expect(numbersOf(first?.getAttribute('d') ?? null).slice(0, 2)).toEqual([
      Number(xPx(layout, 45).toFixed(1)),
      Number(yPx(layout, 0).toFixed(1)),
    ])
    expect([...svg.querySelectorAll('path')].some((path) => path.getAttribute('fill')?.includes('sand'))).toBe(true)
    expect(texts(svg)).toEqual(['Path'])
  })
  test('bare ground is dashed', () => {
    const svg = svgOf(
      <PlanZones layout={layout} zones={builtPlan.zones.map((zone) => ({ ...zone, purpose: 'bare' as const }))} prefix="p" />,
    )
    expect([...svg.querySelectorAll('path')].some((path) => path.getAttribute('stroke-dasharray') === '4 3')).toBe(true)
  })
  test('a wall is heavier while it is chosen; tabs are crosses, capsules rings', () => {
    const width = (chosenId: string | null): number => {
      const svg = svgOf(<PlanBarriers layout={layout} barriers={builtPlan.barriers} chosenId={chosenId} />)
      const stroke = Number(svg.querySelector('path')?.getAttribute('stroke-width'))
      cleanup()
      return stroke
    }
    expect(width('b1')).toBeGreaterThan(width(null))
    const marks = svgOf(<PlanTabs layout={layout} tabs={builtPlan.tabs} />)
    expect([marks.querySelectorAll('path').length, marks.querySelectorAll('ellipse').length]).toEqual([1, 1])
    expect(Number(marks.querySelector('ellipse')?.getAttribute('cx'))).toBeCloseTo(xPx(layout, 80), 6)
  })
  test('every piece with a place is drawn; one without is not', () => {
    const unplaced = builtPlan.hardscape.map((piece, index) => (index === 0 ? { ...piece, outline: null } : piece))
    const count = (pieces: typeof builtPlan.hardscape): number => {
      const found = svgOf(<PlanPieces layout={layout} pieces={pieces} prefix="p" />).querySelectorAll('path').length
      cleanup()
      return found
    }
    expect(count(unplaced)).toBeLessThan(count(builtPlan.hardscape))
  })
})

describe('overlays', () => {
  const lines = (overlay: Overlay): SVGSVGElement =>
    svgOf(<PlanOverlays layout={layout} overlays={[overlay]} lengthCm={inner.lengthCm} widthCm={inner.widthCm} gapCm={3} />)
  test('thirds and golden section stand at their shares of the length', () => {
    expect(numbersOf(lines('thirds').querySelector('path')?.getAttribute('d') ?? null)[0]).toBeCloseTo(xPx(layout, inner.lengthCm / 3), 6)
    cleanup()
    expect(numbersOf(lines('golden').querySelector('path')?.getAttribute('d') ?? null)[0]).toBeCloseTo(
      xPx(layout, inner.lengthCm * GOLDEN),
      6,
    )
  })
  test('the rear strip is the back third, the tool gap runs all round', () => {
    const rear = lines('rear').querySelector('rect')
    expect(Number(rear?.getAttribute('y'))).toBe(layout.top)
    expect(Number(rear?.getAttribute('height'))).toBeCloseTo((inner.widthCm / 3) * layout.pxPerCm, 6)
    cleanup()
    const gap = lines('gap').querySelector('rect')
    expect(Number(gap?.getAttribute('width'))).toBeCloseTo((inner.lengthCm - 6) * layout.pxPerCm, 6)
  })
  test('in a tank too small for a gap it does not turn inside out', () => {
    const svg = svgOf(<PlanOverlays layout={layout} overlays={['gap']} lengthCm={5} widthCm={4} gapCm={3} />)
    expect(Number(svg.querySelector('rect')?.getAttribute('width'))).toBe(0)
  })
  test('nothing chosen, nothing drawn', () =>
    expect(
      svgOf(<PlanOverlays layout={layout} overlays={[]} lengthCm={100} widthCm={40} gapCm={3} />).querySelectorAll('path,rect'),
    ).toHaveLength(0))
  test('jets: one outlet with its cone, and a shade for each spot that none reaches', () => {
    const svg = svgOf(
      <PlanJets
        layout={layout}
        outlets={builtPlan.outlets}
        reachesCm={outletReaches(builtPlan, figures)}
        dead={[
          { xCm: 10, yCm: 10, dxCm: 4, dyCm: 4 },
          { xCm: 14, yCm: 10, dxCm: 4, dyCm: 4 },
        ]}
      />,
    )
    expect(svg.querySelectorAll('circle')).toHaveLength(1)
    expect(svg.querySelectorAll('g > rect')).toHaveLength(2)
  })
})

describe('a cut', () => {
  const cut = (yCm: number): SVGSVGElement =>
    render(
      <CutDrawing
        ground={figures.ground}
        from={{ xCm: 0, yCm }}
        to={{ xCm: inner.lengthCm, yCm }}
        width={760}
        pxPerCm={layout.pxPerCm}
        left={layout.left}
        waterDepthCm={inner.waterDepthCm}
        name="along"
        description="cut"
        height={(cm) => `${cm.toFixed(1)} cm`}
      />,
    ).container.querySelector('svg')!
  test('tells the depths at both ends', () => {
    const ends = texts(cut(20)).filter((text) => text.endsWith('cm'))
    expect(ends).toHaveLength(2)
    expect(ends[0]).toBe(ends[1])
  })
  test('further back is deeper', () => {
    const depth = (yCm: number): number => {
      const value = Number.parseFloat(texts(cut(yCm)).find((text) => text.endsWith('cm')) ?? '')
      cleanup()
      return value
    }
    expect(depth(40)).toBeGreaterThan(depth(5))
  })
  test('its line on the plan carries a letter at both ends', () => {
    expect(texts(svgOf(<CutLine layout={layout} from={{ xCm: 0, yCm: 20 }} to={{ xCm: 100, yCm: 20 }} label="A" />))).toEqual(['A', 'A'])
    cleanup()
    const [line] = svgOf(<CutLine layout={layout} from={{ xCm: 5, yCm: 5 }} to={{ xCm: 5, yCm: 5 }} label="A" />).querySelectorAll('path')
    expect(line?.getAttribute('d')).not.toContain('NaN')
  })
})
