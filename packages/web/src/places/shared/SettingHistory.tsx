import { enJournal } from '@jovrin/contract'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { settingsOfTank } from '../../api/journal.queries.js'
import { longDate, useUnits } from '../../ui/units.js'
import { settingLine } from '../setting.text.js'

/** What was set since when, one readable line a change, newest first. */
export function SettingHistory({ tankId }: { tankId: string }) {
  const units = useUnits()
  const changes = [...(useQuery(settingsOfTank(tankId)).data ?? [])].sort((a, b) =>
    a.effectiveOn === b.effectiveOn ? b.planRevision - a.planRevision : a.effectiveOn < b.effectiveOn ? 1 : -1,
  )
  return (
    <Box component="section" aria-label={enJournal.history}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
        {enJournal.history}
      </Box>
      {changes.length === 0 && <Box sx={{ color: 'text.secondary', fontSize: 14, pt: 0.5 }}>{enJournal.noHistory}</Box>}
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {changes.map((change) => (
          <Box component="li" key={change.id} sx={{ py: 0.25, fontSize: 14 }}>
            {settingLine(change, longDate(change.effectiveOn), units)}
            {change.why !== null && (
              <Box component="span" sx={{ color: 'text.secondary', ml: 1 }}>
                {change.why}
              </Box>
            )}
          </Box>
        ))}
      </Box>
    </Box>
  )
}
