import { howItBeginsWords, startMethodWords } from '@jovrin/contract'
import { waysToStart } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { Grid, Group } from '../../../ui/QuestionGroup.js'
import type { Desk } from '../desk.js'
import { PlanChoice, PlanField } from '../PlanField.js'

/** Wet, dark or dry: the choice, its days, and what speaks for and against each way in this tank. */
export function HowItBegins({ desk }: { readonly desk: Desk }) {
  const { plan, figures } = desk
  const text = howItBeginsWords
  const { method } = plan.start
  const ways = useMemo(() => waysToStart(plan, figures), [plan, figures])
  return (
    <Group number={1} title={text.title}>
      <Box sx={{ display: 'grid', gap: 1 }}>
        <PlanChoice path="start/method" />
        {method !== 'wet' && (
          <Grid min={130}>
            <PlanField path="start/endsOnDay" />
            {method === 'dry' && <PlanField path="start/dryLightHours" />}
          </Grid>
        )}
        <PlanChoice path="changes/firstWeeks" />
        <PlanChoice path="light/start" />
        <Box component="ul" sx={{ m: 0, pl: 0, listStyle: 'none', display: 'grid', gap: 0.75, fontSize: 14 }}>
          {ways.map((way) => (
            <li key={way.method}>
              <Box sx={{ fontWeight: way.method === method ? 600 : 400 }}>{`${startMethodWords[way.method]}: ${text.fits[way.fit]}`}</Box>
              {way.for.map((reason) => (
                <div key={reason}>{`+ ${text.reasons[reason]}`}</div>
              ))}
              {way.against.map((reason) => (
                <div key={reason}>{`− ${text.reasons[reason]}`}</div>
              ))}
            </li>
          ))}
        </Box>
        <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{text.schools}</Box>
      </Box>
    </Group>
  )
}
