import { gasWords, gasVerdictWords, type GasSummary } from '@jovrin/contract'
import { Box } from '@mui/material'
import { Link } from 'react-router'
import { useUnits } from '../../ui/units.js'
import { gasAdvice } from '../gas.text.js'

const MARK = { alarm: '▲', warn: '△', note: '', fine: '' } as const
/** Said in a list of tanks only where something is to be done; the answer about gas says the rest. */
const QUIET: readonly GasSummary['verdict'][] = ['enough', 'no-gas', 'unknown', 'doubtful']
export const isGasQuiet = ({ verdict }: GasSummary): boolean => QUIET.includes(verdict)

/** A tank's gas as it is judged now, in one line with the first thing to do; nothing where nothing presses. */
export function GasLine({ gas, tankId }: { gas: GasSummary; tankId: string }) {
  const units = useUnits()
  if (isGasQuiet(gas)) return null
  const { verdict, severity, isByPlan, limitMgPerL } = gas
  const [first] = gas.advice
  const isPressing = severity === 'alarm' || severity === 'warn'
  return (
    <Box sx={{ color: isPressing ? 'var(--algae)' : undefined, fontWeight: severity === 'alarm' ? 600 : undefined }}>
      {`${MARK[severity]} `}
      <Box component={Link} to={`/answers/gas?tank=${tankId}`} sx={{ color: 'inherit' }}>
        {`${isByPlan ? `${gasWords.byPlan} ` : ''}${gasVerdictWords[verdict]}`}
      </Box>
      {first !== undefined && ` ${gasAdvice(first, limitMgPerL, units)}`}
    </Box>
  )
}
