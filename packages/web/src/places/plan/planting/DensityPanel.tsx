import { plantingWords } from '@jovrin/contract'
import { countedSpecies, meanWeeksToClose, siteOfBed, supplyAt, tankFigures, withSpacingTimes } from '@jovrin/core'
import { Box, Button, Slider } from '@mui/material'
import { useId, useMemo, useState } from 'react'
import { percent, significant } from '../../../ui/units.js'
import { usePlanSum } from '../../../workers/usePlanSum.js'
import { useSettled, type Desk } from '../desk.js'

const text = plantingWords.density
const TIMES = { least: 0.7, most: 1.8, step: 0.05 } as const

/** Fewer pots, more weeks: the spacing of all patches together, and what it means for pots, closing and algae. */
export function DensityPanel({ desk: { plan, figures, change } }: { readonly desk: Desk }) {
  const label = useId()
  const [times, setTimes] = useState(1)
  const spaced = useMemo(() => (times === 1 ? plan : withSpacingTimes(plan, figures.beds, times)), [plan, figures.beds, times])
  const beds = useMemo(() => (spaced === plan ? figures.beds : tankFigures(spaced).beds), [spaced, plan, figures.beds])
  const density = usePlanSum('density', useSettled(spaced))
  const pots = countedSpecies([...beds, ...figures.spots]).reduce((sum, one) => sum + one.pots, 0)
  const weeks = meanWeeksToClose(beds, (bed, plant) => supplyAt(plant, siteOfBed(plan, figures, bed)))
  const rows: readonly (readonly [string, string])[] = [
    [text.pots, String(pots)],
    [text.weeks, weeks === null ? '–' : significant(weeks, 2)],
    [text.algae, density == null ? '…' : text.times(significant(density.algaeRatio, 2))],
  ]
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      <Box component="label" id={label} sx={{ fontSize: 12, color: 'text.secondary' }}>
        {text.spacing}
      </Box>
      <Box sx={{ px: 1 }}>
        <Slider
          size="small"
          aria-labelledby={label}
          value={times}
          min={TIMES.least}
          max={TIMES.most}
          step={TIMES.step}
          marks={[{ value: 1, label: text.asPlanned }]}
          valueLabelDisplay="auto"
          valueLabelFormat={(value) => `${percent(value)} %`}
          getAriaValueText={(value) => `${percent(value)} %`}
          onChange={(_event, value) => setTimes(value)}
        />
      </Box>
      <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '1fr auto', m: 0, fontSize: 14.5 }} className="figures">
        {rows.map(([name, told]) => (
          <Box key={name} sx={{ display: 'contents' }}>
            <dt>{name}</dt>
            <Box component="dd" sx={{ m: 0, textAlign: 'right' }}>
              {told}
            </Box>
          </Box>
        ))}
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 13 }}>{text.why}</Box>
      <Button
        disabled={times === 1}
        onClick={() => {
          change((now) => withSpacingTimes(now, figures.beds, times))
          setTimes(1)
        }}
        sx={{ justifySelf: 'start' }}
      >
        {text.take}
      </Button>
    </Box>
  )
}
