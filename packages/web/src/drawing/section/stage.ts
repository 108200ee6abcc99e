import { dryWaterLineCm, phaseOn, plantedAge, type Plan, type StartPhase, type TankFigures } from '@jovrin/core'
import type { SectionLayout } from './layout.js'

/** What stands in the tank on the drawn day. */
export interface Stage {
  readonly phase: StartPhase
  /** Over the glass; `null` where the tank is filled. */
  readonly waterCm: number | null
}
export const FILLED: Stage = { phase: 'planted', waterCm: null }

export function stageOn(plan: Plan, figures: TankFigures, day: number): Stage {
  const phase = phaseOn(plan, day)
  return phase === 'planted' ? FILLED : { phase, waterCm: phase === 'dry' ? dryWaterLineCm(figures) : null }
}

/** Days that the plants of the map have grown: those of a dark start come at its end. */
export const grownDays = (plan: Plan, day: number): number => (plan.start.method === 'dark' ? Math.max(0, plantedAge(plan, day)) : day)

/** The sheet with the water where it stands on that day. */
export const atStage = (layout: SectionLayout, { waterCm }: Stage): SectionLayout =>
  waterCm === null ? layout : { ...layout, waterY: layout.floorY - waterCm * layout.pxPerCm }
