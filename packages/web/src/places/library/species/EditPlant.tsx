import { appWords, columnsOf, PlantSpeciesSchema, plantRowFaultWords, readPlantRow, speciesWords, traitWords } from '@jovrin/contract'
import {
  CLASS_TRAITS,
  CLASSES_TRAITS,
  FLAG_TRAITS,
  MELTS,
  PLANT_TRAITS,
  SHADES,
  type PlantRow,
  type PlantSpecies,
  type PlantTrait,
} from '@jovrin/core'
import { Box, MenuItem, TextField } from '@mui/material'
import { useQueryClient } from '@tanstack/react-query'
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { ApiError, changeJson } from '../../../api/http.js'
import { SaveOrCancel } from '../../../ui/form/SaveOrCancel.js'
import { useNotice } from '../../../ui/notice.js'
import { SheetDialog } from '../../../ui/SheetDialog.js'
import { useUnsaved } from '../../../ui/unsaved.js'
import { cellsOf, hintsOf } from './ownPlant.js'

type Cells = Readonly<Record<string, string>>

interface EditPlantProps {
  readonly title: string
  readonly row: PlantRow
  /** What stands where the row says nothing. */
  readonly base: PlantSpecies | null
  readonly onKept: (plant: PlantSpecies) => void
  readonly onClose: () => void
}

/** A plant of one's own, or what one says of a plant of the library: the cells of its row, as a file has them. */
export function EditPlant({ title, onClose, ...form }: EditPlantProps) {
  return (
    <SheetDialog title={title} isOpen isWide onClose={onClose}>
      <EditForm title={title} onClose={onClose} {...form} />
    </SheetDialog>
  )
}

function EditForm({ title, row, base, onKept, onClose }: EditPlantProps) {
  const client = useQueryClient()
  const tell = useNotice()
  const tellUnsaved = useUnsaved()
  const form = useRef<HTMLFormElement>(null)
  const [cells, setCells] = useState<Cells>(() => cellsOf(row))
  const [faults, setFaults] = useState<Cells>({})
  const [refusal, setRefusal] = useState<string | null>(null)
  const hints = useMemo(() => hintsOf(base), [base])
  const isNamed = base === null || row.id !== base.id
  const change = useCallback(
    (column: string, text: string): void => {
      setCells((before) => ({ ...before, [column]: text }))
      tellUnsaved(true)
    },
    [tellUnsaved],
  )
  useEffect(() => () => tellUnsaved(false), [tellUnsaved])
  const refuse = (found: Cells): void => {
    setFaults(found)
    const [first] = Object.keys(found)
    form.current?.querySelector<HTMLInputElement>(`[name="${first ?? ''}"]`)?.focus()
  }
  const save = async (): Promise<void> => {
    setRefusal(null)
    const read = readPlantRow(cells, 'own')
    if ('faults' in read)
      return refuse(
        Object.fromEntries(read.faults.map(({ column, text, fault, allowed }) => [column, plantRowFaultWords(fault, text, allowed)])),
      )
    try {
      const kept = await changeJson('PUT', `/api/species/${read.row.id}`, PlantSpeciesSchema, { body: read.row })
      tellUnsaved(false)
      await client.invalidateQueries({ queryKey: ['species'] })
      tell({ text: speciesWords.kept(kept.name) })
      onKept(kept)
      onClose()
    } catch (error) {
      const sentence = error instanceof Error ? error.message : appWords.failed
      const field = error instanceof ApiError ? error.problem?.field : undefined
      const trait = PLANT_TRAITS.find((one) => one === field)
      if (trait === undefined) setRefusal(sentence)
      else
        refuse(
          Object.fromEntries(
            columnsOf(trait)
              .slice(0, 1)
              .map((column) => [column, sentence]),
          ),
        )
    }
  }
  const cell = (column: string, label: string, options?: Options) => (
    <Cell
      key={column}
      column={column}
      label={label}
      text={cells[column] ?? ''}
      hint={hints[column] ?? ''}
      fault={faults[column] ?? null}
      options={options}
      onChange={change}
    />
  )
  return (
    <Box
      component="form"
      ref={form}
      noValidate
      aria-label={title}
      sx={{ p: 2, display: 'grid', gap: 1.5, width: 980, maxWidth: '100%' }}
      onSubmit={(event) => {
        event.preventDefault()
        void save()
      }}
    >
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 19 }}>
        {title}
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{speciesWords.editHint}</Box>
      <Box sx={grid}>
        {isNamed && cell('name', speciesWords.nameLabel)}
        {isNamed && cell('family', speciesWords.familyLabel)}
        {cell('olderNames', speciesWords.olderLabel)}
        {PLANT_TRAITS.flatMap((trait) => columnsOf(trait).map((column) => cell(column, labelOf(trait, column), OPTIONS.get(trait))))}
      </Box>
      {refusal !== null && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {refusal}
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1, position: 'sticky', bottom: 0, background: 'var(--sheet)', py: 1 }}>
        <SaveOrCancel save={speciesWords.save} onCancel={onClose} />
      </Box>
    </Box>
  )
}
const grid = { display: 'grid', gap: 1.25, gridTemplateColumns: 'repeat(auto-fill, minmax(215px, 1fr))' } as const

const labelOf = (trait: PlantTrait, column: string): string =>
  Object.hasOwn(speciesWords.columns, column) ? speciesWords.columns[column as keyof typeof speciesWords.columns] : traitWords[trait] // just looked up

interface Options {
  readonly values: readonly string[]
  readonly isMany: boolean
}
const isFlag = (trait: PlantTrait): boolean => FLAG_TRAITS.some((flag) => flag === trait)
function optionsOf(trait: PlantTrait): Options | undefined {
  if (trait in CLASS_TRAITS) return { values: CLASS_TRAITS[trait as keyof typeof CLASS_TRAITS], isMany: false } // just looked up
  if (trait in CLASSES_TRAITS) return { values: CLASSES_TRAITS[trait as keyof typeof CLASSES_TRAITS], isMany: true } // likewise
  if (trait === 'colour') return { values: SHADES, isMany: true }
  if (trait === 'melt') return { values: MELTS, isMany: false }
  return isFlag(trait) ? { values: ['yes', 'no'], isMany: false } : undefined
}

const OPTIONS = new Map(PLANT_TRAITS.map((trait) => [trait, optionsOf(trait)]))

interface CellProps {
  readonly column: string
  readonly label: string
  readonly text: string
  readonly hint: string
  readonly fault: string | null
  readonly options: Options | undefined
  readonly onChange: (column: string, text: string) => void
}
/** One of some fifty: each is drawn anew only when it is typed into. */
const Cell = memo(function Cell({ column, label, text, hint, fault, options, onChange }: CellProps) {
  const shared = {
    name: column,
    label,
    error: fault !== null,
    helperText: fault ?? speciesWords.as(text === '' ? hint : ''),
    slotProps: { inputLabel: { shrink: true } },
  }
  if (options === undefined) return <TextField {...shared} value={text} onChange={(event) => onChange(column, event.target.value)} />
  const chosen = text === '' ? [] : text.split('; ')
  return (
    <TextField
      {...shared}
      select
      value={options.isMany ? chosen : text}
      onChange={(event) => {
        const next: unknown = event.target.value
        onChange(column, Array.isArray(next) ? next.filter((one) => one !== '').join('; ') : String(next))
      }}
      slotProps={{ inputLabel: { shrink: true }, select: { multiple: options.isMany, displayEmpty: true, renderValue: () => text } }}
    >
      {!options.isMany && <MenuItem value="">{speciesWords.leave}</MenuItem>}
      {options.values.map((value) => (
        <MenuItem key={value} value={value}>
          {value}
        </MenuItem>
      ))}
    </TextField>
  )
})
