import { gasLevelWords } from '@jovrin/contract'
import {
  alkalinityOfDkh,
  blueShare,
  colourOfCo2,
  compareWays,
  DISTRUSTED_DKH,
  dkhOfAlkalinity,
  indicatorPh,
  standingAcids,
  WORKINGS,
  type GasCompared,
  type GasMeasured,
  type Provenance,
  type WorkedFigure,
} from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { conditionOfTank } from '../../../../../api/tanks.queries.js'
import { DyeScale } from '../../../../../drawing/gas/DyeScale.js'
import { NumberField } from '../../../../../ui/NumberField.js'
import { Grid } from '../../../../../ui/QuestionGroup.js'
import { QueryState } from '../../../../../ui/QueryState.js'
import { useKeptState } from '../../../../../ui/useKeptState.js'
import { decimals, significant, useUnits } from '../../../../../ui/units.js'
import { gasReadingsOf, type GasReadings } from '../../../../shared/gasReadings.js'
import { indicatorReading } from '../../../../shared/indicatorReading.js'
import { useLog } from '../../../../shared/logging.js'
import { WorkingFigure } from '../../../../shared/WorkingFigure.js'
import type { Desk } from '../../../desk.js'
import { Heading } from '../../light/LampsPanel.js'
import { IndicatorPhoto } from './IndicatorPhoto.js'

interface LevelPanelProps {
  readonly desk: Desk
  readonly age: number
}
/** What was typed over the journal's readings; what is left out is theirs. Kept over a reload. */
type Typed = Partial<Pick<GasMeasured, 'pH' | 'khDkh' | 'pHDegassed' | 'roomCo2Ppm' | 'blueShare' | 'referenceKhDkh'>> & {
  readonly temperatureC?: number
}
const readTyped = (kept: unknown): Typed | null => (typeof kept === 'object' && kept !== null ? kept : null)

/** Of usual tank water [mol/kg]: a GH of 5 or so; it hardly matters. Rule of thumb 0.001–0.006. */
const USUAL_IONIC_STRENGTH = 0.003
const USUAL_REFERENCE_DKH = 4
/** Of an indicator's liquid, as its working takes it. */
const REFERENCE_MEQ_PER_L = [alkalinityOfDkh(0.5), alkalinityOfDkh(20)] as const
const SCALE_MG_PER_L = [3, 6, 10, 15, 20, 25, 30, 40, 60, 100] as const
/** Eyes tell one colour of the scale from its neighbours, not more. */
const EYE_SHARE = 0.04
/** Less apart is within what a pen is off by. */
const TOLD_PH = 0.15

/** How much CO2 is dissolved by each way of telling, beside each other. Shown once the journal's newest readings are known. */
export function LevelPanel({ desk, age }: LevelPanelProps) {
  const { data, error, refetch } = useQuery(conditionOfTank(desk.tankId))
  if (data === undefined) return <QueryState error={error} onRetry={() => void refetch()} />
  return <KnownLevel desk={desk} age={age} read={gasReadingsOf(data.gas)} />
}

function KnownLevel({ desk: { tankId, plan, figures }, age, read }: LevelPanelProps & { readonly read: GasReadings }) {
  const text = gasLevelWords
  const units = useUnits()
  const log = useLog(tankId)
  const [typed, setTyped] = useKeptState<Typed>(`jovrin.gasLevel.${tankId}`, {}, readTyped)
  const change = (part: Typed): void => setTyped({ ...typed, ...part })
  const measured = useMemo(
    (): GasMeasured => ({
      pH: null,
      khDkh: null,
      temperatureC: figures.temperatureC,
      ionicStrengthMolPerKg: USUAL_IONIC_STRENGTH,
      pHDegassed: null,
      roomCo2Ppm: plan.roomCo2Ppm,
      blueShare: null,
      referenceKhDkh: USUAL_REFERENCE_DKH,
      ...read,
      ...typed,
    }),
    [figures.temperatureC, plan.roomCo2Ppm, read, typed],
  )
  const compared = useMemo(() => compareWays(measured), [measured])
  const fromOf = (key: keyof Typed, isRead: boolean): Provenance => (typed[key] !== undefined ? 'typed' : isRead ? 'measured' : 'assumed')
  const steps = SCALE_MG_PER_L.map((co2MgPerL) => ({
    co2MgPerL,
    blueShare: blueShare(indicatorPh(co2MgPerL, measured.referenceKhDkh, measured.temperatureC)),
    label: text.swatch(units.show('concentration', co2MgPerL)),
  }))
  const share = measured.blueShare
  const chosen =
    share === null
      ? null
      : steps.reduce(
          (best, step, place) =>
            Math.abs(step.blueShare - share.value) < Math.abs((steps[best]?.blueShare ?? 9) - share.value) ? place : best,
          0,
        )
  const temperature = { value: measured.temperatureC, from: fromOf('temperatureC', read.temperatureC !== undefined) }
  const inputs = {
    phKh: {
      pH: { value: measured.pH ?? 0, from: fromOf('pH', true) },
      khDkh: { value: measured.khDkh ?? 0, from: fromOf('khDkh', true) },
      temperatureC: temperature,
      ionicStrengthMolPerKg: {
        value: measured.ionicStrengthMolPerKg,
        from: read.ionicStrengthMolPerKg === undefined ? ('assumed' as const) : ('reckoned' as const),
      },
    },
    drop: {
      pHDegassed: { value: measured.pHDegassed ?? 0, from: fromOf('pHDegassed', true) },
      pHNow: { value: measured.pH ?? 0, from: fromOf('pH', true) },
      roomCo2Ppm: {
        value: measured.roomCo2Ppm ?? figures.room.co2Ppm,
        from: measured.roomCo2Ppm === null ? ('assumed' as const) : ('typed' as const),
      },
      temperatureC: temperature,
    },
    dye: {
      blueShare: { value: share?.value ?? 0, from: 'typed' as const },
      referenceKhDkh: { value: measured.referenceKhDkh, from: fromOf('referenceKhDkh', false) },
      temperatureC: temperature,
    },
  }
  return (
    <>
      <section aria-labelledby="gas-measured">
        <Heading id="gas-measured">{text.measured}</Heading>
        <Box sx={{ fontSize: 14, mb: 0.5 }}>{text.measuredWhy}</Box>
        <Grid min={120}>
          <NumberField
            label={text.pH}
            why={text.pHWhy}
            dimension="pH"
            range={[4, 10]}
            value={measured.pH}
            onChange={(pH) => change({ pH })}
          />
          <NumberField
            label={text.kh}
            why={text.khWhy}
            dimension="alkalinity"
            range={[0, 10]}
            value={measured.khDkh === null ? null : alkalinityOfDkh(measured.khDkh)}
            onChange={(meq) => change({ khDkh: meq === null ? null : dkhOfAlkalinity(meq) })}
          />
          <NumberField
            label={text.temperature}
            why={text.temperatureWhy}
            dimension="temperature"
            range={[5, 38]}
            canBeUnknown={false}
            value={measured.temperatureC}
            onChange={(temperatureC) => temperatureC !== null && change({ temperatureC })}
          />
          <NumberField
            label={text.degassed}
            why={text.degassedWhy}
            dimension="pH"
            range={[4, 10]}
            value={measured.pHDegassed}
            onChange={(pHDegassed) => change({ pHDegassed })}
          />
          <NumberField
            label={text.room}
            why={text.roomWhy}
            dimension="airShare"
            range={[280, 5000]}
            value={measured.roomCo2Ppm}
            onChange={(roomCo2Ppm) => change({ roomCo2Ppm })}
          />
        </Grid>
      </section>
      <section aria-labelledby="gas-levels">
        <Heading id="gas-levels">{text.ways}</Heading>
        <Box component="table" className="figures" sx={{ width: '100%', fontSize: 14, '& td': { verticalAlign: 'top', pr: 1 } }}>
          <tbody>
            {(['phKh', 'drop', 'dye'] as const).map((way) => (
              <tr key={way}>
                <td>{text.wayNames[way]}</td>
                <td>
                  <Level way={way} range={compared[way]} inputs={inputs[way]} isContradiction={isContradiction(way, measured)} />
                </td>
              </tr>
            ))}
          </tbody>
        </Box>
        <Told compared={compared} measured={measured} acids={standingAcids(figures, age)} />
      </section>
      <section aria-labelledby="gas-dye">
        <Heading id="gas-dye">{text.dye}</Heading>
        <Box sx={{ display: 'grid', gap: 0.75 }}>
          <Grid min={120}>
            <NumberField
              label={text.reference}
              why={text.referenceWhy}
              dimension="alkalinity"
              range={REFERENCE_MEQ_PER_L}
              canBeUnknown={false}
              value={alkalinityOfDkh(measured.referenceKhDkh)}
              onChange={(meq) => meq !== null && change({ referenceKhDkh: dkhOfAlkalinity(meq) })}
            />
          </Grid>
          <DyeScale
            steps={steps}
            label={`${text.dyeWhy} (${units.unitOf('concentration')})`}
            chosen={chosen}
            onChoose={(place) => {
              const value = steps[place]?.blueShare ?? 0.5
              change({ blueShare: { low: Math.max(0, value - EYE_SHARE), value, high: Math.min(1, value + EYE_SHARE) } })
            }}
          />
          {share !== null && (
            <Box sx={{ display: 'flex', gap: 1 }}>
              {Math.abs(measured.referenceKhDkh - USUAL_REFERENCE_DKH) < 0.3 && compared.dye !== null && (
                <Button
                  onClick={() =>
                    void log([indicatorReading(colourOfCo2(compared.dye?.value ?? 0), null)], new Date().toISOString(), text.logged)
                  }
                >
                  {text.log}
                </Button>
              )}
              <Button onClick={() => change({ blueShare: null })}>{text.clearColour}</Button>
            </Box>
          )}
          <IndicatorPhoto onRead={({ low, share: value, high }) => change({ blueShare: { low, value, high } })} />
        </Box>
      </section>
    </>
  )
}

function Told({
  compared,
  measured,
  acids,
}: {
  readonly compared: GasCompared
  readonly measured: GasMeasured
  readonly acids: ReturnType<typeof standingAcids>
}) {
  const text = gasLevelWords
  const units = useUnits()
  const { degassedPh, forAnimals, forPlants, apart } = compared
  const doubts = [
    ...(measured.khDkh !== null && measured.khDkh < DISTRUSTED_DKH ? (['kh-low'] as const) : []),
    ...(acids.hasTannin ? (['tannin'] as const) : []),
    ...(acids.hasNewSoil ? (['new-soil'] as const) : []),
  ]
  const level = ({ low, high }: { readonly low: number; readonly high: number }): string =>
    `${significant(low, 2)}–${units.show('concentration', high, 2)}`
  const lower = degassedPh === null || measured.pHDegassed === null ? null : degassedPh - measured.pHDegassed
  const isSeveral = [compared.phKh, compared.drop, compared.dye].filter((way) => way !== null).length > 1
  return (
    <Box sx={{ display: 'grid', gap: 0.5, fontSize: 14, mt: 0.5 }} className="figures">
      {compared.phKh !== null && doubts.length > 0 && (
        <div>
          {text.doubts}
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {doubts.map((doubt) => (
              <li key={doubt}>{text.doubtWords[doubt]}</li>
            ))}
          </Box>
        </div>
      )}
      {apart !== null && <Box sx={{ color: 'var(--algae)' }}>{text.apart[apart]}</Box>}
      {apart === null && isSeveral && <div>{text.agree}</div>}
      {degassedPh !== null && (
        <div>
          {text.degassedTold(decimals(degassedPh, 1))}{' '}
          {lower !== null &&
            (lower > TOLD_PH
              ? text.degassedLow(decimals(lower, 1))
              : lower < -TOLD_PH
                ? text.degassedHigh(decimals(-lower, 1))
                : text.degassedFits)}
        </div>
      )}
      {forAnimals !== null && forPlants !== null && (
        <div>{apart === null ? text.countsOne(level(forAnimals)) : text.counts(level(forAnimals), level(forPlants))}</div>
      )}
      <Box sx={{ color: 'text.secondary' }}>{text.overrides}</Box>
    </Box>
  )
}

const WORKING_OF = { phKh: 'gas.co2-from-ph', drop: 'gas.co2-from-drop', dye: 'gas.co2-from-dye' } as const
type Way = keyof typeof WORKING_OF

interface LevelProps {
  readonly way: Way
  readonly range: GasCompared[Way]
  readonly inputs: Readonly<Record<string, { readonly value: number; readonly from: Provenance }>>
  readonly isContradiction: boolean
}
function Level({ way, range, inputs, isContradiction: contradicts }: LevelProps) {
  const units = useUnits()
  const working = WORKINGS.find(({ id }) => id === WORKING_OF[way])
  if (range === null || working === undefined)
    return <Box sx={{ color: 'text.secondary' }}>{contradicts ? gasLevelWords.contradicts : gasLevelWords.wayMissing[way]}</Box>
  const figure: WorkedFigure = range
  return (
    <WorkingFigure working={working} inputs={inputs} figure={figure}>
      {units.show('concentration', range.value, 2)} ({significant(range.low, 2)}–{significant(range.high, 2)})
    </WorkingFigure>
  )
}
const isContradiction = (way: Way, { pH, khDkh, pHDegassed }: GasMeasured): boolean =>
  pH !== null && ((way === 'phKh' && khDkh !== null) || (way === 'drop' && pHDegassed !== null))
