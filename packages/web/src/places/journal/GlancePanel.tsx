import { animalStateWords, indicatorColourWords, journalWords, outletStateWords } from '@jovrin/contract'
import { ANIMAL_STATES, INDICATOR_COLOURS, OUTLET_STATES, type AnimalState, type IndicatorColour, type OutletState } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useState } from 'react'
import { Choice } from '../../ui/Choice.js'
import { ALL_FINE, useLog } from '../shared/logging.js'

const named = <T extends string>(values: readonly T[], texts: Readonly<Record<string, string>>): (readonly [T, string])[] =>
  values.map((value) => [value, texts[value] ?? value] as const)
const now = (): string => new Date().toISOString()

/** Twenty seconds a day: one tap when all is fine, a few when something is not. */
export function GlancePanel({ tankId }: { tankId: string }) {
  const log = useLog(tankId)
  const [isOpen, setOpen] = useState(false)
  const [animals, setAnimals] = useState<AnimalState | null>(null)
  const [indicator, setIndicator] = useState<IndicatorColour | null>(null)
  const [outlet, setOutlet] = useState<OutletState | null>(null)
  const fine = (): Promise<void> => log([ALL_FINE], now(), journalWords.allFine)
  const told = async (): Promise<void> => {
    await log([{ kind: 'glance', isAllFine: false, animals, indicator, outlet, note: null }], now(), journalWords.glance)
    setOpen(false)
    setAnimals(null)
    setIndicator(null)
    setOutlet(null)
  }
  return (
    <Box component="section" aria-label={journalWords.glance} sx={{ display: 'grid', gap: 1 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
        {journalWords.glance}
      </Box>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          variant="contained"
          onClick={() => void fine()}
          title={journalWords.allFineHint}
          sx={{ minHeight: { xs: 52, md: 34 }, flexGrow: 1 }}
        >
          {journalWords.allFine}
        </Button>
        <Button onClick={() => setOpen(!isOpen)} aria-expanded={isOpen} sx={{ minHeight: { xs: 52, md: 34 }, flexGrow: 1 }}>
          {journalWords.notFine}
        </Button>
      </Box>
      {isOpen && (
        <>
          <Choice
            label={journalWords.ask.animals}
            why={journalWords.whyAsk}
            value={animals}
            options={named(ANIMAL_STATES, animalStateWords)}
            canBeUnknown
            onChange={setAnimals}
          />
          <Choice
            label={journalWords.ask.indicator}
            why={journalWords.whyAsk}
            value={indicator}
            options={named(INDICATOR_COLOURS, indicatorColourWords)}
            canBeUnknown
            onChange={setIndicator}
          />
          <Choice
            label={journalWords.ask.outlet}
            why={journalWords.whyAsk}
            value={outlet}
            options={named(OUTLET_STATES, outletStateWords)}
            canBeUnknown
            onChange={setOutlet}
          />
          <Button variant="contained" onClick={() => void told()} sx={{ minHeight: { xs: 48, md: 34 } }}>
            {journalWords.logGlance}
          </Button>
        </>
      )}
    </Box>
  )
}
