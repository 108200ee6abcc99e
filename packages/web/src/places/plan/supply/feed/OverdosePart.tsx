import { feedSheetWords } from '@jovrin/contract'
import {
  animalGroups,
  contentOf,
  courseBand,
  cupboardOf,
  fullWeek,
  NO_NUTRIENTS,
  NUTRIENT_DIMENSION,
  nutrientsBy,
  overdose,
  type MemberCourses,
  type OverdoseLevel,
} from '@jovrin/core'
import { Box, MenuItem, TextField } from '@mui/material'
import { useMemo, useState } from 'react'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { NumberField } from '../../../../ui/NumberField.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { percent, significant, useUnits, type Units } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { Heading } from '../light/LampsPanel.js'
import { productName } from '../../../shared/productName.js'

const LEVEL = {
  nitrateN: 'nitrate',
  ammoniumN: 'ammonium',
  phosphateP: 'phosphate',
  potassium: 'potassium',
  magnesium: 'magnesium',
  iron: 'iron',
} as const
const TENFOLD = 10
const HALF = 0.5
/** Water without gas in a room; the higher, the more toxic. */
const USUAL_PH = 7.8

/** What too much of a product made of the water, and what to do: a card for the worst quarter of an hour. */
export function OverdosePart({ desk: { plan, figures }, results }: { readonly desk: Desk; readonly results: readonly MemberCourses[] }) {
  const text = feedSheetWords
  const units = useUnits()
  const products = useMemo(() => cupboardOf(plan).filter((product) => contentOf(product) !== null), [plan])
  const [chosen, choose] = useState<string | null>(null)
  const product = products.find(({ id }) => id === chosen) ?? products[0]
  const [typed, type] = useState<number | null>(null)
  const [pH, setPh] = useState(USUAL_PH)
  if (product === undefined) return <Box sx={{ fontSize: 14 }}>{text.nothingFed}</Box>
  const content = contentOf(product)!
  const daily = Math.max(...fullWeek(plan).map(({ portions }) => portions.find((one) => one.product.id === product.id)?.perL ?? 0))
  const usual = TENFOLD * (daily > 0 ? daily * figures.waterL : 1)
  const amount = typed ?? usual
  // A tank that is not kept yet has no past.
  const before =
    results.length === 0
      ? NO_NUTRIENTS
      : nutrientsBy((nutrient) => (nutrient === 'calcium' ? 0 : courseBand(results, 0, LEVEL[nutrient], 0).median))
  const answer = overdose({
    content,
    amount,
    litres: figures.waterL,
    before,
    pH,
    temperatureC: figures.temperatureC,
    changeFraction: HALF,
  })
  const isLive = animalGroups(plan).length > 0
  return (
    <section aria-labelledby="feed-overdose">
      <Heading id="feed-overdose">{text.overdose}</Heading>
      <Box sx={{ display: 'grid', gap: 1, fontSize: 14 }}>
        <div>{text.overdoseWhy}</div>
        <TextField
          select
          label={text.overdoseOf}
          value={product.id}
          onChange={(event) => {
            choose(event.target.value)
            type(null)
          }}
          slotProps={{ inputLabel: { shrink: true } }}
        >
          {products.map((one) => (
            <MenuItem key={one.id} value={one.id}>
              {productName(one)}
            </MenuItem>
          ))}
        </TextField>
        <Grid min={130}>
          <NumberField
            key={product.id}
            label={text.overdoseAmount}
            why={text.overdoseAmountWhy}
            dimension={content.unit === 'g' ? 'salt' : 'dosing'}
            range={[0, 100_000]}
            canBeUnknown={false}
            value={Number(amount.toPrecision(3))}
            onChange={(value) => value !== null && type(value)}
          />
          {content.nutrientsMg.ammoniumN > 0 && (
            <NumberField
              label={text.overdosePh}
              why={text.overdosePhWhy}
              dimension="pH"
              range={[4, 10]}
              canBeUnknown={false}
              value={pH}
              onChange={(value) => value !== null && setPh(value)}
            />
          )}
        </Grid>
        <Box
          component="table"
          className="figures"
          sx={{ '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' }, '& td': { pr: 1.5 } }}
        >
          <HeadRow heads={text.overdoseHead} />
          <tbody>
            {answer.levels.map((level) => (
              <Box component="tr" key={level.of} sx={answer.over.includes(level.of) ? { color: 'var(--algae)' } : {}}>
                <td>{text.overdoseLevels[level.of]}</td>
                <td>{shown(units, level, level.mgPerL)}</td>
                <td>{shown(units, level, level.calmMgPerL)}</td>
              </Box>
            ))}
          </tbody>
        </Box>
        {results.length > 0 && <Box sx={{ color: 'text.secondary' }}>{text.overdoseBefore}</Box>}
        <Box role="status" sx={{ display: 'grid', gap: 0.5 }}>
          {answer.over.includes('unionised') && <Box sx={{ color: 'var(--algae)' }}>{text.overdoseAmmonia}</Box>}
          {answer.over.includes('copper') && <Box sx={{ color: 'var(--algae)' }}>{text.overdoseCopper}</Box>}
          <strong>
            {answer.changes === 0
              ? text.overdoseCalm
              : units.words(text.overdoseChanges(significant(answer.changes), `${percent(HALF)} %`))}
          </strong>
          {!answer.isAnimalsAtRisk && isLive && answer.changes > 0 && <span>{text.overdoseNoAnimals}</span>}
          {answer.over.length > 0 && <span>{text.overdoseTest(answer.over.map((of) => text.overdoseLevels[of]).join(', '))}</span>}
        </Box>
      </Box>
    </section>
  )
}

const shown = (units: Units, { of }: OverdoseLevel, value: number): string =>
  units.show(of === 'unionised' ? 'ammonia' : of === 'copper' ? 'concentration' : NUTRIENT_DIMENSION[of], value, 2)
