import { feedSheetWords, nameIn, saltWords, weekdayWords } from '@jovrin/contract'
import {
  civilDate,
  coldestRoomC,
  stockBottles,
  UNKNOWN_PRODUCT,
  weekRecipe,
  type StockBottle,
  type Weekday,
  type WeighedSalt,
} from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useMemo } from 'react'
import { localId } from '../../../../api/localId.js'
import { NumberField } from '../../../../ui/NumberField.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { useKeptState } from '../../../../ui/useKeptState.js'
import { longDate, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { Heading } from '../light/LampsPanel.js'
import { changeFeed } from './changeFeed.js'

interface Wanted {
  readonly bottleMl: number
  readonly doseMl: number
}
const USUAL: Wanted = { bottleMl: 500, doseMl: 10 }
const readWanted = (kept: unknown): Wanted | null =>
  typeof kept === 'object' &&
  kept !== null &&
  'bottleMl' in kept &&
  'doseMl' in kept &&
  typeof kept.bottleMl === 'number' &&
  typeof kept.doseMl === 'number'
    ? { bottleMl: kept.bottleMl, doseMl: kept.doseMl }
    : null

/** Stock bottles from the dry salts of the plan: grams for each, apart where salts fall out, labels to print. */
export function BottlesPart({ desk }: { readonly desk: Desk }) {
  const text = feedSheetWords
  const { tankId, plan, figures, change } = desk
  const units = useUnits()
  const [wanted, setWanted] = useKeptState<Wanted>(`jovrin.feedBottles.${tankId}`, USUAL, readWanted, { onDevice: true })
  const { macroDays, traceDays } = plan.feed
  const times = (days: readonly Weekday[]): number => (days.length === 0 ? 7 : days.length)
  const weekly = useMemo(
    () =>
      weekRecipe(plan).portions.flatMap(({ product, perL }): WeighedSalt[] =>
        product.form === 'salt' && product.salt !== null ? [{ salt: product.salt, grams: perL * figures.waterL }] : [],
      ),
    [plan, figures.waterL],
  )
  const coldestC = coldestRoomC(plan)
  const bottles = useMemo(
    () => stockBottles({ weekly, ...wanted, macroTimesPerWeek: times(macroDays), traceTimesPerWeek: times(traceDays), coldestC }),
    [weekly, wanted, macroDays, traceDays, coldestC],
  )
  const keep = (): void =>
    changeFeed(change, (feed) => ({
      cupboard: [
        ...feed.cupboard.filter(({ form }) => form !== 'salt'),
        ...bottles.map((bottle) => ({
          ...UNKNOWN_PRODUCT,
          id: localId('c'),
          name: text.letter(bottle.letter),
          form: 'stock' as const,
          bottleMl: bottle.bottleMl,
          mix: bottle.salts.map(({ salt, grams }, at) => ({ id: `m${at + 1}`, salt, grams: Math.round(grams * 100) / 100 })),
        })),
      ],
    }))
  return (
    <>
      <section aria-labelledby="feed-bottles" className="no-print">
        <Heading id="feed-bottles">{text.bottles}</Heading>
        <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
          <div>{text.bottlesWhy}</div>
          <Grid min={130}>
            <NumberField
              label={text.bottleMl}
              why={text.bottleMlWhy}
              dimension="dosing"
              range={[20, 20_000]}
              canBeUnknown={false}
              value={wanted.bottleMl}
              onChange={(bottleMl) => bottleMl !== null && setWanted({ ...wanted, bottleMl })}
            />
            <NumberField
              label={text.doseMl}
              why={text.doseMlWhy}
              dimension="dosing"
              range={[0.1, 1000]}
              canBeUnknown={false}
              value={wanted.doseMl}
              onChange={(doseMl) => doseMl !== null && setWanted({ ...wanted, doseMl })}
            />
          </Grid>
          {bottles.length === 0 ? (
            <div>{text.bottlesNone}</div>
          ) : (
            <>
              <Box sx={{ color: 'text.secondary' }}>{text.coldest(units.show('temperature', coldestC, 2))}</Box>
              <div>{units.words(text.mixing)}</div>
              <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
                <Button variant="contained" onClick={() => window.print()}>
                  {text.printLabels}
                </Button>
                <Button onClick={keep}>{text.toCupboard}</Button>
              </Box>
            </>
          )}
        </Box>
      </section>
      {bottles.map((bottle) => (
        <OneBottle key={bottle.letter} desk={desk} bottle={bottle} wantedMl={wanted.doseMl} />
      ))}
    </>
  )
}

/** A bottle as its label says it: on the screen beside the drawing, on paper as a label to cut out. */
function OneBottle({ desk: { plan }, bottle, wantedMl }: { readonly desk: Desk; readonly bottle: StockBottle; readonly wantedMl: number }) {
  const text = feedSheetWords
  const units = useUnits()
  const days = bottle.isPreserved ? plan.feed.traceDays : plan.feed.macroDays
  const daysTold = days.length === 0 ? text.everyDay : days.map((day) => weekdayWords[day]).join(', ')
  const heading = `feed-bottle-${bottle.letter}`
  return (
    <section aria-labelledby={heading} data-testid="bottle-label">
      <Heading id={heading}>
        {text.letter(bottle.letter)} {text.labelFor(plan.name)}
      </Heading>
      <Box sx={{ display: 'grid', gap: 0.5, fontSize: 14 }} className="figures">
        <Box component="table" sx={{ borderCollapse: 'collapse', '& td': { pr: 2, verticalAlign: 'top' } }}>
          <tbody>
            {bottle.salts.map(({ salt, grams, mostG }) => (
              <tr key={salt}>
                <td>{nameIn(saltWords, salt)}</td>
                <Box component="td" sx={{ textAlign: 'right', whiteSpace: 'nowrap' }}>
                  {units.show('salt', grams)}
                </Box>
                <Box component="td" sx={{ color: 'text.secondary' }}>
                  {mostG === null ? text.solubilityUnknown : text.ofMost(units.show('salt', mostG, 2))}
                </Box>
              </tr>
            ))}
          </tbody>
        </Box>
        <div>
          {text.bottleTold(units.show('dosing', bottle.doseMl), daysTold, units.show('days', Math.round(bottle.lastsDays), 2))}{' '}
          {bottle.doseMl > wantedMl + 1e-9 && text.stretched(units.show('dosing', bottle.doseMl))}
        </div>
        {bottle.isTooStrong && <Box sx={{ color: 'var(--algae)' }}>{text.tooStrong}</Box>}
        {bottle.isPreserved && <div>{units.words(text.preserve)}</div>}
        <div>
          {text.labelMixed} {longDate(civilDate(new Date(), plan.timeZone))}. {text.keeps(units.show('days', bottle.shelfDays))}.
        </div>
        {bottle.hazards.map((hazard) => (
          <Box key={hazard} sx={{ color: 'var(--algae)' }}>
            {text.hazards[hazard]}
          </Box>
        ))}
        <strong>{text.notFood}</strong>
      </Box>
    </section>
  )
}
