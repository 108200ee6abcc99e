import { describeWords } from '@jovrin/contract'
import { civilDate } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { memo } from 'react'
import { Link, NavLink } from 'react-router'
import { DateField } from '../../ui/dates/DateField.js'
import { SheetDialog } from '../../ui/SheetDialog.js'
import type { PlanKeeper } from '../shared/usePlanKeeper.js'

/** The sheets of a place, in the order of the work. */
export interface SheetTabs {
  readonly title: string
  readonly label: string
  readonly tabs: readonly { readonly to: string; readonly name: string; readonly isEnd: boolean }[]
}

interface PlanBarProps {
  readonly tankId: string
  readonly tabs: SheetTabs
  readonly isValid: boolean
  /** The tank is not set up yet: every edit is one of the plan. */
  readonly isPlanned: boolean
  readonly startedOn: string
  readonly timeZone: string
  readonly keeper: PlanKeeper
  /** The day that changes hold from; `null` corrects the description. */
  readonly effectiveOn: string | null
  readonly onEffectiveOn: (day: string | null) => void
}

const tab = {
  px: '4px',
  py: '1px',
  color: 'var(--ink)',
  textDecoration: 'none',
  whiteSpace: 'nowrap',
  borderBottom: '2px solid transparent',
  fontSize: 15.5,
  '&.active': { borderColor: 'var(--ink)', fontWeight: 600 },
  '&:hover': { borderColor: 'var(--hair)' },
} as const

/** The sheets of a place that edits the plan, and how it is kept. */
export const PlanBar = memo(function PlanBar({
  tankId,
  tabs,
  isValid,
  isPlanned,
  startedOn,
  timeZone,
  keeper,
  effectiveOn,
  onEffectiveOn,
}: PlanBarProps) {
  const { state, revision, step } = keeper
  const status = !isValid
    ? describeWords.unsaved
    : state.kind === 'saving'
      ? describeWords.saving
      : state.kind === 'failed'
        ? state.message
        : state.kind === 'merged'
          ? describeWords.conflict
          : describeWords.saved
  return (
    <Box
      className="no-print"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        columnGap: 1,
        rowGap: 0.5,
        px: 2,
        py: '3px',
        borderBottom: '1px solid var(--hair)',
        background: 'var(--sheet)',
      }}
    >
      <Box component="h1" sx={{ position: 'absolute', width: '1px', height: '1px', overflow: 'hidden', clipPath: 'inset(50%)', m: 0 }}>
        {tabs.title}
      </Box>
      <Box
        component="nav"
        aria-label={tabs.label}
        className="lettering"
        sx={{ display: 'flex', flexWrap: 'wrap', gap: '2px', flexGrow: 1 }}
      >
        {tabs.tabs.map(({ to, name, isEnd }) => (
          <Box key={to} component={NavLink} to={to} end={isEnd} sx={tab}>
            {name}
          </Box>
        ))}
      </Box>
      <Box
        role="status"
        sx={{ fontSize: 13, color: !isValid || state.kind === 'failed' ? 'var(--algae)' : 'text.secondary', minWidth: 52, maxWidth: 240 }}
      >
        {status}
      </Box>
      {!isPlanned && <FromDay effectiveOn={effectiveOn} startedOn={startedOn} timeZone={timeZone} onChange={onEffectiveOn} />}
      <Button disabled={!revision.canUndo} onClick={() => void step('undo')}>
        {describeWords.undo}
      </Button>
      <Button disabled={!revision.canRedo} onClick={() => void step('redo')}>
        {describeWords.redo}
      </Button>
      <Button variant="contained" component={Link} to={`/tanks/${tankId}/balance`}>
        {describeWords.toBalance}
      </Button>
    </Box>
  )
})

/** Whether an edit corrects the description or changes a setting from a day on. */
function FromDay({
  effectiveOn,
  startedOn,
  timeZone,
  onChange,
}: {
  effectiveOn: string | null
  startedOn: string
  timeZone: string
  onChange: (day: string | null) => void
}) {
  const today = civilDate(new Date(), timeZone)
  return (
    <>
      <TextField
        select
        value={effectiveOn === null ? 'correction' : 'change'}
        onChange={(event) => onChange(event.target.value === 'change' ? today : null)}
        slotProps={{ select: { SelectDisplayProps: { 'aria-label': describeWords.meaning } } }}
      >
        <MenuItem value="correction">{describeWords.correction}</MenuItem>
        <MenuItem value="change">{describeWords.dated}</MenuItem>
      </TextField>
      {effectiveOn !== null && (
        <DateField
          name={describeWords.dated}
          value={effectiveOn}
          min={startedOn}
          onChange={(day) => day !== '' && onChange(day)}
          sx={{ width: 140 }}
        />
      )}
    </>
  )
}

export function Conflict({ keeper }: { keeper: PlanKeeper }) {
  return (
    <SheetDialog title={describeWords.conflictBoth} isOpen={keeper.state.kind === 'conflict'}>
      <Box sx={{ p: 3, maxWidth: 420 }}>
        <p>{describeWords.conflictBoth}</p>
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button variant="contained" onClick={() => void keeper.settle('mine')}>
            {describeWords.mine}
          </Button>
          <Button onClick={() => void keeper.settle('theirs')}>{describeWords.theirs}</Button>
        </Box>
      </Box>
    </SheetDialog>
  )
}
