import { journalWords } from '@jovrin/contract'
import { civilDate, usedSettings } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { settingsOfTank } from '../../../api/journal.queries.js'
import { planOfTank } from '../../../api/tanks.queries.js'
import { longDate, useUnits } from '../../../ui/units.js'
import { settingLine, settingName } from '../../setting.text.js'
import { PastDialog } from './PastDialog.js'

/** What was set since when, as the model takes it, newest first; entered and edited here. */
export function SettingHistory({ tankId }: { tankId: string }) {
  const units = useUnits()
  const changes = useQuery(settingsOfTank(tankId)).data ?? []
  const plan = useQuery(planOfTank(tankId)).data?.plan
  const [edited, setEdited] = useState<{ readonly path: string | null } | null>(null)
  if (plan === undefined) return null
  const used = usedSettings(plan, changes).reverse()
  return (
    <Box component="section" aria-label={journalWords.history}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
        {journalWords.history}
      </Box>
      {used.length === 0 && <Box sx={{ color: 'text.secondary', fontSize: 14, pt: 0.5 }}>{journalWords.noHistory}</Box>}
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {used.map((setting) => (
          <Box
            component="li"
            key={`${setting.path} ${setting.effectiveOn}`}
            sx={{ py: 0.25, fontSize: 14, display: 'flex', gap: 1, alignItems: 'baseline' }}
          >
            <Box sx={{ flexGrow: 1 }}>
              {settingLine(setting, longDate(setting.effectiveOn), units)}
              {setting.why !== null && (
                <Box component="span" sx={{ color: 'text.secondary', ml: 1 }}>
                  {setting.why}
                </Box>
              )}
            </Box>
            <Button
              variant="text"
              className="no-print"
              onClick={() => setEdited({ path: setting.path })}
              aria-label={journalWords.past.editOf(settingName(setting.path))}
              sx={{ minWidth: 0, py: 0, fontSize: 14 }}
            >
              {journalWords.past.edit}
            </Button>
          </Box>
        ))}
      </Box>
      <Button className="no-print" onClick={() => setEdited({ path: null })} sx={{ mt: 0.5 }}>
        {journalWords.past.add}
      </Button>
      {edited !== null && (
        <PastDialog
          tankId={tankId}
          plan={plan}
          changes={changes}
          path={edited.path}
          today={civilDate(new Date(), plan.timeZone)}
          onClose={() => setEdited(null)}
        />
      )}
    </Box>
  )
}
