import { choiceWords, journalWords, SettingList, type FieldPast } from '@jovrin/contract'
import { CHOICE_FIELDS, datePlusDays, numberField, usedSettings, valueAt, type Plan, type SettingChange } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useFieldArray, type Control } from 'react-hook-form'
import { changeJson } from '../../../api/http.js'
import { settingsOfTank, useJournalChanged } from '../../../api/journal.queries.js'
import { DateInput, useBound } from '../../../ui/form/fields.js'
import { FormFrame } from '../../../ui/form/FormFrame.js'
import { SaveOrCancel } from '../../../ui/form/SaveOrCancel.js'
import { useJudgedForm } from '../../../ui/form/useJudgedForm.js'
import { NumberField } from '../../../ui/NumberField.js'
import { useNotice } from '../../../ui/notice.js'
import { SheetDialog } from '../../../ui/SheetDialog.js'
import { significant, useUnits } from '../../../ui/units.js'
import { settingName, settingValue } from '../../setting.text.js'
import { datedFields, kindOf } from './datedFields.js'
import { pastOf, pastSchema, spansOf, type PastDraft } from './pastDraft.js'

const text = journalWords.past

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

function Spans({ tankId, plan, changes, path, today, onClose }: PastDialogProps & { readonly path: string }) {
  const units = useUnits()
  const client = useQueryClient()
  const changed = useJournalChanged()
  const tell = useNotice()
  const now = valueAt(plan, path)
  const known = spansOf(usedSettings(plan, changes).filter((used) => used.path === path))
  const idsOf = (all: readonly SettingChange[]): string[] => all.filter((one) => one.path === path).map(({ id }) => id)
  const form = useJudgedForm({
    schema: pastSchema({ path, now, startedOn: plan.startedOn, replaces: idsOf(changes) }),
    draft: { spans: known.length > 0 ? known : [{ value: now, until: today, why: null }] },
  })
  const { control } = form
  const rows = useFieldArray({ control, name: 'spans' })
  const write = (past: object): Promise<SettingChange[]> => changeJson('PUT', `/api/tanks/${tankId}/settings`, SettingList, { body: past })
  const renew = (): Promise<unknown> =>
    Promise.all([client.invalidateQueries({ queryKey: settingsOfTank(tankId).queryKey }), changed(tankId)])
  const keep = async (past: FieldPast): Promise<void> => {
    try {
      const after = await write(past)
      const back = async (): Promise<void> => {
        await write(pastOf(path, now, known, idsOf(after)))
        await renew()
      }
      await renew()
      tell({ text: text.saved(settingName(path)), action: { label: journalWords.undo, run: () => void back() } })
      onClose()
    } catch (error) {
      await client.invalidateQueries({ queryKey: settingsOfTank(tankId).queryKey })
      throw error
    }
  }
  return (
    <FormFrame
      form={form}
      onKeep={keep}
      actions={
        <>
          <SaveOrCancel save={text.save} onCancel={onClose} />
          <Button
            onClick={() =>
              rows.prepend({ value: form.getValues('spans.0.value') ?? now, until: datePlusDays(plan.startedOn, 1), why: null })
            }
          >
            {text.addValue}
          </Button>
        </>
      }
    >
      {rows.fields.map(({ id }, index) => (
        <Box key={id} sx={{ display: 'grid', gridTemplateColumns: 'minmax(0,1fr) 150px auto', gap: 1.5, alignItems: 'start' }}>
          <ValueInput control={control} path={path} index={index} />
          <DateInput control={control} name={`spans.${index}.until`} label={text.until} min={datePlusDays(plan.startedOn, 1)} />
          <Button variant="text" onClick={() => rows.remove(index)} aria-label={text.removeOf(significant(index + 1))} sx={{ mt: 1.5 }}>
            {text.remove}
          </Button>
        </Box>
      ))}
      <div>{(rows.fields.length === 0 ? text.always : text.now)(settingValue(path, now, units))}</div>
    </FormFrame>
  )
}

interface ValueInputProps {
  readonly control: Control<PastDraft, unknown, FieldPast>
  readonly path: string
  readonly index: number
}
/** The value of one row, as its field in the plan is asked for. */
function ValueInput({ control, path, index }: ValueInputProps) {
  const units = useUnits()
  const field = kindOf(path)
  const { value, onChange, onBlur, inputRef, fault } = useBound<PastDraft, FieldPast, unknown>({ control, name: `spans.${index}.value` })
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
        text={typeof value === 'string' ? value : null}
        onChange={onChange}
        onText={(typed) => typed !== null && onChange(typed)}
        onCommit={onBlur}
        inputRef={inputRef}
        fault={fault}
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
      onBlur={onBlur}
      inputRef={inputRef}
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
