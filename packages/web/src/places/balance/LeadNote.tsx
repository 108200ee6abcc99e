import { balanceWords, leadWords, type GasSummary } from '@jovrin/contract'
import { changeShares, isOfGas, MODEL_VERSION, type Flag, type Lead, type MemberResult } from '@jovrin/core'
import { Box } from '@mui/material'
import { Figure } from '../../ui/Figure.js'
import { percent, significant } from '../../ui/units.js'
import { fedSentence, growthSentence, leadTold, trendSentence } from '../lead.text.js'
import { GasLine } from '../shared/GasLine.js'
import { flagSentence } from '../shared/balance.view.js'

interface LeadNoteProps {
  readonly lead: Lead
  readonly flags: readonly Flag[]
  readonly results: readonly MemberResult[]
  readonly week: number
  /** Of today; told instead of a forecast of this week's gas. */
  readonly gas: LeadGas | null
}
export interface LeadGas {
  readonly summary: GasSummary
  readonly tankId: string
}

const FLAGS_SHOWN = 2

/** The lead in words and days, how many of the possible tanks share it, where it goes, and what presses. */
export function LeadNote({ lead, flags, results, week, gas }: LeadNoteProps) {
  const told = gas === null ? flags : flags.filter(({ code }) => !isOfGas(code))
  // Two digits at most, and none below a thousandth a day: the model is not that sharp.
  const perDay = (value: number): string => significant(Math.round(value * 1000) / 1000, 2)
  const trend = trendSentence(lead)
  return (
    <Box
      role="status"
      aria-live="polite"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,3fr) minmax(0,2fr)' },
        columnGap: 3,
        alignContent: 'start',
        minHeight: { lg: 104 },
        py: 0.5,
      }}
    >
      <div>
        <Box sx={{ fontSize: 17, lineHeight: 1.3, fontWeight: 600 }}>{`${leadTold(lead)}.`}</Box>
        <Box sx={{ fontSize: 15, lineHeight: 1.35, mt: 0.25 }}>{`${growthSentence(lead.growth)} ${fedSentence(lead)}`}</Box>
        <Box sx={{ color: 'text.secondary', fontSize: 14, mt: 0.5 }}>
          {`${leadWords.share(percent(lead.aheadFraction))} `}
          {lead.isYoung ? `${leadWords.young} ` : ''}
          {trend === null ? '' : `${trend} `}
          {lead.againstPlan === null ? '' : `${againstPlan(results, week)} `}
          <Figure
            explained={{
              title: leadWords.indexTitle,
              formula: leadWords.formula,
              inputs: [
                { name: balanceWords.weeks, value: significant(week + 1), from: 'reckoned' },
                { name: leadWords.index, value: `${perDay(lead.perDay.median)} /day`, from: 'model' },
              ],
              source: `${balanceWords.modelSource(MODEL_VERSION)} ${leadWords.source}`,
              range: [`${perDay(lead.perDay.low)} /day`, `${perDay(lead.perDay.high)} /day`],
            }}
          >
            {`${leadWords.index} ${perDay(lead.perDay.median)} /d`}
          </Figure>
        </Box>
      </div>
      <div>
        {gas !== null && (
          <Box sx={{ fontSize: 14, mt: 0.5 }}>
            <GasLine gas={gas.summary} tankId={gas.tankId} />
          </Box>
        )}
        {told.slice(0, FLAGS_SHOWN).map((flag) => (
          <Box key={flag.code} sx={{ color: 'var(--algae)', fontSize: 14, mt: 0.5 }}>
            {flagSentence(flag)}
          </Box>
        ))}
      </div>
    </Box>
  )
}

/** A move of the lead smaller than this is none [1/day]. */
const NO_MOVE = 0.002

function againstPlan(results: readonly MemberResult[], week: number): string {
  const { up, down } = changeShares(results, 'lead', week, NO_MOVE)
  if (up >= down && up > 0.2) return leadWords.planUp(percent(up))
  return down > 0.2 ? leadWords.planDown(percent(down)) : leadWords.planFlat
}
