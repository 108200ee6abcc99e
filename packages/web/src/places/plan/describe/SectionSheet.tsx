import { balanceWords, describeWords, fieldWords, gasControlWords, questionWords } from '@jovrin/contract'
import { groundHeightCm, openDailyLight, openFloorLight, openGasRate, openOpenWater, type Plan, type TankFigures } from '@jovrin/core'
import { Box, Slider } from '@mui/material'
import { useState } from 'react'
import { DayStrip } from '../../../drawing/day/DayStrip.js'
import { Measured } from '../../../drawing/Measured.js'
import { Section } from '../../../drawing/section/Section.js'
import { grownDays, stageOn } from '../../../drawing/section/stage.js'
import { Figure } from '../../../ui/Figure.js'
import { decimals, significant, useUnits } from '../../../ui/units.js'
import { toldSum } from '../../shared/sum.text.js'
import { SumFigure } from '../../shared/SumFigure.js'

const OLDEST_DRAWN = 120

interface SectionSheetProps {
  readonly plan: Plan
  readonly figures: TankFigures
  readonly age: number
  /** The question that has the focus. */
  readonly question: string | null
  /** An edge of the day was moved; `isFinal` ends the gesture. */
  readonly onMoveDay: (plan: Plan, isFinal: boolean) => void
}

/** What a focused question is called and why it is asked. */
function questionOf(question: string): readonly [label: string, why: string] | null {
  const questions: Readonly<Record<string, readonly [string, string]>> = { ...fieldWords, ...questionWords }
  return Object.hasOwn(questions, question) ? (questions[question] ?? null) : null
}

/** The live drawing of a described tank, its figures (each of which opens), and its day. */
export function SectionSheet({ plan, age, figures, question, onMoveDay }: SectionSheetProps) {
  const units = useUnits()
  const [ageDays, setAge] = useState(Math.min(Math.max(age, 0), OLDEST_DRAWN))
  const gasRate = openGasRate(plan, figures)
  const gas = toldSum(gasRate, units)
  const asked = question === null ? null : questionOf(question)
  const length = (cm: number): string => units.show('length', cm)
  const text = describeWords.drawing
  const { inner, ground } = figures
  const groundCm = (yCm: number): number => groundHeightCm(ground, inner.lengthCm / 2, yCm)
  const hasGas = plan.gasLines.some((line) => line.control !== 'none')
  return (
    <Box>
      <Measured usual={756}>
        {(width) => (
          <Section
            width={width}
            plan={plan}
            figures={figures}
            ageDays={grownDays(plan, ageDays)}
            stage={stageOn(plan, figures, ageDays)}
            mostHeight={580}
            labels={{
              description: text.description(plan.name),
              front: text.front,
              side: text.side,
              length: length(figures.vessel.lengthCm),
              width: length(figures.vessel.widthCm),
              height: length(figures.vessel.heightCm),
              groundFront: length(groundCm(0.05)),
              groundBack: length(groundCm(inner.widthCm - 0.05)),
              ppfd: `${significant(figures.ppfd)} µmol`,
              gas: hasGas ? text.gas(significant(figures.bubblesPerS, 2)) : null,
              scaleBar: length(20),
              titleRows: [
                [text.net, units.show('volume', figures.waterL)],
                [text.ppfd, `${significant(figures.ppfd, 2)} µmol`],
                [text.age, text.ageDays(significant(ageDays))],
              ],
            }}
          />
        )}
      </Measured>
      <Box
        className="figures"
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr 1fr', sm: 'repeat(4, auto)' },
          columnGap: 3,
          rowGap: 0.5,
          borderTop: '1px solid var(--hair)',
          borderBottom: '1px solid var(--hair)',
          py: 0.75,
          mt: 0.5,
        }}
      >
        <Labelled label={describeWords.figures.net}>
          <SumFigure sum={openOpenWater(plan, figures)} />
        </Labelled>
        <Labelled label={describeWords.figures.ppfd}>
          <SumFigure sum={openFloorLight(plan, figures)} digits={2} />
        </Labelled>
        <Labelled label={describeWords.figures.dli}>
          <SumFigure sum={openDailyLight(plan, figures)} />
        </Labelled>
        <Labelled label={describeWords.figures.gas}>
          {hasGas ? (
            <Figure
              explained={
                figures.gasLines.some(({ tunedToMgPerL }) => tunedToMgPerL !== null)
                  ? { ...gas, formula: `${gas.formula}; ${describeWords.figures.solved}` }
                  : gas
              }
            >
              {`${units.show('bubbles', figures.bubblesPerS, 2)} · ${units.tell(gasRate.result)}`}
            </Figure>
          ) : (
            gasControlWords['none']
          )}
        </Labelled>
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mt: 0.5 }}>
        <Box id="drawn-at" sx={{ fontSize: 13, color: 'text.secondary', whiteSpace: 'nowrap' }}>
          {describeWords.ageLever}
        </Box>
        <Slider
          size="small"
          aria-labelledby="drawn-at"
          value={ageDays}
          min={0}
          max={OLDEST_DRAWN}
          step={7}
          onChange={(_, value) => setAge(value)}
          getAriaValueText={(value) => text.ageDays(significant(value))}
          sx={{ maxWidth: 220 }}
        />
        <Box className="figures" sx={{ fontSize: 13 }}>
          {text.ageDays(significant(ageDays))}
        </Box>
      </Box>
      <Box sx={{ mt: 1.5 }}>
        <Measured usual={756}>
          {(width) => (
            <DayStrip
              width={width}
              plan={plan}
              curve={null}
              labels={{ description: balanceWords.dayDescription, lanes: balanceWords.lanes, edges: balanceWords.edges, format: decimals }}
              onMove={onMoveDay}
            />
          )}
        </Measured>
      </Box>
      {asked !== null && (
        <Box role="status" sx={{ mt: 1, pl: 1, borderLeft: '2px solid var(--ink)' }}>
          <b>{asked[0]}</b> {units.words(asked[1])}
        </Box>
      )}
    </Box>
  )
}

const Labelled = ({ label, children }: { label: string; children: React.ReactNode }) => (
  <Box>
    <Box sx={{ fontSize: 12, color: 'text.secondary' }}>{label}</Box>
    {children}
  </Box>
)
