import { Box } from '@mui/material'
import type { ReactNode } from 'react'
import { PlanFields } from './PlanFields.js'
import { SectionSheet } from './SectionSheet.js'
import type { PlanForm } from './usePlanForm.js'

/** The drawing beside the questions; the drawing stays in view while the questions scroll. */
export function DescribeSheet({ form, head, onCommit }: { form: PlanForm; head: ReactNode; onCommit: () => void }) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 492px' }, flexGrow: 1 }}>
      <Box sx={{ position: { md: 'sticky' }, top: 0, alignSelf: 'start', p: 2, minWidth: 0 }}>
        <SectionSheet plan={form.valid} />
      </Box>
      <Box sx={{ borderLeft: { md: '2px solid var(--ink)' }, background: 'var(--sheet)', p: 2, minWidth: 0 }}>
        <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', gap: 1, mb: 1.5 }}>{head}</Box>
        <PlanFields form={form} onCommit={onCommit} />
      </Box>
    </Box>
  )
}
