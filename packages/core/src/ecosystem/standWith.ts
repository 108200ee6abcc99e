import { PLANT_KIND } from '../planting/kinds.js'
import { scaledToFloor, type Stand, type StandOfKind } from '../planting/standOf.js'
import type { Act } from './deeds.js'
import type { TankFigures } from './tankFigures.js'

/** Floor of each kind with what was planted later on ground of its own, or is the first of its kind: as much as its mass asks for when planted half densely. Holds for the whole run: until then the kind stands a little wider apart than it did. */
export function standWith({ stand, surfaceM2 }: Pick<TankFigures, 'stand' | 'surfaceM2'>, acts: readonly Act[]): Stand {
  const wider = new Map<string, number>()
  for (const act of acts)
    if (act.kind === 'plant' && (act.isOnOwnGround || stand[act.plantKind].footFraction === 0)) {
      const footFraction = act.dryG / PLANT_KIND[act.plantKind].startGPerM2.half / surfaceM2
      wider.set(act.plantKind, (wider.get(act.plantKind) ?? 0) + footFraction)
    }
  if (wider.size === 0) return stand
  return scaledToFloor((kind): StandOfKind => ({
    ...stand[kind],
    footFraction: stand[kind].footFraction + (wider.get(kind) ?? 0),
  }))
}
