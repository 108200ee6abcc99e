import { plantingWords } from '@jovrin/contract'
import { TRIM_WAYS, trimOf, workMinutes, type LaidPlant, type TrimOfPlant } from '@jovrin/core'
import { Box } from '@mui/material'
import { spotLetter } from '../../../drawing/spotLetter.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import { useUnits } from '../../../ui/units.js'
import type { Desk } from '../desk.js'
import { AddressChoice } from './AddressChoice.js'
import { OutlookTable } from './OutlookTable.js'

const text = plantingWords.trims

interface Row extends TrimOfPlant {
  readonly key: string
  readonly name: string
}

/** Patch by patch: how often, how low, how long, and what becomes of the tops. */
export function TrimPlan({ desk }: { readonly desk: Desk }) {
  const { plan, figures } = desk
  const units = useUnits()
  const rowsOf = (name: string, plants: readonly LaidPlant[]): Row[] =>
    plants.map((planted) => ({ ...trimOf(planted, figures.ppfd), key: `${name} ${planted.id}`, name }))
  const rows = [
    ...figures.beds.flatMap(({ plants }, index) => rowsOf(String(index + 1), plants)),
    ...figures.spots.flatMap(({ plants }, index) => rowsOf(spotLetter(index), plants)),
  ]
  const ways = TRIM_WAYS.filter((way) => rows.some((row) => row.way === way))
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <MarginTable caption={text.caption}>
        {rows.map(({ key, name, plant, everyWeeks, firstWeek, cutToCm, minutesAVisit }) => (
          <tr key={key}>
            <td style={{ width: 22 }}>{name}</td>
            <td>
              <i>{plant.name}</i>
            </td>
            <td style={{ textAlign: 'right', paddingLeft: 8 }}>{Math.max(1, Math.round(everyWeeks))}</td>
            <td style={{ textAlign: 'right', paddingLeft: 8 }}>{Math.max(1, Math.ceil(firstWeek))}</td>
            <td style={{ textAlign: 'right', paddingLeft: 8, whiteSpace: 'nowrap' }}>
              {cutToCm === null ? '–' : units.show('length', cutToCm, 2)}
            </td>
            <td style={{ textAlign: 'right', paddingLeft: 8, whiteSpace: 'nowrap' }}>
              {minutesAVisit < 1 ? text.little : units.show('minutes', minutesAVisit)}
            </td>
          </tr>
        ))}
      </MarginTable>
      <Box component="ul" sx={{ m: 0, pl: 2.25, fontSize: 14, lineHeight: 1.35, display: 'grid', gap: 0.5 }}>
        {ways.map((way) => (
          <li key={way}>
            {text.ways[way]} <i>{namesOf(rows.filter((row) => row.way === way))}</i>
          </li>
        ))}
        {rows.some(({ plant, way }) => way === 'hedge' && plant.tops === 'replant') && (
          <li>
            {text.replant} <i>{namesOf(rows.filter(({ plant, way }) => way === 'hedge' && plant.tops === 'replant'))}</i>
          </li>
        )}
        {rows.some(({ plant }) => plant.resprouts === 'no') && (
          <li>
            {text.noSprouts} <i>{namesOf(rows.filter(({ plant }) => plant.resprouts === 'no'))}</i>
          </li>
        )}
      </Box>
      <Box sx={{ fontSize: 14.5 }} className="figures">
        {text.week(units.show('minutes', workMinutes(figures, plan.changes.fraction).trim))}
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 13 }}>{text.schools}</Box>
      <Box className="no-print">
        <AddressChoice label={text.drawing} why={text.drawingWhy} param="cut" off={text.drawings.grown} on={text.drawings.cut} />
      </Box>
      <OutlookTable desk={desk} />
    </Box>
  )
}
const namesOf = (rows: readonly Row[]): string => [...new Set(rows.map(({ plant }) => plant.name))].join('; ')
