import { feedSheetWords, weekdayWords } from '@jovrin/contract'
import {
  civilDate,
  datePlusDays,
  FEED_NUTRIENTS,
  NUTRIENT_DIMENSION,
  ownAmountField,
  schoolAmounts,
  SCHOOL,
  UNSET_AMOUNTS,
  WEEKDAYS,
  type FeedNutrient,
  type Weekday,
} from '@jovrin/core'
import { Box, Button, ToggleButton, ToggleButtonGroup } from '@mui/material'
import { localId } from '../../../../api/localId.js'
import { DateField } from '../../../../ui/dates/DateField.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { shortDate, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { PlanChoice, PlanField, PlanFlag } from '../../PlanField.js'
import { Heading } from '../light/LampsPanel.js'
import { changeFeed } from './changeFeed.js'
import { PhasesPanel } from './PhasesPanel.js'

/** The dose plan: method, amounts, phases, days and pauses. */
export function PlanPart({ desk }: { readonly desk: Desk }) {
  const text = feedSheetWords
  const { plan, change } = desk
  if (plan.feeding === 'none')
    return (
      <>
        <PlanChoice path="feeding" />
        <Box sx={{ fontSize: 14 }}>{text.schoolRisks.none}</Box>
      </>
    )
  return (
    <>
      <Box sx={{ display: 'grid', gap: 0.5 }}>
        <PlanChoice path="feeding" />
        <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{text.schoolRisks[plan.feeding]}</Box>
      </Box>
      <PhasesPanel desk={desk} />
      <Amounts desk={desk} />
      <section aria-labelledby="feed-days">
        <Heading id="feed-days">{text.days}</Heading>
        <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
          <DaysChoice
            label={text.daysMacro}
            days={plan.feed.macroDays}
            onChange={(macroDays) => changeFeed(change, () => ({ macroDays }))}
          />
          <DaysChoice
            label={text.daysTrace}
            days={plan.feed.traceDays}
            onChange={(traceDays) => changeFeed(change, () => ({ traceDays }))}
          />
          <Box sx={{ color: 'text.secondary' }}>{text.daysWhy}</Box>
          <PlanFlag path="feed/skipsChangeDay" />
        </Box>
      </section>
      <section aria-labelledby="feed-water">
        <Heading id="feed-water">{text.others}</Heading>
        <PlanFlag path="feed/countsWater" />
      </section>
      <Pauses desk={desk} />
    </>
  )
}

function DaysChoice({
  label,
  days,
  onChange,
}: {
  readonly label: string
  readonly days: readonly Weekday[]
  readonly onChange: (days: Weekday[]) => void
}) {
  return (
    <Box role="group" aria-label={label}>
      <Box component="span" sx={{ fontSize: 12, color: 'text.secondary' }}>
        {label}
      </Box>
      <ToggleButtonGroup
        size="small"
        value={days}
        onChange={(_, next: Weekday[]) => onChange(WEEKDAYS.filter((day) => next.includes(day)))}
        sx={{ display: 'flex', flexWrap: 'wrap' }}
      >
        {WEEKDAYS.map((day) => (
          <ToggleButton key={day} value={day} aria-label={weekdayWords[day]}>
            {weekdayWords[day].slice(0, 2)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  )
}

/** Amounts of the school with the grower's own in their place. */
function Amounts({ desk: { plan, change } }: { readonly desk: Desk }) {
  const text = feedSheetWords
  const units = useUnits()
  const usual = schoolAmounts(plan.feeding)
  const isOwn = plan.feed.amounts.school === plan.feeding
  const set = (nutrient: FeedNutrient, value: number | null): void =>
    change(
      (now) => ({
        ...now,
        feed: {
          ...now.feed,
          amounts: {
            ...(now.feed.amounts.school === now.feeding ? now.feed.amounts : UNSET_AMOUNTS),
            school: now.feeding,
            [ownAmountField(nutrient)]: value,
          },
        },
      }),
      false,
    )
  return (
    <section aria-labelledby="feed-amounts">
      <Heading id="feed-amounts">{text.amounts}</Heading>
      <Box sx={{ fontSize: 14, mb: 0.5 }}>{SCHOOL[plan.feeding].kind === 'level' ? text.amountsLevel : text.amountsWeekly}</Box>
      <Grid min={124}>
        {FEED_NUTRIENTS.map((nutrient) => {
          const field = ownAmountField(nutrient)
          return (
            <PlanField
              key={nutrient}
              path={`feed/amounts/${field}`}
              value={isOwn ? plan.feed.amounts[field] : null}
              otherwise={text.asSchool(units.show(NUTRIENT_DIMENSION[nutrient], usual[nutrient], 2))}
              onChange={(value) => set(nutrient, value)}
            />
          )
        })}
      </Grid>
      {isOwn && FEED_NUTRIENTS.some((nutrient) => plan.feed.amounts[ownAmountField(nutrient)] !== null) && (
        <Button variant="text" sx={{ px: 0 }} onClick={() => changeFeed(change, () => ({ amounts: UNSET_AMOUNTS }))}>
          {text.amountsReset}
        </Button>
      )}
    </section>
  )
}

/** Stretches without any dose: a treatment, a rest. */
function Pauses({ desk: { plan, change } }: { readonly desk: Desk }) {
  const text = feedSheetWords
  const { pauses } = plan.feed
  const today = civilDate(new Date(), plan.timeZone)
  return (
    <section aria-labelledby="feed-pauses">
      <Heading id="feed-pauses">{text.pauses}</Heading>
      <Box sx={{ display: 'grid', gap: 1, fontSize: 14 }}>
        {pauses.map((pause) => {
          const set = (part: { from?: string; to?: string }): void =>
            changeFeed(change, (feed) => ({
              pauses: feed.pauses.map((one) => {
                if (one.id !== pause.id) return one
                const next = { ...one, ...part }
                // Whichever day was set last holds; the other follows it.
                return next.from <= next.to ? next : part.from === undefined ? { ...next, from: next.to } : { ...next, to: next.from }
              }),
            }))
          return (
            <Box key={pause.id}>
              <Grid min={140}>
                <DateField label={text.pauseFrom} value={pause.from} onChange={(from) => from !== '' && set({ from })} />
                <DateField label={text.pauseTo} value={pause.to} onChange={(to) => to !== '' && set({ to })} />
              </Grid>
              <Button
                variant="text"
                sx={{ px: 0 }}
                onClick={() => changeFeed(change, (feed) => ({ pauses: feed.pauses.filter(({ id }) => id !== pause.id) }))}
              >
                {text.pauseRemove}
              </Button>
              <span>{text.pauseTold(shortDate(pause.from), shortDate(pause.to))}</span>
            </Box>
          )
        })}
        <Box>
          <Button
            onClick={() =>
              changeFeed(change, (feed) => ({ pauses: [...feed.pauses, { id: localId('p'), from: today, to: datePlusDays(today, 6) }] }))
            }
          >
            {text.pauseAdd}
          </Button>
        </Box>
      </Box>
    </section>
  )
}
