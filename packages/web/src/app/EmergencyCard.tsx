import { emergencyWords } from '@jovrin/contract'
import { tankFigures } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { conditionOfTank, planOfTank } from '../api/tanks.queries.js'
import { SheetDialog } from '../ui/SheetDialog.js'
import { useUnits } from '../ui/units.js'

/** What to do when animals gasp. In the first bundle, so that it opens without the server. */
export function EmergencyCard({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const { tankId } = useParams()
  return (
    <SheetDialog title={emergencyWords.title} isOpen={isOpen} onClose={onClose}>
      <Box className="print-alone" sx={{ p: { xs: 2, sm: 3 }, maxWidth: 560 }}>
        <Box
          component="h2"
          className="lettering"
          sx={{ m: 0, mb: 1.5, fontSize: 24, borderBottom: '4px solid var(--algae)', textTransform: 'none' }}
        >
          {emergencyWords.title}
        </Box>
        {tankId !== undefined && <OfThisTank tankId={tankId} />}
        <Box component="ol" sx={{ m: 0, pl: 3, fontSize: 17, '& li': { mb: 1 } }}>
          {emergencyWords.steps.map(([act, why]) => (
            <li key={act}>
              <strong>{act}</strong> {why}
            </li>
          ))}
        </Box>
        <Box sx={{ my: 1, fontWeight: 600 }}>{emergencyWords.people}</Box>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{emergencyWords.note}</Box>
        <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 2 }}>
          <Button variant="contained" onClick={onClose}>
            {emergencyWords.close}
          </Button>
          <Button onClick={() => window.print()}>{emergencyWords.print}</Button>
          {tankId !== undefined && (
            <Button component={Link} to={`/tanks/${tankId}/journal`} onClick={onClose}>
              {emergencyWords.log}
            </Button>
          )}
        </Box>
      </Box>
    </SheetDialog>
  )
}

function OfThisTank({ tankId }: { tankId: string }) {
  const units = useUnits()
  const plan = useQuery(planOfTank(tankId)).data?.plan
  const nitrogen = useQuery(conditionOfTank(tankId)).data?.nitrogen
  if (plan === undefined) return null
  const { waterL } = tankFigures(plan)
  return (
    <Box sx={{ mb: 1, fontWeight: 600 }}>
      {emergencyWords.volume(plan.name, units.show('volume', 0.3 * waterL, 2), units.show('volume', 0.5 * waterL, 2))}
      {nitrogen?.isBinderFirst === true && <Box sx={{ color: 'var(--algae)' }}>{emergencyWords.binderFirst(plan.name)}</Box>}
      {nitrogen?.isBinderFirst === false && nitrogen.ammonia !== null && <Box>{emergencyWords.noBinder(plan.name)}</Box>}
    </Box>
  )
}
