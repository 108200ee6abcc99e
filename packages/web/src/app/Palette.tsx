import {
  answersWords,
  appWords,
  glossaryWords,
  helpWords,
  navWords,
  planSheetWords,
  supplySheetWords,
  recordKindWords,
  workingTitleWords,
  workingsWords,
  JournalPage,
  nameIn,
  type TankEntry,
} from '@jovrin/contract'
import { PLAN_SHEETS, SUPPLY_SHEETS, WORKINGS } from '@jovrin/core'
import { Autocomplete, Box, TextField } from '@mui/material'
import { useQueries, useQuery } from '@tanstack/react-query'
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { getJson } from '../api/http.js'
import { allTanks } from '../api/tanks.queries.js'
import { recordLine } from '../places/shared/record.text.js'
import { SheetDialog } from '../ui/SheetDialog.js'
import { dayOf, shortDate, useUnits, type Units } from '../ui/units.js'
import { foundBy, type Find } from './find.js'
import { tankPlaces } from './shell/placeOf.js'

const text = appWords.find
/** Records are asked for from so many letters on, so many of each tank. */
const LEAST_LETTERS = 3
const RECORDS_OF_EACH = 8
/** What stands before a term in place of an address. */
const TERM = 'term:'

/** Everything that has an address, found by words: tanks and their places, records, calculators, questions; and the words of the field. */
export function Palette({ onTerm, onClose }: { onTerm: (term: string) => void; onClose: () => void }) {
  const navigate = useNavigate()
  const [typed, setTyped] = useState('')
  const tanks = useQuery(allTanks()).data
  const fixed = useMemo(() => [...ofTanks(tanks ?? []), ...PLACES, ...QUESTIONS, ...SUMS, ...TERMS], [tanks])
  const input = useRef<HTMLInputElement>(null)
  // Whatever had the focus before may take it back while the dialog opens: what is typed is meant for the field.
  useEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      if (document.activeElement !== input.current && event.key.length === 1) input.current?.focus()
    }
    window.addEventListener('keydown', listen, true)
    return () => window.removeEventListener('keydown', listen, true)
  }, [])
  const records = useRecords(tanks ?? [], useDeferredValue(typed.trim()))
  return (
    <SheetDialog title={text.title} isOpen onClose={onClose}>
      <Box sx={{ p: 2, width: 520, maxWidth: '100%', minHeight: 120 }}>
        <Autocomplete<Find>
          open
          autoHighlight
          disablePortal
          options={[...fixed, ...records]}
          groupBy={({ group }) => group}
          getOptionLabel={({ label }) => label}
          getOptionKey={({ to, label }) => `${to} ${label}`}
          filterOptions={(options, { inputValue }) => foundBy(options, inputValue)}
          inputValue={typed}
          onInputChange={(_event, next, reason) => reason !== 'reset' && setTyped(next)}
          value={null}
          onChange={(_event, chosen) => {
            if (chosen === null) return
            if (chosen.to.startsWith(TERM)) return onTerm(chosen.to.slice(TERM.length))
            onClose()
            void navigate(chosen.to)
          }}
          onClose={(_event, reason) => reason === 'escape' && onClose()}
          noOptionsText={text.none}
          popupIcon={null}
          slotProps={{
            listbox: { sx: { maxHeight: '50vh' } },
            popper: { sx: { position: 'static !important', transform: 'none !important', width: '100% !important' } },
          }}
          renderInput={(parameters) => <TextField {...parameters} inputRef={input} label={text.title} helperText={text.hint} autoFocus />}
        />
      </Box>
    </SheetDialog>
  )
}

const ofTanks = (tanks: readonly TankEntry[]): Find[] =>
  tanks.flatMap(({ id, plan: { name } }) => [
    ...tankPlaces().map(([path, place]) => ({ group: text.tanks, label: `${name}: ${place}`, to: `/tanks/${id}/${path}` })),
    ...PLAN_SHEETS.filter((sheet) => sheet !== 'supply').map((sheet) => ({
      group: text.tanks,
      label: `${name}: ${appWords.places.describe}, ${planSheetWords[sheet]}`,
      to: `/tanks/${id}/plan/${sheet}`,
      isSeldom: true,
    })),
    ...SUPPLY_SHEETS.map((sheet) => ({
      group: text.tanks,
      label: `${name}: ${appWords.places.supply}, ${supplySheetWords[sheet]}`,
      to: `/tanks/${id}/supply/${sheet}`,
    })),
  ])
const PLACES: readonly Find[] = [
  { group: text.places, label: appWords.places.shelf, to: '/' },
  { group: text.places, label: navWords.today, to: '/today' },
  { group: text.places, label: navWords.answers, to: '/answers' },
  { group: text.places, label: navWords.workings, to: '/workings' },
  { group: text.places, label: navWords.library, to: '/library' },
  { group: text.places, label: navWords.settings, to: '/settings' },
  { group: text.places, label: appWords.places.newTank, to: '/new' },
]
const QUESTIONS: readonly Find[] = Object.entries(answersWords.list).map(([id, [label, hint]]) => ({
  group: navWords.answers,
  label,
  words: hint,
  to: id === 'today' ? '/today' : `/answers/${id}`,
}))
const TERMS: readonly Find[] = Object.entries(glossaryWords).map(([id, [name, others]]) => ({
  group: helpWords.terms,
  label: name,
  words: others,
  isSeldom: true,
  to: `${TERM}${id}`,
}))
const SUMS: readonly Find[] = WORKINGS.map(({ id }) => ({
  group: navWords.workings,
  label: workingTitleWords[id] ?? id,
  words: nameIn(workingsWords.groups, id.split('.')[0] ?? ''),
  to: `/workings/${id}`,
}))

/** What the journals of all tanks say with these words in it, newest first. */
function useRecords(tanks: readonly TankEntry[], words: string): Find[] {
  const units = useUnits()
  const isAsked = words.length >= LEAST_LETTERS
  return useQueries({
    queries: tanks.map(({ id }) => ({
      queryKey: ['tanks', id, 'journal', 'found', words],
      queryFn: ({ signal }: { signal: AbortSignal }) =>
        getJson(
          `/api/tanks/${id}/journal?${new URLSearchParams({ q: words, limit: String(RECORDS_OF_EACH) }).toString()}`,
          JournalPage,
          signal,
        ),
      enabled: isAsked,
      staleTime: 30_000,
    })),
    combine: (answers) => answers.flatMap(({ data }, index) => (isAsked && data ? recordsFound(data, tanks[index], words, units) : [])),
  })
}

const recordsFound = ({ entries }: JournalPage, tank: TankEntry | undefined, words: string, units: Units): Find[] =>
  tank === undefined
    ? []
    : entries.map(({ record }) => ({
        group: text.records,
        label: `${tank.plan.name}, ${shortDate(dayOf(record.at, tank.plan.timeZone))}: ${recordKindWords[record.kind]}, ${recordLine(record, units)}${record.note === null ? '' : `, ${record.note}`}`,
        words,
        to: `/tanks/${tank.id}/journal?record=${record.id}`,
      }))
