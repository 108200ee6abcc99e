import { timerWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useEffect, useState } from 'react'
import { soundAlarm } from './alarm.js'
import { clockSpan, timers, useTimers } from './timers.js'

const LOOK_EVERY_MS = 500

/** Timers that run, over every place; one that is over shouts, in sound, in words and in the window's title, until somebody stops it. */
export function RunningTimers() {
  const running = useTimers()
  const [now, setNow] = useState(() => Date.now())
  const isAny = running.length > 0
  useEffect(() => {
    if (!isAny) return
    const beat = setInterval(() => setNow(Date.now()), LOOK_EVERY_MS)
    return () => clearInterval(beat)
  }, [isAny])
  const isOver = running.some(({ endsAt }) => endsAt <= now)
  useEffect(() => (isOver ? soundAlarm() : undefined), [isOver])
  useEffect(() => {
    if (!isOver) return
    const shout = `${timerWords.title} ·`
    document.title = `${shout} ${document.title}`
    return () => {
      // Another place may have been opened meanwhile.
      document.title = document.title.replace(shout, '').trimStart()
    }
  }, [isOver])
  useScreenAwake(isAny)
  if (!isAny) return null
  return (
    <Box
      component="section"
      aria-label={timerWords.label}
      className="no-print"
      sx={{
        position: 'sticky',
        top: 0,
        zIndex: 5,
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: 2,
        rowGap: 0.5,
        px: 2,
        py: 0.5,
        borderBottom: isOver ? '5px solid var(--algae)' : '2px solid var(--clean)',
        background: 'var(--sheet)',
        color: isOver ? 'var(--algae)' : 'var(--ink)',
      }}
    >
      {running.map(({ id, name, endsAt }) => {
        const isUp = endsAt <= now
        return (
          <Box key={id} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
            <Box component="span" role={isUp ? 'alert' : 'timer'} className="figures" sx={{ fontSize: 18, fontWeight: isUp ? 700 : 400 }}>
              {isUp ? timerWords.over(name, clockSpan(now - endsAt)) : timerWords.left(name, clockSpan(endsAt - now))}
            </Box>
            <Button sx={{ minHeight: { xs: 44, md: 28 } }} aria-label={timerWords.stop(name)} onClick={() => timers.stop(id)}>
              {timerWords.stopShort}
            </Button>
          </Box>
        )
      })}
    </Box>
  )
}

/** A phone that falls asleep does not ring. Where the browser will not keep it awake, the timer runs on all the same. */
function useScreenAwake(isWanted: boolean): void {
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return
    let held: WakeLockSentinel | null = null
    let isOver = false
    const hold = async (): Promise<void> => {
      if (document.visibilityState !== 'visible') return
      try {
        held = await navigator.wakeLock.request('screen')
        if (isOver) void held.release()
      } catch {
        held = null
      }
    }
    const again = (): void => void hold()
    void hold()
    document.addEventListener('visibilitychange', again)
    return () => {
      isOver = true
      document.removeEventListener('visibilitychange', again)
      void held?.release()
    }
  }, [isWanted])
}
