import { appWords, dimensionWords } from '@jovrin/contract'
import { UNIT_CHOICES, type ChosenDimension } from '@jovrin/core'
import { Box, useColorScheme } from '@mui/material'
import { Choice } from './Choice.js'
import { useUnits } from './units.js'
import { UnitSystems } from './UnitSystems.js'

const MODES = ['light', 'dark', 'system'] as const

/** Units dimension by dimension, and colours. What is chosen holds at once, everywhere on this device. */
export function UnitChoices() {
  const units = useUnits()
  const { mode, setMode } = useColorScheme()
  return (
    <>
      <Box sx={{ color: 'text.secondary' }}>{appWords.units.hint}</Box>
      <UnitSystems />
      <Choice
        label={appWords.mode.label}
        why={appWords.mode.label}
        value={mode ?? 'system'}
        options={MODES.map((name) => [name, appWords.mode[name]] as const)}
        onChange={(next) => setMode(next ?? 'system')}
      />
      {(Object.keys(UNIT_CHOICES) as ChosenDimension[]).map((dimension) => (
        <Choice
          key={dimension}
          label={dimensionWords[dimension]}
          why={appWords.units.hint}
          value={units.preferences[dimension]}
          options={UNIT_CHOICES[dimension].map((unit) => [unit, unit] as const)}
          onChange={(unit) => unit !== null && units.choose({ ...units.preferences, [dimension]: unit })}
        />
      ))}
    </>
  )
}
