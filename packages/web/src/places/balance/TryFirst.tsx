import { balanceWords } from '@jovrin/contract'
import type { Levers, TrialEffect } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useUnits } from '../../ui/units.js'
import { trialEffects, trialName } from './trial.text.js'

interface TryFirstProps {
  /** Best first; empty where the tank is best left alone; `null` while it is reckoned. */
  readonly effects: readonly TrialEffect[] | null
  readonly onTry: (levers: Levers) => void
}

/** The best single changes from today, each with what it does; one click makes one the draft of the levers. */
export function TryFirst({ effects, onTry }: TryFirstProps) {
  const units = useUnits()
  return (
    <Box component="section" aria-labelledby="try-first">
      <Box component="h2" id="try-first" className="lettering" sx={{ m: 0, fontSize: 15, borderBottom: '1px solid var(--ink)' }}>
        {balanceWords.tryFirst}
      </Box>
      {effects === null ? (
        <Box sx={{ color: 'text.secondary', fontSize: 14, py: 0.5 }}>{balanceWords.tryWait}</Box>
      ) : effects.length === 0 ? (
        <Box sx={{ fontSize: 14, py: 0.5 }}>{balanceWords.tryNone}</Box>
      ) : (
        <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {effects.map((effect) => {
            const name = trialName(effect, units)
            return (
              <Box
                component="li"
                key={effect.code}
                sx={{
                  display: 'grid',
                  gridTemplateColumns: 'minmax(0,1fr) auto',
                  columnGap: 1,
                  alignItems: 'center',
                  py: 0.4,
                  borderBottom: '1px solid var(--hair)',
                }}
              >
                <Box sx={{ fontSize: 14, lineHeight: 1.3 }}>
                  <Box sx={{ fontWeight: 600 }}>{name}</Box>
                  <Box sx={{ color: 'text.secondary', fontSize: 13 }}>{trialEffects(effect, units)}</Box>
                </Box>
                <Button aria-label={balanceWords.tryIt(name)} onClick={() => onTry(effect.levers)} sx={{ minWidth: 0 }}>
                  {balanceWords.tryShort}
                </Button>
              </Box>
            )
          })}
        </Box>
      )}
    </Box>
  )
}
