import { careWords, laneWords, startupWords, programmeWords, say } from '@jovrin/contract'
import { phaseOn, PROGRAMME_DAYS, programmeLength, stepsOn, startProgramme, type ProgrammeStep } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import type { AgedTimeline } from '../../api/tanks.queries.js'
import { significant, useUnits } from '../../ui/units.js'

const LANES = ['change', 'light', 'gas', 'feed', 'animals', 'work', 'normal'] as const

/** The first eight weeks as lanes over days: what to do, and what is normal meanwhile. */
export function Programme({ aged }: { aged: AgedTimeline }) {
  const steps = useMemo(() => startProgramme(aged.timeline), [aged.timeline])
  const plan = aged.timeline.at(-1)?.plan
  const length = plan === undefined ? 0 : programmeLength(plan)
  if (aged.today >= length) return null
  const weeks = Math.ceil(length / 7)
  const title = length > PROGRAMME_DAYS ? careWords.programmeOfStart : careWords.programme
  const isDry = plan !== undefined && phaseOn(plan, aged.today) === 'dry'
  const now = new Set(stepsOn(steps, aged.today))
  return (
    <Box component="section" aria-label={title}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18 }}>
        {title}
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 13.5, mb: 0.5 }}>{careWords.programmeNote}</Box>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={title}>
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: `76px repeat(${weeks * 7}, minmax(11px, 1fr))`,
            minWidth: 76 + weeks * 7 * 12,
            rowGap: '3px',
            fontSize: 13.5,
            position: 'relative',
          }}
        >
          <Box />
          {Array.from({ length: weeks }, (_, week) => (
            <Box
              key={week}
              className="lettering"
              sx={{ gridColumn: `${week * 7 + 2} / span 7`, borderLeft: '1px solid var(--ink)', pl: 0.5, fontSize: 13 }}
            >
              {careWords.weekNo(significant(week + 1))}
            </Box>
          ))}
          {LANES.map((lane) => {
            const inLane = steps.filter((step) => step.lane === lane)
            if (inLane.length === 0) return null
            return <Lane key={lane} title={laneWords[lane] ?? lane} steps={inLane} now={now} />
          })}
        </Box>
      </Box>
      <Box sx={{ color: 'var(--algae)', fontSize: 14, mt: 0.5 }}>{isDry ? startupWords.notNormalDry : startupWords.notNormal}</Box>
    </Box>
  )
}

function Lane({ title, steps, now }: { title: string; steps: readonly ProgrammeStep[]; now: ReadonlySet<ProgrammeStep> }) {
  const units = useUnits()
  // Steps that overlap stand below one another.
  const lines: ProgrammeStep[][] = []
  for (const step of steps) {
    const line = lines.find((placed) => placed.every((other) => other.toDay <= step.fromDay || other.fromDay >= step.toDay))
    if (line) line.push(step)
    else lines.push([step])
  }
  return (
    <>
      {lines.map((line, index) => (
        <Box key={index} sx={{ display: 'contents' }}>
          <Box className="lettering" sx={{ gridColumn: 1, fontSize: 14 }}>
            {index === 0 ? title : ''}
          </Box>
          {line.map((step) => (
            <Box
              key={`${step.code} ${step.fromDay}`}
              title={say(programmeWords, step.code, step.values, units.reader)}
              sx={{
                gridColumn: `${step.fromDay + 2} / ${step.toDay + 2}`,
                border: '1px solid var(--ink)',
                background: now.has(step) ? 'var(--ink)' : 'var(--sheet)',
                color: now.has(step) ? 'var(--sheet)' : 'var(--ink)',
                px: 0.5,
                lineHeight: 1.25,
                minWidth: 0,
                overflow: 'hidden',
                textOverflow: 'ellipsis',
                whiteSpace: 'nowrap',
              }}
            >
              {say(programmeWords, step.code, step.values, units.reader)}
            </Box>
          ))}
        </Box>
      ))}
    </>
  )
}
