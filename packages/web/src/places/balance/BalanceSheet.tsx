import { balanceWords, fieldWords, startWeeksWords, strandTitleWords } from '@jovrin/contract'
import {
  leveredTimeline,
  planAt,
  datePlusDays,
  flagsOf,
  gasAnimalsAt,
  isAtRest,
  growthOf,
  leadOf,
  type Levers,
  limitsByKind,
  type Plan,
  tankFigures,
  type TankFigures,
  type TimelineEntry,
  phaseOn,
  plantedAge,
  type StartPhase,
  type TrialEffect,
  typicalDay,
  WEEK_STRIDE,
} from '@jovrin/core'
import { Box, Button, LinearProgress, ToggleButton, ToggleButtonGroup } from '@mui/material'
import { useMemo } from 'react'
import { Braid } from '../../drawing/braid/Braid.js'
import { StartNote } from './StartNote.js'
import { DayStrip } from '../../drawing/day/DayStrip.js'
import { Measured } from '../../drawing/Measured.js'
import { decimals, longDate, percent, shortDate, significant } from '../../ui/units.js'
import { FEW_MEMBERS, type ForecastState } from '../../workers/useForecast.js'
import { braidWeeks } from '../shared/balance.view.js'
import { EffectTable } from './EffectTable.js'
import { LeadNote, type LeadGas } from './LeadNote.js'
import { LeverBoard } from './LeverBoard.js'
import { LimitTable } from './LimitTable.js'
import { TryFirst } from './TryFirst.js'
import { WeekTable } from './WeekTable.js'

interface SheetProps {
  readonly forecast: ForecastState
  /** In force now, without levers. */
  readonly plan: Plan
  readonly timeline: readonly TimelineEntry[]
  readonly today: number
  readonly startedOn: string
  readonly weeks: number
  readonly week: number
  readonly levers: Levers
  /** As it is judged today; `null` until it is known. */
  readonly gas: LeadGas | null
  /** The best single changes; `null` while they are reckoned. */
  readonly tryFirst: readonly TrialEffect[] | null
  readonly onShow: (part: Readonly<Record<string, string>>) => void
  readonly onMove: (levers: Levers, isFinal: boolean) => void
  readonly onKeep: () => void
}

const ALGAE_TICKS = [
  [0.5, 'traces'],
  [2, 'nuisance'],
  [5, 'outbreak'],
] as const

/** The lead, the braid and a typical day on the left; the levers and what limits on the right. What a lever changes stands below it or beside it, so that it stays under the hand. */
export function BalanceSheet({
  forecast,
  plan,
  timeline,
  today,
  startedOn,
  weeks,
  week: wishedWeek,
  levers,
  gas,
  tryFirst,
  onShow,
  onMove,
  onKeep,
}: SheetProps) {
  const { results } = forecast
  // While more weeks are being reckoned the last results stay on the sheet.
  const reckoned = (results[0]?.planned.weeks.length ?? 0) / WEEK_STRIDE
  const week = Math.min(wishedWeek, Math.max(reckoned - 1, 0))
  const isMoved = !isAtRest(levers)
  const arm = isMoved && results[0]?.changed ? 'changed' : 'planned'
  // The drawings follow the results, not the finger: a lever that moves redraws only itself until an answer comes.
  const braid = useMemo(
    () =>
      reckoned > 0 && (
        <Measured>
          {(width) => (
            <Braid
              width={width}
              height={Math.min(324, Math.max(300, width * 0.4))}
              weeks={braidWeeks(results, arm, reckoned)}
              ghost={arm === 'changed' ? braidWeeks(results, 'planned', reckoned) : null}
              limiting={growthOf(results, arm, week).strand}
              isProvisional={results.length <= FEW_MEMBERS}
              chosenWeek={week}
              onChooseWeek={(next) => onShow({ week: String(next) })}
              labels={{
                description: balanceWords.braid,
                strand: strandTitleWords,
                algae: balanceWords.algae,
                weakest: balanceWords.weakestHere,
                full: balanceWords.full,
                weeks: Array.from({ length: reckoned }, (_, index) => shortDate(datePlusDays(startedOn, today + index * 7))),
                algaeTicks: ALGAE_TICKS.map(([gPerM2, name]) => [gPerM2, balanceWords.algaeTicks[name]] as const),
                chosenWeek: balanceWords.chosenWeek,
              }}
            />
          )}
        </Measured>
      ),
    [results, arm, reckoned, week, today, startedOn, onShow],
  )
  const [curve, ghostCurve] = useMemo(
    () => [typicalDay(results, arm, week), arm === 'changed' ? typicalDay(results, 'planned', week) : null],
    [results, arm, week],
  )
  // The day that is drawn belongs to the week that was chosen: a young tank's light still rises.
  const planOfWeek = useMemo(
    () => planAt(leveredTimeline(timeline, today, levers), today + week * 7) ?? plan,
    [timeline, today, levers, week, plan],
  )
  const phase = phaseOn(planOfWeek, today + week * 7)
  const lead = useMemo(
    () =>
      reckoned > 0 &&
      (phase !== 'planted' ? (
        <StartNote phase={phase} growth={leadOf(results, arm, week, plantedAge(plan, today)).growth} />
      ) : (
        <LeadNote
          lead={leadOf(results, arm, week, plantedAge(plan, today))}
          flags={flagsOf(results, arm, week, gasAnimalsAt(plan, today + week * 7))}
          results={results}
          week={week}
          gas={arm === 'planned' && week === 0 ? gas : null}
        />
      )),
    [results, arm, week, today, reckoned, plan, gas, phase],
  )
  const weekOfTank = significant(Math.floor((today + week * 7) / 7) + 1)
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 384px' }, flexGrow: 1 }}>
      <Box sx={{ px: 2, pt: 1, minWidth: 0 }}>
        <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', gap: 1.5, minHeight: 34 }}>
          <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 22 }}>
            {balanceWords.title}
          </Box>
          <Box className="figures" sx={{ color: 'text.secondary', flexGrow: 1 }}>
            {balanceWords.weekAt(balanceWords.weekNo(weekOfTank), longDate(datePlusDays(startedOn, today + week * 7)))}
          </Box>
          <Reckoning forecast={forecast} />
          <ToggleButtonGroup
            size="small"
            exclusive
            aria-label={balanceWords.weeks}
            value={weeks}
            onChange={(_, next: number | null) => next !== null && onShow({ weeks: String(next) })}
          >
            <ToggleButton value={6}>{balanceWords.six}</ToggleButton>
            <ToggleButton value={26}>{balanceWords.twentySix}</ToggleButton>
          </ToggleButtonGroup>
        </Box>
        {lead}
        {braid}
        {reckoned > 0 && (
          <>
            <Box className="lettering" sx={{ fontSize: 15, mt: 0.5 }}>
              {balanceWords.typicalDay(weekOfTank)}
            </Box>
            <Measured>
              {(width) => (
                <DayStrip
                  width={width}
                  plan={planOfWeek}
                  curve={phase === 'dry' ? null : curve}
                  ghost={phase === 'dry' ? null : ghostCurve}
                  edges={phase === 'planted' ? LEVER_EDGES : NO_EDGES}
                  labels={{
                    description: balanceWords.dayDescription,
                    lanes: balanceWords.lanes,
                    edges: balanceWords.edges,
                    format: decimals,
                  }}
                  onMove={(moved, isFinal) => onMove({ ...levers, hours: moved.lightWindows[0]?.hours ?? 0 }, isFinal)}
                />
              )}
            </Measured>
          </>
        )}
      </Box>
      <Margin
        {...{ forecast, plan, week, levers, tryFirst, isMoved, arm, reckoned, phase, phaseToday: phaseOn(plan, today), onMove, onKeep }}
      />
    </Box>
  )
}

/** Only the hours are a lever; the other edges belong to the plan. */
const LEVER_EDGES = ['lightOff'] as const
const NO_EDGES = [] as const

type MarginProps = Pick<SheetProps, 'forecast' | 'plan' | 'week' | 'levers' | 'tryFirst' | 'onMove' | 'onKeep'> & {
  readonly isMoved: boolean
  readonly arm: 'planned' | 'changed'
  readonly reckoned: number
  /** Of the week looked at, and of today. */
  readonly phase: StartPhase
  readonly phaseToday: StartPhase
}

/** The margin column: levers, what to try first, tables. */
function Margin({ forecast, plan, week, levers, tryFirst, isMoved, arm, reckoned, phase, phaseToday, onMove, onKeep }: MarginProps) {
  const { results } = forecast
  const figures = useMemo(() => tankFigures(plan), [plan])
  const tables = useMemo(
    () =>
      reckoned > 0 && (
        <>
          {arm === 'changed' ? (
            <EffectTable results={results} week={reckoned - 1} />
          ) : phase === 'dry' ? (
            <Box sx={{ fontSize: 14 }}>{startWeeksWords.noWaterYet}</Box>
          ) : (
            <WeekTable results={results} arm={arm} week={week} />
          )}
          <LimitTable limits={limitsByKind(results, arm, week)} />
        </>
      ),
    [results, arm, week, reckoned, phase],
  )
  return (
    <Box
      component="aside"
      sx={{
        borderLeft: { lg: '2px solid var(--ink)' },
        background: 'var(--sheet)',
        px: 2,
        py: 1.25,
        display: 'grid',
        gap: 1.25,
        alignContent: 'start',
      }}
    >
      <LeverBoard phase={phaseToday} plan={plan} figures={figures} levers={levers} isMoved={isMoved} onMove={onMove} onKeep={onKeep} />
      <TryFirst effects={tryFirst} onTry={(next) => onMove(next, true)} />
      {tables}
      <NotHeld assumed={figures.assumed} />
    </Box>
  )
}

function NotHeld({ assumed }: { assumed: TankFigures['assumed'] }) {
  const names = [...new Set(assumed.map((path) => fieldWords[path][0]))]
  return (
    <Box sx={{ fontSize: 13, color: 'text.secondary' }}>
      <details>
        <summary>{balanceWords.notHeldTitle}</summary>
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {balanceWords.notHeld.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Box>
      </details>
      {names.length > 0 && (
        <details>
          <summary>{`${balanceWords.assumedTitle} (${significant(names.length)})`}</summary>
          {names.join(', ')}
        </details>
      )}
    </Box>
  )
}
/** Assumptions that are not a question of their own, and the question that would replace them. */
function Reckoning({ forecast }: { forecast: ForecastState }) {
  if (forecast.isStopped)
    return (
      <Box role="status" sx={{ fontSize: 13, display: 'flex', gap: 1, alignItems: 'center' }}>
        {balanceWords.stopped(significant(forecast.results.length))}
        <Button onClick={forecast.resume}>{balanceWords.resume}</Button>
      </Box>
    )
  if (forecast.isDone) return null
  const done = forecast.results.length
  return (
    <Box sx={{ fontSize: 13, display: 'flex', gap: 1, alignItems: 'center' }}>
      <Box sx={{ width: 90 }}>
        <LinearProgress
          variant="determinate"
          value={(100 * done) / forecast.wanted}
          aria-label={balanceWords.reckoning(significant(done), significant(forecast.wanted))}
        />
      </Box>
      <span className="figures">{`${percent(done / forecast.wanted)} %`}</span>
      <Button onClick={forecast.stop}>{balanceWords.stop}</Button>
    </Box>
  )
}
