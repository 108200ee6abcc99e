import { appWords, choiceWords, journalWords, SettingList } from '@jovrin/contract'
import {
  CHOICE_FIELDS,
  datePlusDays,
  numberField,
  usedSettings,
  valueAt,
  type Plan,
  type SettingChange,
  type UsedSetting,
} from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { changeJson } from '../../../api/http.js'
import { settingsOfTank, useJournalChanged } from '../../../api/journal.queries.js'
import { DateField } from '../../../ui/dates/DateField.js'
import { NumberField } from '../../../ui/NumberField.js'
import { useNotice } from '../../../ui/notice.js'
import { SheetDialog } from '../../../ui/SheetDialog.js'
import { useTexts, type Texts } from '../../../ui/useTexts.js'
import { localId } from '../../../api/localId.js'
import { significant, useUnits } from '../../../ui/units.js'
import { settingName, settingValue } from '../../setting.text.js'
import { datedFields, kindOf } from './datedFields.js'

const text = journalWords.past

/** It was so until a day. */
interface Span {
  /** Of the row, while the dialog is open. */
  readonly id: string
  readonly value: unknown
  readonly until: string
  readonly why: string | null
}
export interface PastDialogProps {
  readonly tankId: string
  readonly plan: Plan
  readonly changes: readonly SettingChange[]
  /** `null` asks which setting. */
  readonly path: string | null
  readonly today: string
  readonly onClose: () => void
}

/** The past of one setting: what it was until which day, before it became what the plan says. */
export function PastDialog({ tankId, plan, changes, path, today, onClose }: PastDialogProps) {
  const fields = datedFields(plan)
  const [chosen, choose] = useState(path ?? fields[0]?.path ?? '')
  return (
    <SheetDialog title={text.title} isOpen onClose={onClose}>
      <Box sx={{ p: 3, display: 'grid', gap: 2, minWidth: { sm: 440 } }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18 }}>
          {path === null ? text.title : settingName(path)}
        </Box>
        {path === null && (
          <TextField
            select
            label={text.which}
            value={chosen}
            onChange={(event) => choose(event.target.value)}
            slotProps={{ inputLabel: { shrink: true } }}
          >
            {fields.map((field) => (
              <MenuItem key={field.path} value={field.path}>
                {field.name}
              </MenuItem>
            ))}
          </TextField>
        )}
        <Spans key={chosen} {...{ tankId, plan, changes, path: chosen, today, onClose }} />
      </Box>
    </SheetDialog>
  )
}

const spansOf = (used: readonly UsedSetting[]): Span[] =>
  used.map(({ from, effectiveOn, why }) => ({ id: localId('span'), value: from, until: effectiveOn, why }))

function Spans({ tankId, plan, changes, path, today, onClose }: PastDialogProps & { readonly path: string }) {
  const units = useUnits()
  const client = useQueryClient()
  const changed = useJournalChanged()
  const tell = useNotice()
  const now = valueAt(plan, path)
  const known = usedSettings(plan, changes).filter((used) => used.path === path)
  const [spans, setSpans] = useState<readonly Span[]>(() => {
    const found = spansOf(known)
    return found.length > 0 ? found : [{ id: localId('span'), value: now, until: today, why: null }]
  })
  const typed = useTexts()
  const isSound = spans.every(({ id }) => !typed.isMistyped(id))
  const [failure, setFailure] = useState<string | null>(null)
  const change = (index: number, part: Partial<Span>): void =>
    setSpans(spans.map((span, at) => (at === index ? { ...span, ...part } : span)))
  const isOrdered = spans.every(({ until }, index) => until !== '' && until > (spans[index - 1]?.until ?? plan.startedOn))
  const write = (list: readonly Span[], replaces: readonly string[]): Promise<SettingChange[]> =>
    changeJson('PUT', `/api/tanks/${tankId}/settings`, SettingList, {
      body: {
        path,
        first: list[0]?.value ?? now,
        steps: list.map(({ until, why }, index) => ({
          effectiveOn: until,
          to: index + 1 < list.length ? list[index + 1]?.value : now,
          why,
        })),
        replaces,
      },
    })
  const idsOf = (all: readonly SettingChange[]): string[] => all.filter((one) => one.path === path).map(({ id }) => id)
  const renew = (): Promise<unknown> =>
    Promise.all([client.invalidateQueries({ queryKey: settingsOfTank(tankId).queryKey }), changed(tankId)])
  const save = async (): Promise<void> => {
    try {
      const after = await write(spans, idsOf(changes))
      const back = async (): Promise<void> => {
        await write(spansOf(known), idsOf(after))
        await renew()
      }
      await renew()
      tell({ text: text.saved(settingName(path)), action: { label: journalWords.undo, run: () => void back() } })
      onClose()
    } catch (error) {
      setFailure(error instanceof Error ? error.message : appWords.failed)
      await client.invalidateQueries({ queryKey: settingsOfTank(tankId).queryKey })
    }
  }
  return (
    <Box
      component="form"
      noValidate
      sx={{ display: 'grid', gap: 1.5 }}
      onSubmit={(event) => {
        event.preventDefault()
        if (isOrdered && isSound) void save()
      }}
    >
      {spans.map((span, index) => (
        <Box key={span.id} sx={{ display: 'grid', gridTemplateColumns: 'minmax(0,1fr) 150px auto', gap: 1.5, alignItems: 'end' }}>
          <ValueField path={path} value={span.value} text={typed.of(span.id)} onChange={(value) => change(index, { value })} />
          <DateField
            label={text.until}
            value={span.until}
            min={datePlusDays(plan.startedOn, 1)}
            onChange={(until) => change(index, { until })}
          />
          <Button
            variant="text"
            onClick={() => setSpans(spans.filter((_span, at) => at !== index))}
            aria-label={text.removeOf(significant(index + 1))}
          >
            {text.remove}
          </Button>
        </Box>
      ))}
      <div>{(spans.length === 0 ? text.always : text.now)(settingValue(path, now, units))}</div>
      {!isOrdered && <Box sx={{ color: 'var(--algae)' }}>{text.order}</Box>}
      {failure !== null && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {failure}
        </Box>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button type="submit" variant="contained" disabled={!isOrdered || !isSound}>
          {text.save}
        </Button>
        <Button
          onClick={() =>
            setSpans([{ id: localId('span'), value: spans[0]?.value ?? now, until: datePlusDays(plan.startedOn, 1), why: null }, ...spans])
          }
        >
          {text.addValue}
        </Button>
        <Button onClick={onClose}>{appWords.cancel}</Button>
      </Box>
    </Box>
  )
}

interface ValueFieldProps {
  readonly path: string
  readonly value: unknown
  /** What was typed and is no value. */
  readonly text: ReturnType<Texts['of']>
  readonly onChange: (value: unknown) => void
}
function ValueField({ path, value, text: typed, onChange }: ValueFieldProps) {
  const units = useUnits()
  const field = kindOf(path)
  if (field === null) return <Box sx={{ pb: 0.5 }}>{`${text.it} ${settingValue(path, value, units)}`}</Box>
  if (field.kind === 'number') {
    const { dimension, range, isSure, isWhole = false } = numberField(field.path)
    return (
      <NumberField
        label={text.it}
        why={settingName(path)}
        dimension={dimension}
        range={range}
        canBeUnknown={!isSure}
        isWhole={isWhole}
        value={typeof value === 'number' ? value : null}
        {...typed}
        onChange={onChange}
      />
    )
  }
  const words: Readonly<Record<string, string>> = choiceWords[field.path]
  return (
    <TextField
      select
      label={text.it}
      value={typeof value === 'string' ? value : ''}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ inputLabel: { shrink: true } }}
    >
      {CHOICE_FIELDS[field.path].choices.map((choice) => (
        <MenuItem key={choice} value={choice}>
          {words[choice] ?? choice}
        </MenuItem>
      ))}
    </TextField>
  )
}
