import { plantingWords } from '@jovrin/contract'
import { countedSpecies, floorShares, plantingWork } from '@jovrin/core'
import { Box } from '@mui/material'
import { MarginTable } from '../../../ui/MarginTable.js'
import { percent, useUnits } from '../../../ui/units.js'
import type { Desk } from '../desk.js'

/** What the map asks for: plant by plant, and in all. */
export function PlantNumbers({ desk: { plan, figures } }: { readonly desk: Desk }) {
  const units = useUnits()
  const { beds, inner } = figures
  const counted = countedSpecies([...beds, ...figures.spots])
  const { plantedFraction, fastFraction, floatingFraction } = floorShares(beds, inner)
  const rows: readonly (readonly [string, string])[] = [
    [plantingWords.sums.planted, `${percent(plantedFraction)} %`],
    [plantingWords.sums.fast, fastFraction === null ? '–' : `${percent(fastFraction)} %`],
    [plantingWords.sums.floating, `${percent(floatingFraction)} %`],
    [
      plantingWords.sums.mass,
      units.show(
        'salt',
        counted.reduce((sum, { massG }) => sum + massG, 0),
        2,
      ),
    ],
    [plantingWords.sums.hours, units.show('minutes', plantingWork(plan, figures).hours * 60)],
  ]
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <MarginTable caption={plantingWords.numbersCaption}>
        {counted.map(({ plant, retail, portions: count, pots, spare }) => (
          <tr key={`${plant.id} ${retail}`}>
            <td>
              <i>{plant.name}</i>
            </td>
            <td style={{ textAlign: 'right' }}>{count}</td>
            <td style={{ textAlign: 'right', paddingLeft: 10 }}>{plantingWords.retail(pots, retail)}</td>
            <td style={{ textAlign: 'right', paddingLeft: 10 }}>{spare}</td>
          </tr>
        ))}
      </MarginTable>
      <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '1fr auto', m: 0, fontSize: 14.5 }} className="figures">
        {rows.map(([name, text]) => (
          <Box key={name} sx={{ display: 'contents' }}>
            <dt>{name}</dt>
            <Box component="dd" sx={{ m: 0, textAlign: 'right' }}>
              {text}
            </Box>
          </Box>
        ))}
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 13 }}>
        {plantingWords.plantedWhy} {plantingWords.mapGoesFirst}
      </Box>
    </Box>
  )
}
