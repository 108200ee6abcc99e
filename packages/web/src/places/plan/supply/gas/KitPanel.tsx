import { gasKitWords } from '@jovrin/contract'
import {
  ASSEMBLY_STEPS,
  assemblyOf,
  BUBBLE_WAYS,
  bubbleDissolvedWorking,
  dissolvedOfBubble,
  type AnsweredLine,
  type AssemblyStep,
  type GasLine,
} from '@jovrin/core'
import { Box, Button, Checkbox, FormControlLabel } from '@mui/material'
import { useState } from 'react'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { NumberField } from '../../../../ui/NumberField.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { useKeptState } from '../../../../ui/useKeptState.js'
import { percent, significant, useUnits } from '../../../../ui/units.js'
import { WorkingFigure } from '../../../shared/WorkingFigure.js'
import type { Desk } from '../../desk.js'
import { PlanChoice, PlanField } from '../../PlanField.js'
import { Heading } from '../light/LampsPanel.js'
import { BubbleSize } from './BubbleSize.js'

interface KitPanelProps {
  readonly desk: Desk
  readonly line: AnsweredLine
}

/** The gas kit as parts: what each is, in which order they go together and with which care, and what of the gas dissolves. */
export function KitPanel({ desk, line }: KitPanelProps) {
  const item = desk.form.draft.gasLines.find(({ id }) => id === line.id)
  if (item === undefined) return null
  return (
    <>
      <Box sx={{ display: 'grid', gap: 1 }}>
        <PlanChoice path="gasLines/*/control" item={item} />
        <PlanChoice path="gasLines/*/diffuser" item={item} />
        <PlanChoice path="gasLines/*/regulator" item={item} />
        <Grid min={150}>
          <PlanField path="gasLines/*/workingBar" item={item} />
          <PlanField path="gasLines/*/linePressureBar" item={item} />
          {item.control === 'controller' && <PlanField path="gasLines/*/limitMgPerL" item={item} />}
        </Grid>
      </Box>
      <Assembly tankId={desk.tankId} item={item} />
      <BubbleSize desk={desk} item={item} line={line} />
      {(line.diffuser ?? 'in-tank') === 'in-tank' ? <Efficiency desk={desk} line={line} /> : <EfficiencyElse line={line} />}
    </>
  )
}

const readTicks = (kept: unknown): readonly AssemblyStep[] | null =>
  Array.isArray(kept) ? ASSEMBLY_STEPS.filter((step) => kept.includes(step)) : null

/** The steps with a box to tick each, and the caution where it bites. */
function Assembly({ tankId, item }: { readonly tankId: string; readonly item: GasLine }) {
  const text = gasKitWords
  const [ticked, setTicked] = useKeptState<readonly AssemblyStep[]>(`jovrin.gasKit.${tankId}.${item.id}`, [], readTicks, { onDevice: true })
  const steps = assemblyOf(item)
  const done = steps.filter((step) => ticked.includes(step))
  return (
    <section aria-labelledby="gas-assembly">
      <Heading id="gas-assembly">{text.assembly}</Heading>
      <Box sx={{ fontSize: 14 }}>{text.assemblyWhy}</Box>
      <Box component="ol" sx={{ m: 0, pl: 2.5, fontSize: 14 }}>
        {steps.map((step) => {
          const [what, caution] = text.steps[step]
          return (
            <li key={step}>
              <FormControlLabel
                sx={{ alignItems: 'flex-start', verticalAlign: 'top', m: 0, '& .MuiFormControlLabel-label': { fontSize: 14 } }}
                control={
                  <Checkbox
                    size="small"
                    sx={{ p: 0, pr: 0.75 }}
                    checked={ticked.includes(step)}
                    onChange={({ target }) => setTicked(target.checked ? [...ticked, step] : ticked.filter((one) => one !== step))}
                  />
                }
                label={what}
              />
              {caution !== null && <Box sx={{ color: 'var(--algae)' }}>{caution}</Box>}
            </li>
          )
        })}
      </Box>
      <Box role="status" className="figures" sx={{ fontSize: 14, mt: 0.5 }}>
        {text.done(significant(done.length), significant(steps.length))}{' '}
        {done.length > 0 && (
          <Button variant="text" sx={{ py: 0 }} onClick={() => setTicked([])}>
            {text.startAgain}
          </Button>
        )}
      </Box>
      <Box sx={{ fontSize: 14 }}>{text.shutAway}</Box>
    </section>
  )
}

/** In a hose or a reactor no bubble rises freely. */
function EfficiencyElse({ line }: { readonly line: AnsweredLine }) {
  const units = useUnits()
  return (
    <section aria-labelledby="gas-efficiency">
      <Heading id="gas-efficiency">{gasKitWords.efficiency}</Heading>
      <Box sx={{ fontSize: 14 }}>{gasKitWords.efficiencyElse(units.show('fraction', line.dissolvedShare, 2))}</Box>
      <Grid min={120}>
        <PlanField path="gasLines/*/dissolvedFraction" item={line} />
      </Grid>
    </section>
  )
}

const BUBBLES_MM = [0.5, 1, 1.5, 2, 3] as const
const RISE = { least: 2, most: 150 } as const
/** From a diffuser on the ground to the surface. */
const ABOVE_GROUND_CM = 4
/** What the water holds while gas is on. */
const HELD_MG_PER_L = 20

/** What dissolves of bubbles of a size that rise so far. */
function Efficiency({ desk: { figures }, line }: KitPanelProps) {
  const text = gasKitWords
  const units = useUnits()
  const [riseCm, setRise] = useState(() =>
    Math.round(Math.min(RISE.most, Math.max(RISE.least, figures.inner.waterDepthCm - ABOVE_GROUND_CM))),
  )
  const { temperatureC } = figures
  return (
    <section aria-labelledby="gas-efficiency">
      <Heading id="gas-efficiency">{text.efficiency}</Heading>
      <Box sx={{ fontSize: 14 }}>{text.efficiencyWhy(units.show('fraction', line.dissolvedShare, 2))}</Box>
      <Grid min={120}>
        <NumberField
          label={text.rise}
          why={text.riseWhy}
          dimension="length"
          range={[RISE.least, RISE.most]}
          canBeUnknown={false}
          value={riseCm}
          onChange={(cm) => cm !== null && setRise(cm)}
        />
        <PlanField path="gasLines/*/dissolvedFraction" item={line} />
      </Grid>
      <Box
        component="table"
        className="figures"
        sx={{ fontSize: 14, '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary', pr: 2 }, '& td': { pr: 2 } }}
      >
        <HeadRow heads={text.efficiencyHead} />
        <tbody>
          {BUBBLES_MM.map((diameterMm) => {
            const of = (way: keyof typeof BUBBLE_WAYS): number =>
              dissolvedOfBubble(diameterMm, riseCm, { temperatureC, co2MgPerL: HELD_MG_PER_L }, BUBBLE_WAYS[way])
            const [low, value, high] = [of('low'), of('value'), of('high')]
            const share = (one: number): string => units.show('fraction', one, 2)
            return (
              <tr key={diameterMm}>
                <td>{significant(diameterMm)} mm</td>
                <td>
                  <WorkingFigure
                    working={bubbleDissolvedWorking}
                    figure={{ value, low, high }}
                    inputs={{
                      diameterMm: { value: diameterMm, from: 'typed' },
                      riseCm: { value: riseCm, from: 'typed' },
                      temperatureC: { value: temperatureC, from: 'reckoned' },
                      co2MgPerL: { value: HELD_MG_PER_L, from: 'assumed' },
                    }}
                  >
                    {share(value)} ({percent(low)}–{percent(high)})
                  </WorkingFigure>
                </td>
              </tr>
            )
          })}
        </tbody>
      </Box>
      <Box sx={{ fontSize: 14 }}>{text.efficiencyNote}</Box>
    </section>
  )
}
