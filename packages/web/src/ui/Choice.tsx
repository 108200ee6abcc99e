import { numberWords } from '@jovrin/contract'
import { Box, ToggleButton, ToggleButtonGroup, Tooltip } from '@mui/material'
import { useId } from 'react'
import { useUnits } from './units.js'

interface ChoiceProps<T extends string> {
  readonly question?: string
  readonly label: string
  readonly why: string
  readonly value: T | null
  readonly options: readonly (readonly [value: T, label: string])[]
  readonly canBeUnknown?: boolean
  readonly onChange: (value: T | null) => void
}

/** A short list of answers side by side; "don't know" is one of them where it may be. */
export function Choice<T extends string>({ question, label, why, value, options, canBeUnknown = false, onChange }: ChoiceProps<T>) {
  const id = useId()
  const units = useUnits()
  return (
    <Box sx={{ minWidth: 0 }} data-question={question}>
      <Tooltip title={units.words(why)} placement="top-start" enterDelay={500} describeChild>
        <Box id={id} component="span" sx={{ fontSize: 12, color: 'text.secondary', display: 'inline-block' }}>
          {label}
        </Box>
      </Tooltip>
      <ToggleButtonGroup
        size="small"
        exclusive
        aria-labelledby={id}
        value={value ?? 'unknown'}
        onChange={(_, next: T | 'unknown' | null) => next !== null && onChange(next === 'unknown' ? null : next)}
        sx={{ display: 'flex', flexWrap: 'wrap' }}
      >
        {options.map(([option, text]) => (
          <ToggleButton key={option} value={option}>
            {text}
          </ToggleButton>
        ))}
        {canBeUnknown && <ToggleButton value="unknown">{numberWords.unknown}</ToggleButton>}
      </ToggleButtonGroup>
    </Box>
  )
}
