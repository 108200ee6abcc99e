import { groundHeightCm, levelOf, tankFigures, type Plan } from '@jovrin/core'
import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, test } from 'vitest'
import { sectionLabels } from '../../places/plan/sectionLabels.js'
import { barePlan, builtPlan } from '../../testing/builtPlan.js'
import { METRIC } from '../../testing/units.js'
import { sectionLayout } from './layout.js'
import { Section } from './Section.js'
import { SmallSection } from './SmallSection.js'
import { TiltedWater } from './TiltedWater.js'

afterEach(cleanup)
const show = (plan: Plan, props: Partial<Parameters<typeof Section>[0]> = {}): SVGSVGElement => {
  const figures = tankFigures(plan)
  render(
    <Section
      plan={plan}
      figures={figures}
      ageDays={60}
      labels={sectionLabels(plan, figures, METRIC, [['Open water', '175 L']], props.cutAtCm)}
      {...props}
    />,
  )
  return screen.getByRole('img') as unknown as SVGSVGElement
}
const texts = (svg: Element): string[] => [...svg.querySelectorAll('text')].map(({ textContent }) => textContent.trim())
const hatches = (svg: Element, name: string): number =>
  [...svg.querySelectorAll('path')].filter((path) => path.getAttribute('fill')?.includes(name)).length

describe('the sheet', () => {
  const layout = sectionLayout(tankFigures(builtPlan).vessel, 820, 540, 12)
  test('both views share one scale, and the scale is that of a screen’s inch', () => {
    expect((layout.front.right - layout.front.left) / 110).toBeCloseTo((layout.side.right - layout.side.left) / 50, 9)
    expect(layout.floorY - layout.rimY).toBeCloseTo((45 - 1.2) * layout.pxPerCm, 9)
    expect(layout.scaleDenominator).toBeCloseTo(10 / (layout.pxPerCm * (25.4 / 96)), 9)
  })
  test('everything stands between its margins, whatever the tank', () => {
    for (const [lengthCm, widthCm, heightCm] of [
      [20, 20, 20],
      [300, 40, 30],
      [30, 30, 180],
    ] as const) {
      const one = sectionLayout({ lengthCm, widthCm, heightCm, glassCm: 1, freeboardCm: 2 }, 820, 540, 20)
      expect(one.side.right).toBeLessThanOrEqual(820)
      expect(one.height).toBeLessThanOrEqual(540.001)
      expect(one.rimY).toBeGreaterThan(0)
    }
  })
})

describe('the drawing', () => {
  test('is lettered with its sizes, the depth of the ground where it is cut, and its title', () => {
    const svg = show(builtPlan)
    const { ground, inner } = tankFigures(builtPlan)
    const backCm = groundHeightCm(ground, inner.lengthCm / 2, inner.widthCm - 0.05)
    expect(texts(svg)).toEqual(
      expect.arrayContaining(['Front', 'Side', '110 cm', '50 cm', '45 cm', '20 cm', 'Built', '175 L', METRIC.show('length', backCm)]),
    )
  })
  test('a cut through the path shows less ground than one beside it', () => {
    const depthAt = (cutAtCm: number): string | undefined => {
      const svg = show(builtPlan, { cutAtCm })
      const [first] = texts(svg).filter((text) => /^\d+(\.\d+)? cm$/.test(text) && !['110 cm', '50 cm', '45 cm', '20 cm'].includes(text))
      cleanup()
      return first
    }
    expect(depthAt(52)).toBe('1.5 cm')
    expect(depthAt(90)).toBe('5.01 cm')
  })
  test('plants stand in it at an age, and none where a sheet wants none', () => {
    const planted = show(builtPlan).querySelectorAll('path').length
    cleanup()
    expect(show(builtPlan, { hasPlants: false }).querySelectorAll('path').length).toBeLessThan(planted)
  })
  test('each material has its own hatch', () => {
    const svg = show(builtPlan, { hasPlants: false })
    for (const name of ['stone', 'wood', 'sand']) expect(hatches(svg, name), name).toBeGreaterThan(0)
  })
  test('without gas there is no diffuser, without lamps no light', () => {
    const labels = texts(show({ ...builtPlan, gasLines: [], lamps: [] }))
    expect(labels.some((text) => text.includes('bubbles'))).toBe(false)
    cleanup()
    expect(texts(show(barePlan)).length).toBeGreaterThan(0)
  })
  test('a bare floor has no depths to letter', () => {
    const none = texts(show({ ...barePlan, layers: [], zones: [], hardscape: [] }))
    expect(none.filter((text) => /^0(\.0+)? cm$/.test(text))).toEqual([])
  })
  test('two sections on one page keep their hatches apart', () => {
    const figures = tankFigures(builtPlan)
    const { container } = render(
      <div>
        {[1, 2].map((key) => (
          <SmallSection key={key} figures={figures} ageDays={30} pxPerCm={2} description={`tank ${key}`} />
        ))}
      </div>,
    )
    const ids = [...container.querySelectorAll('pattern')].map(({ id }) => id)
    expect(ids.length).toBeGreaterThan(4)
    expect(new Set(ids).size).toBe(ids.length)
  })
})

describe('a leaning tank', () => {
  const layout = sectionLayout(tankFigures(builtPlan).vessel, 820, 540, 12)
  const water = (corners: Parameters<typeof levelOf>[0]): number[][] => {
    const { container } = render(
      <svg>
        <TiltedWater layout={layout} level={levelOf(corners, { lengthCm: 110, widthCm: 50 })} exaggeration={20} label="steep" />
      </svg>,
    )
    return [...container.querySelectorAll('path')].map((path) => (path.getAttribute('d')?.match(/-?\d+(\.\d+)?/g) ?? []).map(Number))
  }
  test('level: no second water line', () => expect(water({ frontLeft: 0, frontRight: 0, backLeft: 0, backRight: 0 })).toEqual([]))
  test('the right side high: there the water stands lower on the glass', () => {
    const [front] = water({ frontLeft: 0, frontRight: 4, backLeft: 0, backRight: 4 })
    const [, left = 0, , right = 0] = front ?? []
    expect(right).toBeGreaterThan(left) // y grows downwards
    expect(right - left).toBeCloseTo(0.4 * layout.pxPerCm * 20, 6)
  })
})
