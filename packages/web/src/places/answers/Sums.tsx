import { answersWords, workingTitleWords, type TankEntry } from '@jovrin/contract'
import { tankFigures, WORKINGS, type Working } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import { searchOf, textsOf, type SumTexts } from '../shared/sum.js'
import { SumForm } from '../shared/SumForm.js'

interface SumsProps {
  readonly ids: readonly string[]
  readonly tank: TankEntry | null
  /** What is known from readings, by the name of the input. */
  readonly given?: Readonly<Record<string, string>>
}

/** A few sums below an answer; where a tank is known, its water and readings fill in what they can. */
export function Sums({ ids, tank, given = {} }: SumsProps) {
  const litres = useMemo(() => (tank === null ? null : Math.round(tankFigures(tank.plan).waterL)), [tank])
  const [open, setOpen] = useState(ids[0] ?? '')
  return (
    <Box>
      {ids.map((id) => {
        const working = WORKINGS.find((candidate) => candidate.id === id)
        return (
          working && (
            <Box component="details" key={id} open={open === id} sx={{ borderTop: '1px solid var(--ink)', py: 0.75 }}>
              <Box
                component="summary"
                className="lettering"
                sx={{ fontSize: 17, textTransform: 'none', letterSpacing: '0.02em', cursor: 'pointer' }}
                onClick={(event) => {
                  event.preventDefault()
                  setOpen(open === id ? '' : id)
                }}
              >
                {workingTitleWords[id]}
              </Box>
              {open === id && <OneSum working={working} known={{ ...given, ...(litres === null ? {} : { litres: String(litres) }) }} />}
            </Box>
          )
        )
      })}
    </Box>
  )
}

function OneSum({ working, known }: { working: Working; known: Readonly<Record<string, string>> }) {
  const [texts, setTexts] = useState<SumTexts>(() =>
    textsOf(working, new URLSearchParams(Object.entries(known).filter(([name]) => working.fields.some((field) => field.name === name)))),
  )
  return (
    <Box sx={{ pt: 1.5 }}>
      <SumForm working={working} texts={texts} onChange={setTexts} />
      <Link to={`/workings/${working.id}?${searchOf(texts).toString()}`}>{answersWords.open}</Link>
    </Box>
  )
}
