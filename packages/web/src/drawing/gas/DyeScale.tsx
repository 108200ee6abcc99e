import { byteOf, dyeColour } from '@jovrin/core'
import { Box } from '@mui/material'

/** One colour of the scale: a level and how much of the dye is blue at it. */
export interface DyeStep {
  readonly co2MgPerL: number
  readonly blueShare: number
  readonly label: string
}
interface DyeScaleProps {
  readonly steps: readonly DyeStep[]
  readonly label: string
  /** Index of the chosen colour. */
  readonly chosen: number | null
  readonly onChoose: (index: number) => void
}

/** Absorbance that most bulbs have. */
const USUAL_STRENGTH = 0.9
export const dyeCss = (blueShare: number): string => `rgb(${dyeColour(blueShare, USUAL_STRENGTH).map(byteOf).join(' ')})`

/** Colours of an indicator against white, a level each; the one that looks like the liquid is chosen. White and colours stay what they are by night: they are compared with a thing. */
export function DyeScale({ steps, label, chosen, onChoose }: DyeScaleProps) {
  return (
    <Box component="fieldset" sx={{ border: 0, m: 0, p: 0, minWidth: 0 }}>
      <Box component="legend" sx={{ p: 0, fontSize: 12, color: 'text.secondary' }}>
        {label}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: `repeat(${steps.length}, minmax(0, 1fr))`,
          gap: '2px',
          background: '#fff',
          p: '2px',
          border: '1px solid var(--ink)',
        }}
      >
        {steps.map(({ co2MgPerL, blueShare, label: name }, index) => (
          <Box
            component="label"
            key={co2MgPerL}
            sx={{
              display: 'grid',
              cursor: 'pointer',
              outline: chosen === index ? '3px solid #111' : 'none',
              outlineOffset: -3,
              '&:focus-within': { boxShadow: '0 0 0 3px #fff, 0 0 0 5px #111' },
            }}
          >
            <input
              type="radio"
              name="dye"
              checked={chosen === index}
              onChange={() => onChoose(index)}
              aria-label={name}
              style={{ position: 'absolute', opacity: 0 }}
            />
            <Box aria-hidden sx={{ height: 44, background: dyeCss(blueShare) }} />
            <Box aria-hidden className="figures" sx={{ fontSize: 13, textAlign: 'center', color: '#111' }}>
              {co2MgPerL}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  )
}
