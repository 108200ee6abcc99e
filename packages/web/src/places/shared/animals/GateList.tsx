import { animalsWords, gateWords, say } from '@jovrin/contract'
import type { Gate, GateCheck } from '@jovrin/core'
import { Box } from '@mui/material'
import { useUnits, type Units } from '../../../ui/units.js'

/** What one check of the gate says, by its answer. */
function checkSentence({ check, is, values }: GateCheck, units: Units): string {
  const words = gateWords[check]
  return is === 'not-met' ? say({ [check]: words['not-met'] }, check, values, units.reader) : words[is]
}

/** Each thing that has to be so before a group comes, what speaks against it first. */
export function GateList({ gate, label }: { readonly gate: Gate; readonly label: string }) {
  const units = useUnits()
  const rank = ({ is }: GateCheck): number => ['not-met', 'unknown', 'met'].indexOf(is)
  return (
    <Box component="ul" aria-label={label} sx={{ listStyle: 'none', m: 0, p: 0, fontSize: 14 }}>
      {[...gate.checks]
        .sort((a, b) => rank(a) - rank(b))
        .map((one) => (
          <Box
            component="li"
            key={one.check}
            sx={{ display: 'grid', gridTemplateColumns: '1.4em 1fr', color: one.is === 'met' ? 'text.secondary' : undefined }}
          >
            <Box
              component="span"
              role="img"
              aria-label={animalsWords.answer[one.is]}
              sx={{ color: one.is === 'not-met' ? 'var(--algae)' : undefined }}
            >
              {animalsWords.mark[one.is]}
            </Box>
            <span>{checkSentence(one, units)}</span>
          </Box>
        ))}
    </Box>
  )
}
