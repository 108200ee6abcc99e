import { plantingWords, standingAspectWords } from '@jovrin/contract'
import { placeOfSpot, plantOnSpot, plantSiteOf, removeSpot, standingOf, type LaidSpot } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { Link } from 'react-router'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { useUnits } from '../../../../ui/units.js'
import { remarkText } from '../../../shared/species.text.js'
import { VerdictMark } from '../../../shared/VerdictMark.js'
import type { Desk } from '../../desk.js'
import { PlanChoice, PlanField } from '../../PlanField.js'
import { PlantPicker } from '../PlantPicker.js'

const text = plantingWords.spots

interface SpotPanelProps {
  readonly desk: Desk
  readonly laid: LaidSpot
  readonly onChoose: (id: string | null) => void
}
/** The chosen spot: its plant and how it stands there, how it is laid on and held, what that takes. */
export function SpotPanel({ desk: { tankId, plan, figures, change }, laid, onChoose }: SpotPanelProps) {
  const units = useUnits()
  const { spot, plants, areaCm2, glueG, threadCm } = laid
  const [planted] = plants
  const site = plantSiteOf(plan, figures, 'hardscape', placeOfSpot(spot, figures.pieces)?.zCm)
  const standing = planted === undefined ? null : standingOf(planted.plant, site)
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      {planted !== undefined && standing !== null && (
        <Box sx={{ borderBottom: '1px solid var(--hair)', pb: 1 }}>
          <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
            <Box
              component={Link}
              to={`/library/species/${planted.plant.id}?tank=${tankId}&at=hardscape`}
              sx={{ flexGrow: 1, fontStyle: 'italic', fontSize: 17, color: 'inherit' }}
            >
              {planted.plant.name}
            </Box>
            <VerdictMark verdict={standing.verdict} />
          </Box>
          <Box sx={{ fontSize: 14.5 }} className="figures">
            {[
              text.covers(units.show('area', areaCm2, 2), String(planted.portions)),
              plantingWords.retail(planted.pots, planted.retail),
              glueG > 0 ? text.glue(units.show('salt', glueG, 2)) : '',
              threadCm > 0 ? text.thread(units.show('length', threadCm, 2)) : '',
            ]
              .filter((part) => part !== '')
              .join('; ')}
          </Box>
          {standing.remarks
            .filter(({ verdict }) => verdict !== 'fits')
            .map((remark) => (
              <Box key={remark.code} sx={{ fontSize: 14, color: 'text.secondary' }}>
                <b>{standingAspectWords[remark.aspect]}</b> {remarkText(remark, units)}
              </Box>
            ))}
        </Box>
      )}
      <PlantPicker
        label={planted === undefined ? plantingWords.addPlant : plantingWords.exchange}
        site={site}
        onPick={(plant) => change((now) => plantOnSpot(now, spot.id, plant))}
      />
      <PlanChoice path="spots/*/laying" item={spot} />
      <PlanChoice path="spots/*/fixing" item={spot} />
      <PlanChoice path="spots/*/start" item={spot} />
      <Grid min={120}>
        <PlanField path="spots/*/widthCm" item={spot} />
        <PlanField path="spots/*/heightCm" item={spot} />
        <PlanField path="spots/*/alongFraction" item={spot} />
        <PlanField path="spots/*/upFraction" item={spot} />
      </Grid>
      <Box sx={{ color: 'text.secondary', fontSize: 13 }}>{text.reserve}</Box>
      <Button
        sx={{ justifySelf: 'start' }}
        onClick={() => {
          change((now) => removeSpot(now, spot.id))
          onChoose(null)
        }}
      >
        {text.remove}
      </Button>
    </Box>
  )
}
