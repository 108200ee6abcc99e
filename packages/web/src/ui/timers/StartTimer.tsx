import { timerWords } from '@jovrin/contract'
import { Button } from '@mui/material'
import { armAlarm } from './alarm.js'
import { clockSpan, timers, useTimers } from './timers.js'

interface StartTimerProps {
  readonly id: string
  readonly name: string
  readonly seconds: number
}

/** Starts a timer of so long, or begins it anew. */
export function StartTimer({ id, name, seconds }: StartTimerProps) {
  const isRunning = useTimers().some((timer) => timer.id === id)
  const span = clockSpan(seconds * 1000)
  return (
    <Button
      className="no-print"
      variant={isRunning ? 'text' : 'outlined'}
      sx={{ minHeight: { xs: 44, md: 28 } }}
      aria-label={`${timerWords.start(span)}, ${name}`}
      onClick={() => {
        armAlarm()
        timers.start(id, name, seconds)
      }}
    >
      {timerWords.start(span)}
    </Button>
  )
}
