import { gasLevelWords } from '@jovrin/contract'
import {
  civilDate,
  datePlusDays,
  GAS_STAGES,
  gasAims,
  gasAnimalsAt,
  GASLESS_PPFD,
  gasWaterOf,
  gradeOf,
  plannedCo2,
  tankFigures,
  wantsSensitive,
  withGasAim,
  type GasAimStep,
  type GasStage,
} from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useMemo } from 'react'
import { useSearchParams } from 'react-router'
import { Choice } from '../../../../ui/Choice.js'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { useKeptState } from '../../../../ui/useKeptState.js'
import { useSetParam } from '../../../../ui/useSetParam.js'
import { shortDate, significant, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { Heading } from '../light/LampsPanel.js'

const LIGHT_COLUMN = 2

/** A taper that was begun: what its shares are of, so that a step that was taken does not move the next. */
interface Begun {
  readonly on: string
  readonly ppfd: number
}
const readBegun = (kept: unknown): Begun | null =>
  typeof kept === 'object' &&
  kept !== null &&
  'on' in kept &&
  'ppfd' in kept &&
  typeof kept.on === 'string' &&
  typeof kept.ppfd === 'number'
    ? { on: kept.on, ppfd: kept.ppfd }
    : null

/** Where a tank stands by its plan and age. */
function stageOf({ plan }: Desk, age: number): GasStage {
  const animals = gasAnimalsAt(plan, Math.max(age, 0))
  if (animals === 'none') return 'no-animals'
  const isNew = gasAnimalsAt(plan, Math.max(age - WEEK, 0)) === 'none'
  return !isNew ? 'grown-in' : animals === 'sensitive' ? 'sensitive' : 'animals'
}
const WEEK = 7

/** What CO2 to aim at by the stage of the tank, and the steps that lead there. */
export function AimPanel({ desk, age }: { readonly desk: Desk; readonly age: number }) {
  const text = gasLevelWords
  const { plan, figures, tankId } = desk
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const usual = stageOf(desk, age)
  const stage = GAS_STAGES.find((one) => one === search.get('stage')) ?? usual
  const [begun, setBegun] = useKeptState<Begun | null>(`jovrin.gasAim.${tankId}.${stage}`, null, readBegun, { onDevice: true })
  const areSensitive = wantsSensitive(plan)
  const startPpfd = begun?.ppfd ?? figures.ppfd
  const steps = useMemo(
    () =>
      gasAims(stage, {
        areSensitive,
        airMgPerL: gasWaterOf(figures).equilibriumMgPerL,
        endLightShare: Math.min(1, GASLESS_PPFD / Math.max(1, startPpfd)),
      }),
    [stage, areSensitive, figures, startPpfd],
  )
  const dwindling = plan.flora.filter(({ carbon }) => carbon.includes('needed')).map(({ name }) => name)
  const isSeveral = steps.length > 1
  const hasLight = steps.some(({ lightShare }) => lightShare !== 1)
  return (
    <section aria-labelledby="gas-aim">
      <Heading id="gas-aim">{text.aim}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <Choice
          label={text.stage}
          why={text.stageWhy}
          value={stage}
          options={GAS_STAGES.map((one) => [one, text.stageNames[one]] as const)}
          onChange={(next) => setParam('stage', next === usual ? null : next)}
        />
        <div>{text.stageTold[stage]}</div>
        <Box
          component="table"
          className="figures"
          sx={{
            width: '100%',
            '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' },
            '& td': { pr: 1, verticalAlign: 'top' },
          }}
        >
          <HeadRow heads={text.stepHead.filter((_, column) => (column !== 0 || isSeveral) && (column !== LIGHT_COLUMN || hasLight))} />
          <tbody>
            {steps.map((step) => (
              <Step
                key={step.fromDay}
                desk={desk}
                step={step}
                hasLight={hasLight}
                from={!isSeveral ? null : begun === null ? significant(step.fromDay) : shortDate(datePlusDays(begun.on, step.fromDay))}
                ppfd={step.lightShare === 1 ? null : startPpfd * step.lightShare}
                isOff={stage === 'without' && step === steps.at(-1)}
                onTake={() => isSeveral && begun === null && setBegun({ on: civilDate(new Date(), plan.timeZone), ppfd: figures.ppfd })}
              />
            ))}
          </tbody>
        </Box>
        {begun !== null && isSeveral && (
          <div>
            {text.begun(shortDate(begun.on))}{' '}
            <Button variant="text" sx={{ py: 0 }} onClick={() => setBegun(null)}>
              {text.beginAnew}
            </Button>
          </div>
        )}
        {stage === 'without' && dwindling.length > 0 && <Box sx={{ color: 'var(--algae)' }}>{text.needGas(dwindling.join(', '))}</Box>}
        <Box sx={{ color: 'text.secondary' }}>{text.overrides}</Box>
      </Box>
    </section>
  )
}

interface StepProps {
  readonly desk: Desk
  readonly step: GasAimStep
  readonly hasLight: boolean
  /** Day of the stage, or the date; `null` where there is one step alone. */
  readonly from: string | null
  /** Of the light that the step asks for; `null` where light stays. */
  readonly ppfd: number | null
  readonly isOff: boolean
  readonly onTake: () => void
}
function Step({ desk: { plan, figures, change }, step, hasLight, from, ppfd, isOff, onTake }: StepProps) {
  const text = gasLevelWords
  const units = useUnits()
  const task = useMemo(() => ({ peakMgPerL: isOff ? null : step.high, ppfd }), [isOff, step.high, ppfd])
  const { isTooMuch, isSet } = useMemo(() => {
    const then = withGasAim(plan, figures, task)
    const after = tankFigures(then)
    // Animals that are still to come count, as in the check of the plan.
    const grade = after.gasLines.length === 0 ? 'fine' : gradeOf(plannedCo2(after).peak, gasAnimalsAt(plan, Infinity))
    const isSame =
      Math.abs(after.gasLevels.peak - figures.gasLevels.peak) < SAME_MG_PER_L &&
      Math.abs(after.ppfd - figures.ppfd) < SAME_SHARE * figures.ppfd
    return { isTooMuch: grade !== 'fine' && grade !== 'wasted', isSet: isSame }
  }, [plan, figures, task])
  return (
    <tr>
      {from !== null && <td>{from}</td>}
      <td>
        {isOff ? text.stepNone : `${text.stepLevel(significant(step.low, 2), significant(step.high, 2))} ${units.unitOf('concentration')}`}
      </td>
      {hasLight && <td>{ppfd === null ? '' : units.show('ppfd', ppfd, 2)}</td>}
      <td>
        {isSet ? (
          text.stepSet
        ) : isTooMuch ? (
          <Box component="span" sx={{ color: 'text.secondary' }}>
            {text.stepForbidden}
          </Box>
        ) : (
          <Button
            title={text.stepTakeWhy}
            sx={{ py: 0 }}
            onClick={() => {
              onTake()
              change((now) => withGasAim(now, tankFigures(now), task))
            }}
          >
            {text.stepTake}
          </Button>
        )}
      </td>
    </tr>
  )
}
/** Nearer than this it is set already. */
const SAME_MG_PER_L = 0.6
const SAME_SHARE = 0.02
