import { AbsenceSchema, awayWords, appWords, type TankEntry } from '@jovrin/contract'
import { datePlusDays, daysBetween, isSameAbsence, proposedAbsence, SHORT_DAYS, type Absence } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import { localId } from '../../../api/localId.js'
import { changePlan } from '../../../api/plans.js'
import { agedTimeline, timelineOfTank } from '../../../api/tanks.queries.js'
import { DateField } from '../../../ui/dates/DateField.js'
import { useNotice } from '../../../ui/notice.js'
import { Grid } from '../../../ui/QuestionGroup.js'
import { QueryState } from '../../../ui/QueryState.js'
import { longDate } from '../../../ui/units.js'
import { useKeptState } from '../../../ui/useKeptState.js'
import { AwayOutlook } from './AwayOutlook.js'
import { KeptAbsences } from './KeptAbsences.js'
import { OtherTanks } from './OtherTanks.js'
import { SitterCard } from './SitterCard.js'

/** What is typed before it is kept; a day that is not told yet is empty. */
interface Typed {
  readonly leaveOn: string
  readonly backOn: string
  readonly absence: Absence | null
}
const NOTHING: Typed = { leaveOn: '', backOn: '', absence: null }
function readTyped(kept: unknown): Typed | null {
  if (typeof kept !== 'object' || kept === null) return null
  const { leaveOn, backOn, absence } = kept as Partial<Record<keyof Typed, unknown>>
  if (typeof leaveOn !== 'string' || typeof backOn !== 'string') return null
  const read = AbsenceSchema.safeParse(absence)
  return { leaveOn, backOn, absence: read.success ? read.data : null }
}

/** Days away: what is set before, what may go wrong, what is needed, who looks in, and the way back. */
export function AwayAnswer({ tank }: { readonly tank: TankEntry }) {
  const text = awayWords
  const timeline = useQuery(timelineOfTank(tank.id))
  const client = useQueryClient()
  const notice = useNotice()
  const [typed, setTyped] = useKeptState<Typed>(`away ${tank.id}`, NOTHING, readTyped)
  const [isCardOpen, setCardOpen] = useState(false)
  const { data } = timeline
  const aged = useMemo(() => (data === undefined ? null : agedTimeline(data)), [data])
  if (data === undefined || aged === null) return <QueryState error={timeline.error} onRetry={() => void timeline.refetch()} />
  const { today } = data
  const plan = aged.settings.at(-1)?.plan
  if (plan === undefined) return null
  const { absence } = typed
  const kept = plan.absences.find(({ id }) => id === absence?.id) ?? null
  const isKept = kept !== null && absence !== null && isSameAbsence(kept, absence)

  const setDates = (leaveOn: string, backOn: string): void => {
    const isWhole = leaveOn !== '' && backOn !== '' && leaveOn < backOn
    if (!isWhole) return setTyped({ ...typed, leaveOn, backOn })
    const proposed = proposedAbsence(plan, absence?.id ?? localId('w'), { leaveOn, backOn, today })
    // What is of the tank, not of the dates, stays as it was typed, now or the last time.
    const before = absence ?? plan.absences.at(-1)
    const same =
      before === undefined ? {} : { isDosed: before.isDosed, topUpL: before.topUpL, mayFallCm: before.mayFallCm, note: before.note }
    setTyped({ leaveOn, backOn, absence: { ...proposed, ...same } })
  }
  const store = async (absences: (before: readonly Absence[]) => readonly Absence[], done: () => void): Promise<void> => {
    try {
      await changePlan(tank.id, (now) => ({ ...now, absences: absences(now.absences) }))
      await client.invalidateQueries({ queryKey: ['tanks'] })
      await client.invalidateQueries({ queryKey: ['round'] })
      done()
    } catch (error) {
      notice({ text: error instanceof Error ? error.message : appWords.failed })
    }
  }
  const others = (before: readonly Absence[], id: string): readonly Absence[] => before.filter((one) => one.id !== id)
  const edit = (one: Absence): void => setTyped({ leaveOn: one.leaveOn, backOn: one.backOn, absence: one })
  const keep = (one: Absence): Promise<void> =>
    store(
      (before) => [...others(before, one.id), one],
      () => edit(one),
    )
  const remove = (one: Absence): void =>
    void store(
      (before) => others(before, one.id),
      () => {
        if (absence?.id === one.id) setTyped(NOTHING)
        notice({ text: text.removed, action: { label: text.undo, run: () => void keep(one) } })
      },
    )
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <KeptAbsences
        absences={plan.absences.filter(({ backOn }) => datePlusDays(backOn, 14) >= today)}
        openId={absence?.id ?? null}
        onEdit={edit}
        onRemove={remove}
      />
      <Grid min={180}>
        <DateField
          label={text.leave}
          question="away/leave"
          value={typed.leaveOn}
          {...(kept === null ? { min: today } : {})}
          onChange={(leaveOn) => setDates(leaveOn, typed.backOn)}
        />
        <DateField
          label={text.back}
          question="away/back"
          value={typed.backOn}
          min={typed.leaveOn === '' ? today : datePlusDays(typed.leaveOn, 1)}
          early={text.backFirst}
          onChange={(backOn) => setDates(typed.leaveOn, backOn)}
        />
      </Grid>
      {absence === null ? (
        <Box role="status">{text.fill}</Box>
      ) : (
        <>
          <Box role="status" sx={{ fontWeight: 600 }}>
            {text.days(daysBetween(absence.leaveOn, absence.backOn), longDate(absence.leaveOn), longDate(absence.backOn))}{' '}
            {daysBetween(absence.leaveOn, absence.backOn) < SHORT_DAYS && text.short}
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
            {isKept ? (
              <>
                <span>{text.isKept}</span>
                <Link to={`/tanks/${tank.id}/calendar`} style={{ color: 'inherit' }}>
                  {text.toCalendar}
                </Link>
              </>
            ) : (
              <Button variant="contained" onClick={() => void keep(absence)}>
                {kept === null ? text.keep : text.keepChanged}
              </Button>
            )}
            <Button onClick={() => setCardOpen(true)}>{text.card}</Button>
            {isKept && <OtherTanks tankId={tank.id} absence={absence} today={today} />}
            {isKept && <Button onClick={() => setTyped(NOTHING)}>{text.another}</Button>}
          </Box>
          <AwayOutlook tankId={tank.id} aged={aged} absence={absence} onChange={(next) => setTyped({ ...typed, absence: next })} />
          <SitterCard tankId={tank.id} plan={plan} absence={absence} isOpen={isCardOpen} onClose={() => setCardOpen(false)} />
        </>
      )}
    </Box>
  )
}
