import { lightWords } from '@jovrin/contract'
import { sunByMonth } from '@jovrin/core'
import { Box } from '@mui/material'
import { locale } from '../../../../ui/locale.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { decimals } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { PlanField } from '../../PlanField.js'
import { Heading } from './LampsPanel.js'

/** So much sun on the glass begins to count beside a lamp. Rule of thumb. */
const MUCH_H = 2
const MONTHS = Array.from({ length: 12 }, (_, month) => new Date(Date.UTC(2025, month, 15)))

/** Direct sun through the window by month, as bars and hours. */
export function SunTable({ desk: { plan } }: { readonly desk: Desk }) {
  const { windowFacingDeg, latitudeDeg } = plan.room
  const hours = windowFacingDeg === null || latitudeDeg === null ? null : sunByMonth({ facingDeg: windowFacingDeg, latitudeDeg })
  return (
    <section aria-labelledby="light-sun">
      <Heading id="light-sun">{lightWords.sun}</Heading>
      <Grid min={130}>
        <PlanField path="room/windowFacingDeg" />
        <PlanField path="room/latitudeDeg" />
      </Grid>
      {hours === null ? (
        <Box sx={{ fontSize: 14 }}>{lightWords.sunUnknown}</Box>
      ) : (
        <>
          <Box
            component="table"
            className="figures"
            sx={{ width: '100%', fontSize: 13, textAlign: 'center', mt: 0.5, '& th': { fontWeight: 'normal' } }}
          >
            <thead>
              <tr>
                {MONTHS.map((month) => (
                  <th key={month.getUTCMonth()} scope="col">
                    {month.toLocaleDateString(locale(), { month: 'narrow', timeZone: 'UTC' })}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              <tr>
                {hours.map((one, month) => (
                  <td key={month} style={one >= MUCH_H ? { fontWeight: 700 } : undefined}>
                    {decimals(one, 1)}
                  </td>
                ))}
              </tr>
            </tbody>
          </Box>
          <Box sx={{ fontSize: 13, color: 'text.secondary' }}>{lightWords.sunHint}</Box>
          {hours.some((one) => one >= MUCH_H) && <Box sx={{ fontSize: 14 }}>{lightWords.sunMuch}</Box>}
        </>
      )}
    </section>
  )
}
