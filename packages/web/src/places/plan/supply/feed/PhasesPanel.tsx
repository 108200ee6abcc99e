import { feedSheetWords, programmeWords, say } from '@jovrin/contract'
import { beginOf, civilDate, feedPhasesOf, FEED_SIGNS, PROGRAMME_STEPS, proposedPhases, quantities, type FeedPhase } from '@jovrin/core'
import { feedSignWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { localId } from '../../../../api/localId.js'
import { Choice } from '../../../../ui/Choice.js'
import { RemoveIcon } from '../../../../ui/icons/RemoveIcon.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { shortDate, significant, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { PlanField } from '../../PlanField.js'
import { Heading } from '../light/LampsPanel.js'
import { changeFeed } from './changeFeed.js'

/** How a young tank comes up to the full amounts: proposed, or the grower's own; by day or by a sign. */
export function PhasesPanel({ desk }: { readonly desk: Desk }) {
  const text = feedSheetWords
  const { plan, change } = desk
  const units = useUnits()
  const own = desk.form.draft.feed.phases
  const waits = own.filter(({ sign, seenOn }) => sign !== null && seenOn === null)
  return (
    <section aria-labelledby="feed-phases">
      <Heading id="feed-phases">{text.phases}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        {own.length === 0 ? (
          <>
            <div>{text.phasesProposed}</div>
            <Box component="ul" sx={{ m: 0, pl: 2.5 }} className="figures">
              {feedPhasesOf(plan).map(({ code, fromDay, share }) => (
                <li key={fromDay}>
                  {text.phaseTold(
                    significant(fromDay),
                    say(
                      programmeWords,
                      code,
                      quantities(PROGRAMME_STEPS[code].values, { nitrogen: share.nitrogenPhosphorus, rest: share.rest }),
                      units.reader,
                    ),
                  )}
                </li>
              ))}
            </Box>
            <Box>
              <Button onClick={() => changeFeed(change, (_, now) => ({ phases: proposedPhases(now, localId) }))}>{text.phasesEdit}</Button>
            </Box>
          </>
        ) : (
          <>
            <div>{text.phasesOwn}</div>
            {waits.length > 0 && <Box sx={{ color: 'var(--algae)' }}>{text.waitsForSign}</Box>}
            {own.map((phase, place) => (
              <OnePhase key={phase.id} desk={desk} phase={phase} place={place} />
            ))}
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
              <Button
                onClick={() =>
                  changeFeed(change, (feed, now) => {
                    const last = feed.phases.at(-1)
                    const day = last === undefined ? 0 : beginOf(last, now.startedOn)
                    return {
                      phases: [
                        ...feed.phases,
                        {
                          id: localId('f'),
                          sign: null,
                          fromDay: Number.isFinite(day) ? day + 7 : 28,
                          seenOn: null,
                          nitrogenPhosphorusFraction: 1,
                          restFraction: 1,
                        },
                      ],
                    }
                  })
                }
              >
                {text.phaseAdd}
              </Button>
              <Button onClick={() => changeFeed(change, () => ({ phases: [] }))}>{text.phasesAsProposed}</Button>
            </Box>
          </>
        )}
      </Box>
    </section>
  )
}

function OnePhase({ desk: { plan, change }, phase, place }: { readonly desk: Desk; readonly phase: FeedPhase; readonly place: number }) {
  const text = feedSheetWords
  const number = String(place + 1)
  const set = (part: Partial<FeedPhase>): void =>
    changeFeed(change, (feed) => ({ phases: feed.phases.map((one) => (one.id === phase.id ? { ...one, ...part } : one)) }))
  return (
    <Box role="group" aria-label={text.phase(number)} sx={{ borderLeft: '2px solid var(--feed)', pl: 1, display: 'grid', gap: 0.5 }}>
      <Box sx={{ display: 'flex', alignItems: 'center' }}>
        <span className="lettering">{text.phase(number)}</span>
        <Button
          variant="text"
          sx={{ minWidth: 26, p: 0, ml: 'auto' }}
          aria-label={text.phaseRemove(number)}
          onClick={() => changeFeed(change, (feed) => ({ phases: feed.phases.filter(({ id }) => id !== phase.id) }))}
        >
          <RemoveIcon />
        </Button>
      </Box>
      <Choice
        label={text.beginsOn}
        why={text.beginsWhy}
        value={phase.sign ?? 'day'}
        options={[['day', text.onADay] as const, ...FEED_SIGNS.map((sign) => [sign, feedSignWords[sign]] as const)]}
        onChange={(next) => set({ sign: next === 'day' || next === null ? null : next, seenOn: null, fromDay: phase.fromDay ?? 0 })}
      />
      <Grid min={110}>
        <PlanField path="feed/phases/*/fromDay" item={phase} />
        <PlanField path="feed/phases/*/nitrogenPhosphorusFraction" item={phase} />
        <PlanField path="feed/phases/*/restFraction" item={phase} />
      </Grid>
      {phase.sign !== null && (
        <Box>
          {phase.seenOn === null ? (
            <Button onClick={() => set({ seenOn: civilDate(new Date(), plan.timeZone) })}>{text.seenNow}</Button>
          ) : (
            <>
              {text.seenOn(shortDate(phase.seenOn))}{' '}
              <Button variant="text" onClick={() => set({ seenOn: null })}>
                {text.seenUndo}
              </Button>
            </>
          )}
        </Box>
      )}
    </Box>
  )
}
