import { plantingWords } from '@jovrin/contract'
import { sprayEveryMin } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useEffect, useState } from 'react'
import { useUnits } from '../../../ui/units.js'
import { useKeptState } from '../../../ui/useKeptState.js'

const text = plantingWords.spray
const MINUTE_MS = 60_000
const LOOK_EVERY_MS = 1000

interface SprayReminderProps {
  readonly tankId: string
  readonly humidityFraction: number
}

/** How often plants out of water are sprayed in this room's air, and a reminder that runs while one plants, also over a reload. */
export function SprayReminder({ tankId, humidityFraction }: SprayReminderProps) {
  const units = useUnits()
  const everyMin = Math.round(sprayEveryMin(humidityFraction))
  const [sprayedAt, setSprayedAt] = useKeptState<number | null>(`jovrin.sprayed.${tankId}`, null, (kept) =>
    typeof kept === 'number' ? kept : null,
  )
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    if (sprayedAt === null) return
    const beat = setInterval(() => setNow(Date.now()), LOOK_EVERY_MS)
    return () => clearInterval(beat)
  }, [sprayedAt])
  const spray = (): void => {
    setNow(Date.now())
    setSprayedAt(Date.now())
  }
  const leftMin = sprayedAt === null ? null : Math.ceil((sprayedAt + everyMin * MINUTE_MS - now) / MINUTE_MS)
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      <Box sx={{ color: 'text.secondary', fontSize: 13 }}>
        {text.every(units.show('minutes', everyMin), units.show('fraction', humidityFraction, 2))}
      </Box>
      <Box className="no-print" sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
        <Button onClick={spray}>{sprayedAt === null ? text.start : text.sprayed}</Button>
        {leftMin !== null && (
          <>
            <Box role="status" sx={{ fontWeight: leftMin <= 0 ? 700 : 400 }}>
              {leftMin <= 0 ? text.now : text.left(units.show('minutes', leftMin))}
            </Box>
            <Button variant="text" onClick={() => setSprayedAt(null)}>
              {text.stop}
            </Button>
          </>
        )}
      </Box>
    </Box>
  )
}
