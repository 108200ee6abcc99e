import { assumedWords, confidenceWords, speciesWords, traitWords } from '@jovrin/contract'
import { RANGE_TRAITS, type Confidence, type PlantSpecies, type PlantTrait, type RangeTrait } from '@jovrin/core'
import { Box } from '@mui/material'
import { useUnits } from '../../../ui/units.js'
import { traitText } from '../../shared/species.text.js'

const GROUPS = {
  look: [
    'form',
    'outline',
    'margin',
    'habit',
    'arrangement',
    'leavesPerNode',
    'leafLengthCm',
    'leafWidthCm',
    'colour',
    'redNeeds',
    'internodeStrongCm',
    'internodeWeakCm',
  ],
  growing: ['matureHeightCm', 'reachesSurface', 'spreadCm', 'doublingDays', 'riseStrongCmPerWeek', 'riseWeakCmPerWeek', 'runnerCm', 'kind'],
  needs: ['light', 'carbon', 'temperatureC', 'hardness', 'feeding', 'sensitiveTo'],
  starting: [
    'places',
    'attaches',
    'buriedRots',
    'soldAs',
    'plantingHeightCm',
    'spacingCm',
    'portionsPerPot',
    'portionsPerBunch',
    'portionsPerCup',
    'startGPerPot',
    'melt',
    'newLeavesPotWeeks',
    'newLeavesCupWeeks',
    'dryStart',
    'closingStartCm',
    'closingCmPerWeek',
    'closingLagWeeks',
  ],
  care: ['ease', 'trimIntervalWeeks', 'cutBackCm', 'resprouts', 'tops'],
  law: ['legal'],
} as const satisfies Record<keyof typeof speciesWords.traitGroups, readonly PlantTrait[]>

const isRange = (trait: PlantTrait): trait is RangeTrait => trait in RANGE_TRAITS

/** What a trait rests on: the grower, another row, or how well it is known. */
function restsOn(plant: PlantSpecies, trait: PlantTrait): string {
  if (plant.ownTraits.includes(trait)) return speciesWords.yours
  const from = plant.assumed[trait]
  if (from === 'genus' || from === 'form') return assumedWords[from]
  const confidence: Confidence = isRange(trait)
    ? plant[trait].confidence
    : trait === 'light' || trait === 'temperatureC'
      ? plant[trait].confidence
      : plant.confidence
  return from === undefined ? confidenceWords[confidence] : `${assumedWords[from]}, ${confidenceWords[confidence]}`
}

/** Every trait with its range and what it rests on. */
export function TraitTable({ plant }: { readonly plant: PlantSpecies }) {
  const units = useUnits()
  return (
    <div>
      {(Object.keys(GROUPS) as (keyof typeof GROUPS)[]).map((group) => (
        <Box
          key={group}
          component="table"
          sx={{
            borderCollapse: 'collapse',
            width: '100%',
            fontSize: 14,
            breakInside: 'avoid',
            mb: 1.5,
            '& td, & th': { textAlign: 'left', verticalAlign: 'top', fontWeight: 400, pr: 1, py: '1px', lineHeight: 1.35 },
          }}
        >
          <Box component="caption" className="lettering" sx={{ textAlign: 'left', fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
            {speciesWords.traitGroups[group]}
          </Box>
          <tbody>
            {GROUPS[group].map((trait: PlantTrait) => (
              <tr key={trait}>
                <Box component="th" scope="row" sx={{ width: '36%', color: 'text.secondary' }}>
                  {traitWords[trait]}
                </Box>
                <td>{traitText(plant, trait, units)}</td>
                <Box component="td" sx={{ width: '27%', color: 'text.secondary', fontSize: 12.5 }}>
                  {restsOn(plant, trait)}
                </Box>
              </tr>
            ))}
          </tbody>
        </Box>
      ))}
    </div>
  )
}
