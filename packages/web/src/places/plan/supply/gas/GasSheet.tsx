import { balanceWords, gasSheetWords } from '@jovrin/contract'
import {
  addedGasLine,
  clockOf,
  gasAnimalsAt,
  gasDayCurve,
  gasWaterOf,
  minutesOf,
  MUCH_MG_PER_L,
  SENSITIVE_MG_PER_L,
  timeOfDayMin,
  groundHeightCm,
} from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useMemo, useState } from 'react'
import { useSearchParams } from 'react-router'
import { DayStrip } from '../../../../drawing/day/DayStrip.js'
import { GasCurve } from '../../../../drawing/gas/GasCurve.js'
import { INK } from '../../../../drawing/ink.js'
import { Measured } from '../../../../drawing/Measured.js'
import type { SectionLayout } from '../../../../drawing/section/layout.js'
import { Section } from '../../../../drawing/section/Section.js'
import { Choice } from '../../../../ui/Choice.js'
import { useSetParam } from '../../../../ui/useSetParam.js'
import { decimals, useUnits } from '../../../../ui/units.js'
import { useFindings, useMarginDesk, type Desk } from '../../desk.js'
import { FindingsList } from '../../FindingsList.js'
import { sectionLabels } from '../../sectionLabels.js'
import { SheetFrame } from '../../SheetFrame.js'
import { CylinderPanel } from './CylinderPanel.js'
import { gasStretches, lightStretches } from './gasTimes.js'
import { AimPanel } from './AimPanel.js'
import { BottlePanel } from './BottlePanel.js'
import { KitDrawing } from './KitDrawing.js'
import { KitPanel } from './KitPanel.js'
import { LevelPanel } from './level/LevelPanel.js'
import { MovesTable } from './MovesTable.js'
import { RunPanel, type MeasuredRun } from './RunPanel.js'
import { TimerPanel } from './TimerPanel.js'

const PARTS = ['timer', 'level', 'run', 'aim', 'cylinder', 'kit', 'bottle'] as const
const NOTHING_RUN: MeasuredRun = { points: [], fitted: [] }
const GAS_EDGES = ['gasOn', 'gasOff'] as const
/** High in the water, below the surface. */
const BELOW_SURFACE_CM = 6
const OVER_CARPET_CM = 4

/** CO2 of a day: when the valve opens and shuts, what a run of pH says, how long the cylinder lasts. */
export function GasSheet({ desk, age }: { readonly desk: Desk; readonly age: number }) {
  const { plan, figures, change } = desk
  const units = useUnits()
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const [marginDesk, onStep] = useMarginDesk(desk)
  const findings = useFindings(marginDesk)
  const part = PARTS.find((one) => one === search.get('part')) ?? 'timer'
  const [measured, setMeasured] = useState<MeasuredRun>(NOTHING_RUN)
  const [line] = figures.gasLines
  const animals = gasAnimalsAt(plan, Math.max(age, 0))
  // What is offered is what the check of the plan lets pass: animals that are still to come count.
  const planned = gasAnimalsAt(plan, Infinity)
  const most = planned === 'sensitive' ? SENSITIVE_MG_PER_L : MUCH_MG_PER_L
  const levels = useMemo(() => gasDayCurve(figures.gasLines, plan.lightWindows, gasWaterOf(figures), null), [figures, plan.lightWindows])
  if (line === undefined)
    return (
      <SheetFrame
        drawing={
          <Box sx={{ p: 2 }}>
            {gasSheetWords.noGas}{' '}
            <Button
              onClick={() =>
                change((now) => ({ ...now, gasLines: [...now.gasLines.filter(({ control }) => control !== 'none'), addedGasLine('c1')] }))
              }
            >
              {gasSheetWords.addGas}
            </Button>
          </Box>
        }
        margin={<BottlePanel desk={desk} />}
      />
    )
  const [window] = plan.lightWindows
  const onMin = window === undefined ? 0 : minutesOf(window.on)
  const offMin = window === undefined ? 0 : onMin + window.hours * 60 - line.beforeDarkMin
  const level = (mgPerL: number): string => units.show('concentration', mgPerL, 2)
  return (
    <SheetFrame
      drawing={
        <>
          <Measured usual={780}>
            {(width) => (
              <GasCurve
                width={width}
                description={gasSheetWords.curveDescription(plan.name)}
                levels={levels}
                light={lightStretches(plan)}
                gas={gasStretches(plan, line)}
                mostMgPerL={most}
                mostLabel={gasSheetWords.most(level(most))}
                marks={[
                  { minute: onMin, label: gasSheetWords.lightsOn, value: level(figures.gasLevels.atLightsOn) },
                  { minute: offMin, label: gasSheetWords.gasOff, value: level(figures.gasLevels.peak) },
                ]}
                measured={part === 'run' ? measured.points : []}
                measuredLabel={gasSheetWords.measured}
                fitted={part === 'run' ? measured.fitted : []}
                fittedLabel={gasSheetWords.fitted}
              />
            )}
          </Measured>
          <Box className="figures" sx={{ fontSize: 14 }}>
            {gasSheetWords.nowTold(
              clockOf(timeOfDayMin(onMin - line.beforeLightMin)),
              clockOf(timeOfDayMin(offMin)),
              level(figures.gasLevels.atLightsOn),
              level(figures.gasLevels.peak),
            )}{' '}
            <Box component="span" sx={{ color: 'text.secondary' }}>
              {gasSheetWords.note}
            </Box>
          </Box>
          {part === 'kit' && <KitDrawing desk={desk} line={line} />}
          <Measured usual={780}>
            {(width) => (
              <DayStrip
                plan={plan}
                width={width}
                curve={null}
                edges={GAS_EDGES}
                labels={{
                  description: gasSheetWords.stripDescription,
                  lanes: balanceWords.lanes,
                  edges: balanceWords.edges,
                  format: decimals,
                }}
                onMove={(next, isFinal) => {
                  onStep(isFinal)
                  change(() => next, isFinal)
                }}
              />
            )}
          </Measured>
          <Measured usual={780}>
            {(width) => (
              <Section
                width={width}
                plan={plan}
                figures={figures}
                ageDays={age}
                mostHeight={270}
                labels={{
                  ...sectionLabels(plan, figures, units, [[gasSheetWords.loss, `${decimals(figures.co2PerH, 2)} /h`]]),
                  description: gasSheetWords.sectionDescription(plan.name),
                }}
                marks={(section) => (
                  <Indicator
                    layout={section}
                    zCm={
                      animals === 'none'
                        ? groundHeightCm(figures.ground, figures.inner.lengthCm * 0.2, figures.inner.widthCm * 0.2) + OVER_CARPET_CM
                        : figures.inner.waterDepthCm - BELOW_SURFACE_CM
                    }
                    xCm={figures.inner.lengthCm * 0.2}
                  />
                )}
              />
            )}
          </Measured>
          <Box sx={{ fontSize: 14 }}>
            {animals === 'none' ? gasSheetWords.indicatorLow : gasSheetWords.indicatorHigh} {gasSheetWords.indicatorLag}
          </Box>
          <FindingsList tankId={desk.tankId} muted={plan.muted} change={change} findings={findings} sheet="gas" />
        </>
      }
      margin={
        <>
          <Choice
            label={gasSheetWords.part}
            why={gasSheetWords.partWhy}
            value={part}
            options={PARTS.map((one) => [one, gasSheetWords.parts[one]] as const)}
            onChange={(next) => setParam('part', next === 'timer' ? null : next)}
          />
          {part === 'timer' && <TimerPanel desk={marginDesk} animals={planned} />}
          {part === 'timer' && <MovesTable desk={marginDesk} />}
          {part === 'level' && <LevelPanel desk={marginDesk} age={Math.max(age, 0)} />}
          {part === 'aim' && <AimPanel desk={marginDesk} age={age} />}
          {part === 'kit' && <KitPanel desk={marginDesk} line={line} />}
          {part === 'bottle' && <BottlePanel desk={marginDesk} />}
          {part === 'run' && <RunPanel desk={marginDesk} line={line} onMeasured={setMeasured} />}
          {part === 'cylinder' && <CylinderPanel desk={marginDesk} />}
        </>
      }
    />
  )
}

/** The indicator on the front pane: a bulb with its cup of liquid. */
function Indicator({ layout, xCm, zCm }: { readonly layout: SectionLayout; readonly xCm: number; readonly zCm: number }) {
  const x = layout.front.innerLeft + xCm * layout.pxPerCm
  const y = layout.floorY - zCm * layout.pxPerCm
  return (
    <g stroke="var(--ink)" strokeWidth={INK.medium}>
      <circle cx={x} cy={y} r="7" fill="var(--sheet)" />
      <path d={`M${x - 6.5} ${y + 2}h13a7 7 0 0 1 -13 0z`} fill="var(--carbon-fill)" />
      <path d={`M${x - 3} ${y - 6}v-5h6v5`} fill="var(--sheet)" />
    </g>
  )
}
