import { feedSheetWords, nutrientWords } from '@jovrin/contract'
import {
  correctionOf,
  DAY_MIN,
  daysBetween,
  fullAmounts,
  newWaterMgPerL,
  NUTRIENT_DIMENSION,
  ownAmountField,
  SCHOOL,
  TESTED_NUTRIENTS,
  UNSET_AMOUNTS,
  uptakeEvents,
  uptakeFromTests,
  wallClock,
  wantedLevel,
  weeklyChange,
  weekRecipe,
  type TestedNutrient,
  type Uptake,
  type UptakeTest,
} from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { Link, useSearchParams } from 'react-router'
import { readingsOfTank } from '../../../../api/journal.queries.js'
import { agedTimeline, timelineOfTank, type AgedTimeline } from '../../../../api/tanks.queries.js'
import { TestRow } from '../../../../drawing/feed/TestRow.js'
import { Measured } from '../../../../drawing/Measured.js'
import { Choice } from '../../../../ui/Choice.js'
import { NumberField } from '../../../../ui/NumberField.js'
import { QueryState } from '../../../../ui/QueryState.js'
import { useKeptState } from '../../../../ui/useKeptState.js'
import { useSetParam } from '../../../../ui/useSetParam.js'
import { significant, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { Heading } from '../light/LampsPanel.js'

const QUANTITY = { nitrateN: 'nitrate', phosphateP: 'phosphate', potassium: 'potassium', iron: 'iron' } as const satisfies Readonly<
  Record<TestedNutrient, string>
>
/** Smallest steps of common kits [mg/L of the element]: 5 mg/L of nitrate, 0.25 of phosphate, 5 of potassium, 0.1 of iron. Rules of thumb. */
const USUAL_STEP: Readonly<Record<TestedNutrient, number>> = { nitrateN: 1.13, phosphateP: 0.082, potassium: 5, iron: 0.1 }
const SPAN_DAYS = 42
const readStep = (kept: unknown): number | null => (typeof kept === 'number' && kept > 0 ? kept : null)

/** What a row of tests says of the uptake, how sure it is, and what to change by how much. */
export function TestsPart({ desk }: { readonly desk: Desk }) {
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const text = feedSheetWords
  const nutrient = TESTED_NUTRIENTS.find((one) => one === search.get('of')) ?? 'nitrateN'
  const timeline = useQuery(timelineOfTank(desk.tankId))
  const series = useQuery(readingsOfTank(desk.tankId, QUANTITY[nutrient]))
  const aged = useMemo(() => (timeline.data === undefined ? null : agedTimeline(timeline.data)), [timeline.data])
  const tests = useMemo((): UptakeTest[] => {
    if (aged === null || series.data === undefined) return []
    const { at, value, qualifier } = series.data
    return at.flatMap((ms, place) => {
      const { date, minute } = wallClock(new Date(ms).toISOString(), desk.plan.timeZone)
      const day = daysBetween(aged.startedOn, date) + minute / DAY_MIN
      const mark = qualifier[place]
      if (day < aged.today - SPAN_DAYS || day < 0 || mark === '>') return []
      const read = value[place] ?? 0
      return [{ day, mgPerL: mark === '<' ? read / 2 : read, isBelow: mark === '<' }]
    })
  }, [aged, series.data, desk.plan.timeZone])
  return (
    <section aria-labelledby="feed-tests">
      <Heading id="feed-tests">{text.tests}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <div>{text.testsWhy}</div>
        <Choice
          label={text.testsOf}
          why={text.testsOfWhy}
          value={nutrient}
          options={TESTED_NUTRIENTS.map((one) => [one, nutrientWords[one]] as const)}
          onChange={(next) => setParam('of', next === 'nitrateN' ? null : next)}
        />
        {aged === null || series.data === undefined ? (
          <QueryState error={timeline.error ?? series.error} onRetry={() => void Promise.all([timeline.refetch(), series.refetch()])} />
        ) : (
          <Judged key={nutrient} desk={desk} nutrient={nutrient} tests={tests} aged={aged} />
        )}
        <Box component={Link} to={`/tanks/${desk.tankId}/journal`} sx={{ color: 'inherit' }}>
          {text.toJournal}
        </Box>
      </Box>
    </section>
  )
}

interface JudgedProps {
  readonly desk: Desk
  readonly nutrient: TestedNutrient
  readonly tests: readonly UptakeTest[]
  readonly aged: AgedTimeline
}
function Judged({ desk: { tankId, plan, changeFromToday }, nutrient, tests, aged }: JudgedProps) {
  const text = feedSheetWords
  const units = useUnits()
  const dimension = NUTRIENT_DIMENSION[nutrient]
  const [step, setStep] = useKeptState<number>(`jovrin.feedStep.${tankId}.${nutrient}`, USUAL_STEP[nutrient], readStep, { onDevice: true })
  const first = tests.reduce((least, { day }) => Math.min(least, day), aged.today)
  const events = useMemo(() => uptakeEvents(aged, nutrient, first), [aged, nutrient, first])
  const uptake = useMemo(() => uptakeFromTests({ tests, events, stepMgPerL: step }), [tests, events, step])
  const weekly = weekRecipe(plan).givenMgPerL[nutrient]
  const { low, high } = wantedLevel(plan.feeding, nutrient)
  const isByTest = SCHOOL[plan.feeding].kind === 'level'
  const correction = isByTest
    ? null
    : correctionOf({
        uptake,
        weeklyMgPerL: weekly,
        wantedMgPerL: { low, high },
        weeklyChange: weeklyChange(plan),
        newMgPerL: newWaterMgPerL(plan)[nutrient],
      })
  const show = (mgPerL: number): string => units.show(dimension, mgPerL, 2)
  return (
    <>
      <Box sx={{ maxWidth: 180 }}>
        <NumberField
          label={text.kitStep}
          why={text.kitStepWhy}
          dimension={dimension}
          range={[0.001, 50]}
          canBeUnknown={false}
          value={step}
          onChange={(next) => next !== null && setStep(next)}
        />
      </Box>
      {tests.length > 0 && (
        <Measured usual={440}>
          {(width) => (
            <TestRow
              width={width}
              description={text.testsDescription(nutrientWords[nutrient])}
              tests={tests.map((test, at) => ({ ...test, error: uptake.errors[at] ?? 0 }))}
              fitted={uptake.fitted}
              wanted={{ low, high }}
              wantedLabel={text.testsWanted}
              show={(value) => significant(units.to(dimension, value), 2)}
              dayLabel={text.testsDay}
            />
          )}
        </Measured>
      )}
      <Box role="status" sx={{ display: 'grid', gap: 0.5 }}>
        <Verdict uptake={uptake} show={show} count={tests.length} />
      </Box>
      {correction !== null && (
        <Box sx={{ display: 'grid', gap: 0.5 }}>
          <div>
            {text.correction(show(weekly), show(correction.weeklyMgPerL), show(low), show(high))}{' '}
            {!correction.isWholeStep && text.correctionStep}
          </div>
          <Box>
            <Button
              variant="contained"
              onClick={() =>
                changeFromToday((now) => ({
                  ...now,
                  feed: {
                    ...now.feed,
                    amounts: {
                      ...(now.feed.amounts.school === now.feeding ? now.feed.amounts : UNSET_AMOUNTS),
                      school: now.feeding,
                      [ownAmountField(nutrient)]: Number((fullAmounts(now)[nutrient] + correction.weeklyMgPerL - weekly).toPrecision(3)),
                    },
                  },
                }))
              }
            >
              {text.correctionTake(show(correction.weeklyMgPerL))}
            </Button>
          </Box>
          <div>{text.correctionWait(units.show('days', correction.waitDays, 2))}</div>
        </Box>
      )}
      {isByTest && <div>{text.loggedOnly}</div>}
      {uptake.verdict === 'says' && correction === null && !isByTest && <div>{text.correctionNone(show(low), show(high))}</div>}
    </>
  )
}

function Verdict({ uptake, show, count }: { readonly uptake: Uptake; readonly show: (mgPerL: number) => string; readonly count: number }) {
  const text = feedSheetWords
  const { verdict, reason, perDay } = uptake
  if (verdict === 'not-yet')
    return (
      <>
        <strong>{text.notYet}</strong>
        <span>{text.notYetWhy[reason ?? 'noise'](String(count))}</span>
        {perDay !== null && <span className="figures">{text.perDayRange(show(perDay.low), show(perDay.high))}</span>}
      </>
    )
  return (
    <strong className="figures">
      {perDay !== null &&
        (perDay.value > 0
          ? text.takes(show(perDay.value), show(perDay.low), show(perDay.high))
          : text.rises(show(-perDay.value), show(-perDay.high), show(-perDay.low)))}
    </strong>
  )
}
