import { appWords, describeWords, PlanSchema, supplyLevelWhatWords, TankEntry, templateWords } from '@jovrin/contract'
import { civilDate, fromTemplate, newPlan, templateFacts, TEMPLATES, type Plan, type Template, upgradePlan } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useMemo, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { newId } from '../../../api/newId.js'
import { postJson } from '../../../api/http.js'
import { useNotice } from '../../../ui/notice.js'
import { ownTimeZone } from '../../../ui/locale.js'
import { useUnits } from '../../../ui/units.js'
import { PenContext } from '../pen.js'
import { DescribeSheet } from './DescribeSheet.js'
import { usePlanForm, type PlanForm } from './usePlanForm.js'

const DRAFT = 'jovrin.newTank'
/** A tank not yet kept is drawn grown in. */
const FIRST_DRAWN = 42

/** A draft survives a reload; one that no longer fits the contract is let go. */
function draftOrNew(): { id: string; plan: Plan } {
  const timeZone = ownTimeZone()
  const fresh = { id: newId(), plan: newPlan(describeWords.newTitle, civilDate(new Date(), timeZone), timeZone) }
  try {
    const kept = JSON.parse(localStorage.getItem(DRAFT) ?? 'null') as { id?: unknown; plan?: unknown } | null
    const plan = PlanSchema.safeParse(upgradePlan(kept?.plan))
    return plan.success && typeof kept?.id === 'string' ? { id: kept.id, plan: plan.data } : fresh
  } catch {
    return fresh
  }
}

/** Common tanks whose answers are filled in at once; taken back by the notice. */
function TemplateChoice({ form }: { form: PlanForm }) {
  const tell = useNotice()
  const units = useUnits()
  const told = (template: Template): string => {
    const { lengthCm, level } = templateFacts(template)
    return `${templateWords[template]}: ${units.show('length', lengthCm)}, ${supplyLevelWhatWords[level]}`
  }
  const fill = (template: Template): void => {
    const before = form.now()
    form.replace(fromTemplate(before, template))
    tell({
      text: describeWords.templateFilled(told(template)),
      action: { label: describeWords.undo, run: () => form.replace(before) },
    })
  }
  return (
    <TextField
      select
      label={describeWords.template}
      value=""
      onChange={(event) => {
        const template = TEMPLATES.find((one) => one === event.target.value)
        if (template !== undefined) fill(template)
      }}
      sx={{ minWidth: 150 }}
      slotProps={{ inputLabel: { shrink: true } }}
    >
      {TEMPLATES.map((template) => (
        <MenuItem key={template} value={template}>
          {told(template)}
        </MenuItem>
      ))}
    </TextField>
  )
}

export function NewTankPlace() {
  const [start] = useState(draftOrNew)
  const form = usePlanForm(start.plan)
  const navigate = useNavigate()
  const client = useQueryClient()
  const [error, setError] = useState<string | null>(null)
  const [isKeeping, setKeeping] = useState(false)
  const isKept = useRef(false)
  useEffect(() => {
    if (isKept.current) return
    try {
      localStorage.setItem(DRAFT, JSON.stringify({ id: start.id, plan: form.valid }))
    } catch {
      // Without storage the draft lives as long as the page.
    }
  }, [form.valid, start.id])
  const keep = async (place: 'balance' | 'plan/intent'): Promise<void> => {
    setKeeping(true)
    setError(null)
    try {
      await postJson('/api/tanks', { id: start.id, plan: form.now() }, TankEntry)
      isKept.current = true
      localStorage.removeItem(DRAFT)
      await client.invalidateQueries({ queryKey: ['tanks'] })
      await navigate(`/tanks/${start.id}/${place}`)
    } catch (failure) {
      setError(failure instanceof Error ? failure.message : appWords.failed)
      setKeeping(false)
    }
  }
  const pen = useMemo(() => ({ form, commit: () => undefined }), [form])
  return (
    <PenContext value={pen}>
      <DescribeSheet
        tankId={null}
        age={FIRST_DRAWN}
        head={
          <>
            <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 22, flexGrow: 1 }}>
              {describeWords.newTitle}
            </Box>
            <TemplateChoice form={form} />
            <Box role="status" sx={{ fontSize: 13, color: form.isValid && error === null ? 'text.secondary' : 'var(--algae)' }}>
              {error ?? (form.isValid ? describeWords.draftKept : describeWords.unsaved)}
            </Box>
            <Button disabled={!form.isValid || isKeeping} onClick={() => void keep('plan/intent')}>
              {describeWords.keepAndPlan}
            </Button>
            <Button variant="contained" disabled={!form.isValid || isKeeping} onClick={() => void keep('balance')}>
              {describeWords.keep}
            </Button>
          </>
        }
      />
    </PenContext>
  )
}
