import { expect, test } from 'vitest'
import { bagsOf, fillGround } from '../ground/layer.js'
import { work } from '../quantity/working.js'
import { floorAreaCm2, glassMassKg, innerSize, tankVolumes } from '../tank/vessel.js'
import { expectRelative, referenceTable } from '../testing/referenceTable.js'
import { waterDensityKgPerM3 } from '../water/density.js'
import { netWaterWorking } from './netWater.working.js'

test('geometry meets the table', () => {
  for (const row of referenceTable('geometry')) {
    const vessel = {
      lengthCm: row.number('length_cm'),
      widthCm: row.number('width_cm'),
      heightCm: row.number('height_cm'),
      glassCm: row.number('glass_cm'),
      freeboardCm: row.number('freeboard_cm'),
    }
    const layers = [1, 2, 3].map((n) => ({
      frontCm: row.number(`l${n}_front_cm`),
      backCm: row.number(`l${n}_back_cm`),
      porosity: row.number('porosity'),
    }))
    const hardscape = [{ massKg: row.number('hardscape_kg'), densityKgPerL: row.number('hardscape_kg_l') }]
    const volumes = tankVolumes(vessel, { ...fillGround(layers, floorAreaCm2(vessel)), hardscapeL: row.number('hardscape_volume_l') })
    expectRelative(volumes.innerL, row.number('inner_volume_l'))
    expectRelative(volumes.fillL, row.number('fill_volume_l'))
    expectRelative(volumes.groundL, row.number('substrate_volume_l'))
    expectRelative(volumes.openWaterL, row.number('water_above_substrate_l'))
    expectRelative(glassMassKg(vessel, row.number('glass_kg_m3')), row.number('glass_kg'))
    expectRelative((volumes.netWaterL * waterDensityKgPerM3(row.number('t_c'))) / 1000, row.number('water_kg'))
    expect(
      layers.map((layer, index) => bagsOf(fillGround([layer], floorAreaCm2(vessel)).groundL, row.number(`l${index + 1}_bag_l`))),
    ).toEqual([1, 2, 3].map((n) => row.number(`l${n}_bags`)))
    expectRelative(work(netWaterWorking, { ...vessel, layers, hardscape }).figure.value, row.number('water_volume_l'))
  }
})

test('glass thicker than the tank is refused', () =>
  expect(() => innerSize({ lengthCm: 20, widthCm: 20, heightCm: 20, glassCm: 11, freeboardCm: 0 })).toThrow(/glassCm is 11/))
test('more ground than tank is a contradiction, not negative water', () =>
  expect(() =>
    work(netWaterWorking, {
      lengthCm: 30,
      widthCm: 30,
      heightCm: 30,
      glassCm: 0.5,
      freeboardCm: 2,
      layers: [{ frontCm: 40, backCm: 40, porosity: 0.4 }],
    }),
  ).toThrow(/cannot all be true/))
