import { plantingWords } from '@jovrin/contract'
import { countedSpecies, plantingWork } from '@jovrin/core'
import { Box } from '@mui/material'
import { MarginTable } from '../../../ui/MarginTable.js'
import { percent, useUnits } from '../../../ui/units.js'
import type { Desk } from '../desk.js'

/** What the map asks for: plant by plant, and in all. */
export function PlantNumbers({ desk: { plan, figures } }: { readonly desk: Desk }) {
  const units = useUnits()
  const { beds, inner } = figures
  const counted = countedSpecies([...beds, ...figures.spots])
  const floorCm2 = inner.lengthCm * inner.widthCm
  const rooted = beds.filter(({ isFloating }) => !isFloating)
  const plantedCm2 = rooted.reduce((sum, { areaCm2, plants }) => sum + (plants.length > 0 ? areaCm2 : 0), 0)
  const fastCm2 = rooted
    .flatMap(({ plants }) => plants)
    .reduce((sum, { plant, areaCm2 }) => sum + (plant.growth[0] === 'fast' ? areaCm2 : 0), 0)
  const floatingCm2 = beds.reduce((sum, { isFloating, areaCm2 }) => sum + (isFloating ? areaCm2 : 0), 0)
  const rows: readonly (readonly [string, string])[] = [
    [plantingWords.sums.planted, `${percent(plantedCm2 / floorCm2)} %`],
    [plantingWords.sums.fast, plantedCm2 === 0 ? '–' : `${percent(fastCm2 / plantedCm2)} %`],
    [plantingWords.sums.floating, `${percent(floatingCm2 / floorCm2)} %`],
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
