import { newPlan, type Piece, type Plan, UNPLACED } from '@jovrin/core'

/** A stone with a box for an outline. */
export const stone = (id: string, left: number, front: number, wide: number, part: Partial<Piece> = {}): Piece => ({
  ...UNPLACED,
  id,
  name: id,
  material: 'granite',
  massKg: 3,
  fixing: 'none',
  heightCm: 12,
  sunkCm: 0,
  outline: [
    [left, front],
    [left + wide, front],
    [left + wide, front + 10],
    [left, front + 10],
  ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false })),
  ...part,
})

export const barePlan = newPlan('Bare', '2026-01-01', 'UTC')

/** Something on every sheet: layers, a zone with a wall, tabs, stones and wood, filter, outlet, prices. */
export const builtPlan: Plan = {
  ...barePlan,
  name: 'Built',
  vessel: { lengthCm: 110, widthCm: 50, heightCm: 45, glassCm: 1.2, freeboardCm: 3, top: 'braced' },
  layers: [
    { id: 'g1', ground: 'porous-base', frontCm: 1, backCm: 2, product: null },
    { id: 'g2', ground: 'rich-soil', frontCm: 4, backCm: 9, product: null },
  ],
  zones: [
    {
      id: 'z1',
      name: 'Path',
      purpose: 'cosmetic',
      outline: [
        [45, 0],
        [60, 0],
        [60, 30],
        [45, 30],
      ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false })),
      layers: [{ id: 'zg', ground: 'sand', frontCm: 1.5, backCm: 2, product: null }],
      heights: [],
    },
  ],
  barriers: [
    {
      id: 'b1',
      line: [
        { xCm: 45, yCm: 0 },
        { xCm: 45, yCm: 30 },
      ],
      heightCm: 4,
    },
  ],
  tabs: [
    { id: 't1', kind: 'tab', xCm: 20, yCm: 30 },
    { id: 't2', kind: 'capsule', xCm: 80, yCm: 30 },
  ],
  hardscape: [
    stone('main', 20, 20, 20, { heightCm: 24 }),
    stone('second', 65, 8, 15, { massKg: null }),
    stone('third', 25, 34, 12, { material: 'slate', heightCm: 8 }),
    stone('root', 5, 5, 30, { material: 'wood', massKg: null, volumeL: 1.5, name: '' }),
  ],
  filters: [{ id: 'f', ratedLPerH: 1400, headCm: null, media: 'packed', watts: null }],
  outlets: [{ id: 'o1', xCm: 2, yCm: 40, zCm: 35, headingDeg: -20, pitchDeg: 5, boreMm: 13 }],
  stand: { ...barePlan.stand, massKg: 42, rests: 'feet', feet: 6, footAreaCm2: 15 },
  logistics: { ...barePlan.logistics, purifiedFraction: 0.4, wastePerL: 3 },
  money: { ...barePlan.money, electricityPerKwh: 0.41 },
}
