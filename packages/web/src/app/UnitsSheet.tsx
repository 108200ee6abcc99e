import { enApp, enDimension } from '@jovrin/contract'
import { METRIC_UNITS, UNIT_CHOICES, type ChosenDimension } from '@jovrin/core'
import { Box, Button, useColorScheme } from '@mui/material'
import { SheetDialog } from '../ui/SheetDialog.js'
import { Choice } from '../ui/Choice.js'
import { US_UNITS, useUnits } from '../ui/units.js'

const MODES = ['light', 'dark', 'system'] as const

export function UnitsSheet({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const units = useUnits()
  const { mode, setMode } = useColorScheme()
  return (
    <SheetDialog title={enApp.units.title} isOpen={isOpen} onClose={onClose}>
      <Box sx={{ p: 3, display: 'grid', gap: 1.5 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 19 }}>
          {enApp.units.title}
        </Box>
        <Box sx={{ color: 'text.secondary' }}>{enApp.units.hint}</Box>
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button onClick={() => units.choose(METRIC_UNITS)}>{enApp.units.metric}</Button>
          <Button onClick={() => units.choose(US_UNITS)}>{enApp.units.us}</Button>
        </Box>
        <Choice
          label={enApp.mode.label}
          why={enApp.mode.label}
          value={mode ?? 'system'}
          options={MODES.map((name) => [name, enApp.mode[name]] as const)}
          onChange={(next) => setMode(next ?? 'system')}
        />
        {(Object.keys(UNIT_CHOICES) as ChosenDimension[]).map((dimension) => (
          <Choice
            key={dimension}
            label={enDimension[dimension]}
            why={enApp.units.hint}
            value={units.preferences[dimension]}
            options={UNIT_CHOICES[dimension].map((unit) => [unit, unit] as const)}
            onChange={(unit) => unit !== null && units.choose({ ...units.preferences, [dimension]: unit })}
          />
        ))}
        <Box>
          <Button onClick={onClose}>{enApp.units.close}</Button>
        </Box>
      </Box>
    </SheetDialog>
  )
}
