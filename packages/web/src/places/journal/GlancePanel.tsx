import { enAnimalState, enIndicatorColour, enJournal, enOutletState } from '@jovrin/contract'
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
  const fine = (): Promise<void> => log([ALL_FINE], now(), enJournal.allFine)
  const told = async (): Promise<void> => {
    await log([{ kind: 'glance', isAllFine: false, animals, indicator, outlet, note: null }], now(), enJournal.glance)
    setOpen(false)
    setAnimals(null)
    setIndicator(null)
    setOutlet(null)
  }
  return (
    <Box component="section" aria-label={enJournal.glance} sx={{ display: 'grid', gap: 1 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
        {enJournal.glance}
      </Box>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          variant="contained"
          onClick={() => void fine()}
          title={enJournal.allFineHint}
          sx={{ minHeight: { xs: 52, md: 34 }, flexGrow: 1 }}
        >
          {enJournal.allFine}
        </Button>
        <Button onClick={() => setOpen(!isOpen)} aria-expanded={isOpen} sx={{ minHeight: { xs: 52, md: 34 }, flexGrow: 1 }}>
          {enJournal.notFine}
        </Button>
      </Box>
      {isOpen && (
        <>
          <Choice
            label={enJournal.ask.animals}
            why={enJournal.whyAsk}
            value={animals}
            options={named(ANIMAL_STATES, enAnimalState)}
            canBeUnknown
            onChange={setAnimals}
          />
          <Choice
            label={enJournal.ask.indicator}
            why={enJournal.whyAsk}
            value={indicator}
            options={named(INDICATOR_COLOURS, enIndicatorColour)}
            canBeUnknown
            onChange={setIndicator}
          />
          <Choice
            label={enJournal.ask.outlet}
            why={enJournal.whyAsk}
            value={outlet}
            options={named(OUTLET_STATES, enOutletState)}
            canBeUnknown
            onChange={setOutlet}
          />
          <Button variant="contained" onClick={() => void told()} sx={{ minHeight: { xs: 48, md: 34 } }}>
            {enJournal.logGlance}
          </Button>
        </>
      )}
    </Box>
  )
}
