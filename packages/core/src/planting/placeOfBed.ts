import { centreOf } from '../numeric/ring.js'
import type { PlantPlace } from '../species/traits.js'
import type { LaidBed } from './bedsOf.js'

/** The third of the tank in which a bed's middle lies. */
export function placeOfBed({ ring, isFloating }: Pick<LaidBed, 'ring' | 'isFloating'>, widthCm: number): PlantPlace {
  if (isFloating) return 'surface'
  const share = centreOf(ring).yCm / widthCm
  return share < 1 / 3 ? 'front' : share < 2 / 3 ? 'mid' : 'back'
}
