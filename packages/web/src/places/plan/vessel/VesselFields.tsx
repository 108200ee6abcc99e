import { vesselWords } from '@jovrin/contract'
import { PlanChoice, PlanField } from '../PlanField.js'
import { UNKNOWN_SOURCE, type Level, type WaterSource } from '@jovrin/core'
import { Box } from '@mui/material'
import { Link } from 'react-router'
import { Grid, Group } from '../../../ui/QuestionGroup.js'
import { decimals, significant } from '../../../ui/units.js'
import { addressOfSheet } from '../../shared/sheetPlace.js'
import type { Desk } from '../desk.js'

const CORNERS = ['backLeft', 'backRight', 'frontLeft', 'frontRight'] as const

export function VesselFields({ desk, level }: { desk: Desk; level: Level | null }) {
  const { draft } = desk.form
  const text = vesselWords
  const source: WaterSource = draft.sources[0] ?? { id: 'tap', ...UNKNOWN_SOURCE }
  return (
    <>
      <Group number={1} title={text.glass}>
        <Grid min={104}>
          <PlanField path="vessel/lengthCm" />
          <PlanField path="vessel/widthCm" />
          <PlanField path="vessel/heightCm" />
          <PlanField path="vessel/glassCm" />
          <PlanField path="vessel/freeboardCm" />
        </Grid>
        <PlanChoice path="vessel/top" />
      </Group>
      <Group number={2} title={text.stand}>
        <Grid min={104}>
          <PlanField path="stand/massKg" />
          <PlanField path="stand/kitMassKg" />
          {draft.stand.rests === 'feet' && (
            <>
              <PlanField path="stand/feet" />
              <PlanField path="stand/footAreaCm2" />
            </>
          )}
        </Grid>
        <Grid min={190}>
          <PlanChoice path="stand/rests" />
          <PlanChoice path="stand/floor" />
        </Grid>
      </Group>
      <Group number={3} title={text.level}>
        <Box sx={{ fontSize: 13, color: 'text.secondary', mb: 0.5 }}>{text.levelHint}</Box>
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2, maxWidth: 320 }}>
          {CORNERS.map((corner) => (
            <PlanField key={corner} path={`stand/cornersMm/${corner}`} />
          ))}
        </Box>
        <Box className="figures" role="status" sx={{ fontSize: 14 }}>
          {level === null
            ? text.enterCorners
            : `${text.levelTold(`${decimals(level.alongMm, 1)} mm`, `${decimals(level.acrossMm, 1)} mm`, `${decimals(level.twistMm, 1)} mm`)} ${shims(level)} ${text.lineOff(`${decimals(level.waterLineMm, 1)} mm`)}`}
        </Box>
      </Group>
      <Group number={4} title={text.room}>
        <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(4, 1fr)', columnGap: 1.5, rowGap: 0.5 }}>
          {text.months.map((month, index) => (
            <PlanField key={month} path="room/monthlyC/*" of={[String(index)]} label={month} />
          ))}
          <PlanField path="room/humidityFraction" />
          <PlanField path="room/sunHours" />
          <PlanField path="room/volumeM3" />
        </Box>
      </Group>
      <Group number={5} title={text.water}>
        <Box sx={{ fontSize: 13, color: 'text.secondary', mb: 0.5 }}>{text.waterHint}</Box>
        <Grid min={112}>
          <PlanField path="sources/*/pH" item={source} />
          <PlanField path="sources/*/alkalinityMeqPerL" item={source} />
          <PlanField path="sources/*/hardnessMmolPerL" item={source} />
          <PlanField path="sources/*/calciumMgPerL" item={source} />
          <PlanField path="sources/*/magnesiumMgPerL" item={source} />
          <PlanField path="sources/*/nitrateMgNPerL" item={source} />
          <PlanField path="sources/*/phosphateMgPPerL" item={source} />
          <PlanField path="sources/*/silicaMgSiPerL" item={source} />
        </Grid>
        <PlanChoice path="sources/*/disinfectant" item={source} />
        <Box component={Link} to={addressOfSheet(desk.tankId, 'water')} sx={{ color: 'inherit', fontSize: 14 }}>
          {text.toWater}
        </Box>
      </Group>
    </>
  )
}

function shims(level: Level): string {
  const needed = CORNERS.filter((corner) => level.shimsMm[corner] > 0.25)
  return needed.length === 0
    ? vesselWords.noShims
    : vesselWords.shims(
        needed.map((corner) => `${vesselWords.corner[corner].toLowerCase()} ${significant(level.shimsMm[corner], 2)} mm`).join(', '),
      )
}
