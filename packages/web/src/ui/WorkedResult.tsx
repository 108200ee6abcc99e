import { workingsWords } from '@jovrin/contract'
import { Box } from '@mui/material'
import { digitsInBand, significant } from './units.js'

interface WorkedResultProps {
  readonly value: number
  readonly low: number | null
  readonly high: number | null
  readonly unit: string
}

const unitText = (unit: string): string => (unit === '1' ? '' : ` ${unit}`)

/** The figure at the end of a sum, with its band. */
export function WorkedResult({ value, low, high, unit }: WorkedResultProps) {
  const digits = digitsInBand(value, low, high)
  return (
    <Box className="figures" role="status" aria-label={workingsWords.result}>
      <Box
        component="span"
        className="lettering"
        sx={{ fontSize: 34, textTransform: 'none' }}
      >{`${significant(value, digits)}${unitText(unit)}`}</Box>
      {low !== null && high !== null && (
        <Box
          component="span"
          sx={{ ml: 1.5, color: 'text.secondary' }}
        >{`${significant(low, digits)} – ${significant(high, digits)}${unitText(unit)}`}</Box>
      )}
    </Box>
  )
}
