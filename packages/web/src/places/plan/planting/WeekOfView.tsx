import { plantingWords } from '@jovrin/contract'
import { Box, Slider } from '@mui/material'
import { createContext, use, useEffect, useId, useMemo, useState, type ReactNode } from 'react'
import { useSearchParams } from 'react-router'
import { useSetParam } from '../../../ui/useSetParam.js'
import { MOST_WEEKS, weekOf } from './weekOf.js'

interface WeekOfView {
  readonly week: number
  readonly setWeek: (week: number) => void
}
const WeekContext = createContext<WeekOfView>({ week: 0, setWeek: () => undefined })
export const useWeek = (): WeekOfView => use(WeekContext)

/** Longer than from one press of a key to the next [ms]. */
const RESTED_MS = 400

/** Holds the week that the views show. Only what asks for it is drawn anew while the slider moves; the address, and what is reckoned by it, follow when the hand has rested. */
export function WeekOfViewProvider({ children }: { readonly children: ReactNode }) {
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const told = weekOf(search)
  const [week, setWeek] = useState(told)
  useEffect(() => {
    if (week === told) return
    const timer = setTimeout(() => setParam('week', String(week)), RESTED_MS)
    return () => clearTimeout(timer)
  }, [week, told, setParam])
  return <WeekContext value={useMemo(() => ({ week, setWeek }), [week])}>{children}</WeekContext>
}

export function WeekSlider() {
  const { week, setWeek } = useWeek()
  const label = useId()
  return (
    <Box sx={{ width: 210, px: 1 }}>
      <Box component="label" id={label} sx={{ fontSize: 12, color: 'text.secondary' }}>
        {plantingWords.week}
      </Box>
      <Slider
        size="small"
        aria-labelledby={label}
        value={week}
        min={0}
        max={MOST_WEEKS}
        step={1}
        marks={MARKS}
        getAriaValueText={(value) => plantingWords.weekTold(String(value))}
        onChange={(_event, value) => setWeek(value)}
      />
    </Box>
  )
}
const MARKS = [0, 4, 8, MOST_WEEKS].map((value) => ({ value, label: String(value) }))
