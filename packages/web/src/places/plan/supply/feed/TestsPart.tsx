import { feedSheetWords, nutrientWords } from '@jovrin/contract'
import {
  broughtByWater,
  civilDateAt,
  commonAnswers,
  correctionOf,
  dayDose,
  daysBetween,
  entryAt,
  fullAmounts,
  isChangeDay,
  NUTRIENT_DIMENSION,
  ownAmountField,
  SCHOOL,
  TESTED_NUTRIENTS,
  tapOf,
  UNSET_AMOUNTS,
  uptakeFromTests,
  WANTED_LEVELS,
  weekRecipe,
  type Plan,
  type TestedNutrient,
  type Uptake,
  type UptakeEvent,
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
const DAY_MS = 86_400_000
const CHANGE_AT = 0.4
const DOSE_AT = 0.5
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
      const date = civilDateAt(ms, desk.plan.timeZone)
      const day = daysBetween(aged.startedOn, date) + (ms % DAY_MS) / DAY_MS
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

/** Doses and changes since some day, as they were planned, done and left out. */
function eventsOf(aged: AgedTimeline, nutrient: TestedNutrient, fromDay: number): UptakeEvent[] {
  const tapKey = { nitrateN: 'nitrateMgNPerL', phosphateP: 'phosphateMgPPerL', potassium: 'potassiumMgPerL', iron: 'ironMgPerL' } as const
  const events: UptakeEvent[] = []
  const isOmitted = (what: 'dose' | 'change', day: number): boolean =>
    aged.deeds.omitted.some((one) => one.what === what && one.day === day)
  for (let day = Math.max(0, Math.floor(fromDay)); day <= aged.today; day++) {
    const entry = entryAt(aged.timeline, day)
    if (entry === undefined) continue
    const newMgPerL = tapOf(entry.plan, commonAnswers())[tapKey[nutrient]]
    const isChange = isChangeDay(entry.plan, day)
    if (isChange && !isOmitted('change', day))
      events.push({ kind: 'change', day: day + CHANGE_AT, fraction: entry.plan.changes.fraction, newMgPerL })
    for (const act of aged.deeds.acts)
      if (act.kind === 'change' && act.day === day)
        events.push({ kind: 'change', day: day + act.minute / 1440, fraction: act.fraction, newMgPerL })
    const dose = dayDose(entry, day, isChange)
    if (dose.kind === 'add' && !isOmitted('dose', day) && dose.mgPerL[nutrient] > 0)
      events.push({ kind: 'dose', day: day + DOSE_AT, mgPerL: dose.mgPerL[nutrient] })
  }
  return events
}

const levelsOf = ({ feeding }: Plan): keyof typeof WANTED_LEVELS =>
  feeding === 'rich-column' ? 'rich' : feeding === 'lean-column' || feeding === 'ground-led' ? 'lean' : 'measured'

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
  const events = useMemo(() => eventsOf(aged, nutrient, first), [aged, nutrient, first])
  const uptake = useMemo(() => uptakeFromTests({ tests, events, stepMgPerL: step }), [tests, events, step])
  const weekly = weekRecipe(plan, undefined, broughtByWater(plan)).givenMgPerL[nutrient]
  const [low, high] = WANTED_LEVELS[levelsOf(plan)][nutrient]
  const weeklyChange = Math.min(1, (plan.changes.fraction * 7) / plan.changes.everyDays)
  const newMgPerL = broughtByWater(plan)[nutrient] / Math.max(1e-6, weeklyChange)
  const correction =
    SCHOOL[plan.feeding].kind === 'level'
      ? null
      : correctionOf({ uptake, weeklyMgPerL: weekly, wantedMgPerL: { low, high }, weeklyChange, newMgPerL })
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
      {uptake.verdict === 'says' && correction === null && <div>{text.correctionNone(show(low), show(high))}</div>}
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
