import { en, PlanSchema, type PlanRevision } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { SheetDialog } from '../../ui/SheetDialog.js'
import { civilDate, daysBetween } from '@jovrin/core'
import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect } from 'react'
import { Link, useParams } from 'react-router'
import { planOfTank } from '../../api/tanks.queries.js'
import { QueryState } from '../../ui/QueryState.js'
import { DescribeSheet } from './DescribeSheet.js'
import { usePlanForm, type PlanForm } from './usePlanForm.js'
import { usePlanKeeper, type PlanKeeper } from './usePlanKeeper.js'

export function PlanPlace() {
  const { tankId = '' } = useParams()
  const plan = useQuery(planOfTank(tankId))
  if (!plan.data) return <QueryState error={plan.error} onRetry={() => void plan.refetch()} />
  return <KnownPlan key={tankId} tankId={tankId} initial={plan.data} />
}

function KnownPlan({ tankId, initial }: { tankId: string; initial: PlanRevision }) {
  const form = usePlanForm(initial.plan)
  const age = daysBetween(initial.plan.startedOn, civilDate(new Date(), initial.plan.timeZone))
  const { replace, now } = form
  const keeper = usePlanKeeper(tankId, initial, replace)
  const { keep, step } = keeper
  const commit = useCallback(() => {
    // After the field's own change has reached the form.
    queueMicrotask(() => {
      const parsed = PlanSchema.safeParse(now())
      if (parsed.success) void keep(parsed.data)
    })
  }, [keep, now])
  useEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
      if (event.target instanceof HTMLInputElement && event.target.type === 'text') return // the field's own undo
      event.preventDefault()
      void step(event.shiftKey ? 'redo' : 'undo')
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [step])
  return (
    <>
      <DescribeSheet form={form} age={age} onCommit={commit} head={<Head tankId={tankId} form={form} keeper={keeper} />} />
      <Conflict keeper={keeper} />
    </>
  )
}

function Head({ tankId, form, keeper }: { tankId: string; form: PlanForm; keeper: PlanKeeper }) {
  const { state, revision, step } = keeper
  const status = !form.isValid ? en.describe.unsaved : state.kind === 'saving' ? en.describe.saving : state.kind === 'failed' ? state.message : state.kind === 'merged' ? en.describe.conflict : en.describe.saved
  return (
    <>
      <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 22, flexGrow: 1 }}>
        {en.app.places.describe}
      </Box>
      <Box role="status" sx={{ fontSize: 13, color: !form.isValid || state.kind === 'failed' ? 'var(--algae)' : 'text.secondary', maxWidth: 200 }}>
        {status}
      </Box>
      <Button disabled={!revision.canUndo} onClick={() => void step('undo')}>
        {en.describe.undo}
      </Button>
      <Button disabled={!revision.canRedo} onClick={() => void step('redo')}>
        {en.describe.redo}
      </Button>
      <Button variant="contained" component={Link} to={`/tanks/${tankId}/balance`}>
        {en.describe.toBalance}
      </Button>
    </>
  )
}

function Conflict({ keeper }: { keeper: PlanKeeper }) {
  return (
    <SheetDialog title={en.describe.conflictBoth} isOpen={keeper.state.kind === 'conflict'}>
      <Box sx={{ p: 3, maxWidth: 420 }}>
        <p>{en.describe.conflictBoth}</p>
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button variant="contained" onClick={() => void keeper.settle('mine')}>
            {en.describe.mine}
          </Button>
          <Button onClick={() => void keeper.settle('theirs')}>{en.describe.theirs}</Button>
        </Box>
      </Box>
    </SheetDialog>
  )
}
