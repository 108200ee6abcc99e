import { apartWords, journalWords } from '@jovrin/contract'
import type { Fit, ModelledQuantity } from '@jovrin/core'
import { Box } from '@mui/material'
import { WithTerms } from '../../ui/terms.js'
import { significant } from '../../ui/units.js'

/** Where readings lie apart from the forecast: how far, which way, what mostly stands behind it, and what to check. */
export function Apart({ fit, quantity, unit }: { fit: Fit; quantity: ModelledQuantity; unit: string }) {
  if (!fit.isApart || fit.side === null) return null
  const gap = `${significant(Math.abs(fit.gap), 2)}${unit === '' ? '' : ` ${unit}`}`
  const reasons = fit.side === 'both' ? apartWords.both : apartWords.of[quantity][fit.side]
  return (
    <Box role="note" sx={{ border: '1px solid var(--ink)', p: 1, mt: 0.5, fontSize: 14, maxWidth: 760 }}>
      <Box sx={{ fontWeight: 600 }}>{fit.side === 'both' ? journalWords.apartBoth : journalWords.apart[fit.side](gap)}</Box>
      <div>{journalWords.apartReasons}</div>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {reasons.map(([reason, check]) => (
          <li key={reason}>
            <WithTerms>{reason}</WithTerms>{' '}
            <Box component="span" sx={{ color: 'text.secondary' }}>
              <WithTerms>{check}</WithTerms>
            </Box>
          </li>
        ))}
      </Box>
      <Box sx={{ color: 'text.secondary' }}>{journalWords.apartThen}</Box>
    </Box>
  )
}
