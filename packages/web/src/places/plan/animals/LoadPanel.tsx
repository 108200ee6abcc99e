import { animalsWords } from '@jovrin/contract'
import { HUNGRY_MG_PER_DAY, livestockOn, openFood, openFoodNitrogen } from '@jovrin/core'
import { Box } from '@mui/material'
import { MarginTable } from '../../../ui/MarginTable.js'
import { significant, useUnits } from '../../../ui/units.js'
import type { Gates } from '../../shared/animals/useGates.js'
import type { Desk } from '../desk.js'
import { PlanField } from '../PlanField.js'
import { SumFigure } from '../../shared/SumFigure.js'

/** Food of so many milligrams a litre and day makes a load light, medium or heavy. General practice. */
const CLASSES = [
  ['none', 1e-9],
  ['light', 1],
  ['medium', 3],
  ['heavy', Infinity],
] as const

/** What the animals eat: food, the nitrogen in it, the load that it is, and what grazers find. */
export function LoadPanel({ desk, gates }: { readonly desk: Desk; readonly gates: Gates }) {
  const { plan, figures } = desk
  const units = useUnits()
  const text = animalsWords
  const food = openFood(plan, figures, figures.temperatureC)
  const mgPerL = (1000 * figures.foodGPerDay) / figures.waterL
  const load = CLASSES.find(([, below]) => mgPerL < below)?.[0] ?? 'heavy'
  const { grazers } = livestockOn(figures, Infinity)
  const now = livestockOn(figures, gates.today)
  const { ahead } = gates
  const content = (mg: number): string => units.show('content', mg, 1)
  return (
    <Box component="section" aria-label={text.load} sx={{ display: 'grid', gap: 0.75 }}>
      <PlanField path="animals/foodGPerDay" otherwise={food === null ? undefined : units.tell(food.result, 2)} />
      <MarginTable caption={text.load}>
        {food !== null && (
          <tr>
            <td>{text.foodSum}</td>
            <td>
              <SumFigure sum={food} />
            </td>
          </tr>
        )}
        <tr>
          <td>{text.foodNow}</td>
          <td>{units.show('fodder', now.foodGPerDay, 2)}</td>
        </tr>
        <tr>
          <td>{text.nitrogen}</td>
          <td>
            <SumFigure sum={openFoodNitrogen(plan, figures)} />
          </td>
        </tr>
        <tr>
          <td>{text.loadClass}</td>
          <td>{`${text.classes[load]} (${text.perL(units.show('content', mgPerL, 2))})`}</td>
        </tr>
        {grazers > 0 && (
          <tr>
            <td>{text.grazers}</td>
            <td>{significant(grazers, 2)}</td>
          </tr>
        )}
        {ahead !== null && (
          <>
            <tr>
              <td>{text.film}</td>
              <td>
                {text.filmTold(
                  content(ahead.intakeMgPerDay.median),
                  significant(ahead.intakeMgPerDay.low, 1),
                  significant(ahead.intakeMgPerDay.high, 1),
                )}
              </td>
            </tr>
            <tr>
              <td>{text.ripeness}</td>
              <td>{units.show('fraction', ahead.biofilm.median)}</td>
            </tr>
          </>
        )}
      </MarginTable>
      {grazers > 0 && <Box sx={{ fontSize: 14 }}>{text.hungry(units.show('content', HUNGRY_MG_PER_DAY, 2))}</Box>}
    </Box>
  )
}
