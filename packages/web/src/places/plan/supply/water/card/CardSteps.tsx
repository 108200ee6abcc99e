import { cardTimerWords, waterSheetWords } from '@jovrin/contract'
import type { CardCode, CardStep } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { Measured } from '../../../../../drawing/Measured.js'
import { Section } from '../../../../../drawing/section/Section.js'
import { WaterMark } from '../../../../../drawing/water/WaterMark.js'
import { StartTimer } from '../../../../../ui/timers/StartTimer.js'
import { percent, shortDate, useUnits } from '../../../../../ui/units.js'
import type { Desk } from '../../../desk.js'
import { sectionLabels } from '../../../sectionLabels.js'
import { cardStepText } from '../../../../shared/water/cardStepText.js'
import type { CardState } from './useChangeCard.js'
import { useLogChange } from './useLogChange.js'

/** Steps that warn rather than ask for something. */
const CAUTIONS: ReadonlySet<CardCode> = new Set([
  'hot-copper',
  'condition-weak',
  'too-cold',
  'too-warm',
  'cold-plants',
  'ammonia-kit',
  'condition-later',
])

/** The card that hangs at the tap: the mark to drain to on the tank, and the work in its order. */
export function CardSteps({ desk, state }: { readonly desk: Desk; readonly state: CardState }) {
  const text = waterSheetWords
  const { plan, figures, tankId } = desk
  const { card, fraction } = state
  const units = useUnits()
  const depth = units.show('length', card.drainCm)
  return (
    <Box sx={{ display: 'flex', flexDirection: { xs: 'column-reverse', md: 'column' } }}>
      <Measured usual={760}>
        {(width) => (
          <Section
            width={width}
            plan={plan}
            figures={figures}
            ageDays={0}
            hasPlants={false}
            mostHeight={310}
            labels={{
              ...sectionLabels(plan, figures, units, [
                [text.card, `${percent(fraction)} %`],
                [text.columns.blend, units.show('volume', card.litres)],
              ]),
              description: text.drainDescription(plan.name, depth),
            }}
            marks={(layout) => <WaterMark layout={layout} depthCm={card.drainCm} label={text.marked} dimension={depth} />}
          />
        )}
      </Measured>
      <section aria-labelledby="water-card">
        <Box component="h2" id="water-card" className="lettering" sx={{ fontSize: 18, m: 0, borderBottom: '2px solid var(--ink)' }}>
          {`${plan.name}: ${text.cardOf(`${percent(fraction)} %`, units.show('volume', card.litres))}`}
        </Box>
        <Box component="ol" sx={{ m: 0, pl: 3, fontSize: 16, '& li': { py: 0.4 } }}>
          {card.steps.map((step) => (
            <Step key={`${step.code} ${step.source?.name ?? ''}`} step={step} tankId={tankId} tankName={plan.name} />
          ))}
        </Box>
        <LogChange desk={desk} state={state} />
      </section>
    </Box>
  )
}

function LogChange({ desk, state }: { readonly desk: Desk; readonly state: CardState }) {
  const text = waterSheetWords
  const { log, dueOn, isLogging } = useLogChange(desk, state)
  return (
    <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5, fontSize: 14, my: 1 }}>
      <Button variant="contained" disabled={isLogging} sx={{ minHeight: { xs: 44, md: 34 } }} onClick={() => void log()}>
        {text.log}
      </Button>
      {dueOn !== null && <span>{text.alsoJob(shortDate(dueOn))}</span>}
    </Box>
  )
}

function Step({ step, tankId, tankName }: { readonly step: CardStep; readonly tankId: string; readonly tankName: string }) {
  const units = useUnits()
  const isCaution = CAUTIONS.has(step.code)
  const timer: string | undefined = cardTimerWords[step.code as keyof typeof cardTimerWords]
  return (
    <Box component="li" sx={isCaution ? { color: 'var(--algae)', listStyle: '"△ "', counterIncrement: 'list-item 0' } : {}}>
      {cardStepText(step, units).whole}{' '}
      {step.seconds !== null && timer !== undefined && (
        <StartTimer id={`${tankId} ${step.code}`} name={`${tankName}, ${timer}`} seconds={Math.round(step.seconds)} />
      )}
    </Box>
  )
}
