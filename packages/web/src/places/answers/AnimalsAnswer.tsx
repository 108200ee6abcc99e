import { enAnswers, enReadingQuantity, type TankEntry } from '@jovrin/contract'
import { readinessOf, UNIONISED_HARM, UNIONISED_TROUBLE, type Reading } from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { latestReadings } from '../../api/journal.queries.js'
import { MarginTable } from '../../ui/MarginTable.js'
import { longDate, significant, useUnits } from '../../ui/units.js'
import { valueText } from '../quantity.text.js'
import { Sums } from './Sums.js'

/** Whether animals may come, by two tests at zero; and how dangerous the ammonia is now. */
export function AnimalsAnswer({ tank }: { tank: TankEntry }) {
  const units = useUnits()
  const [now] = useState(() => Date.now())
  const page = useQuery(latestReadings(tank.id)).data
  if (page === undefined) return null
  const readings = page.entries.flatMap(({ record }): Reading[] => (record.kind === 'reading' ? [record] : []))
  const report = readinessOf(readings, now, Date.parse)
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box role="status" sx={{ fontSize: 17, fontWeight: 600 }}>
        {enAnswers.readiness[report.readiness]}
      </Box>
      <Box sx={{ color: report.danger === 'harm' || report.danger === 'trouble' ? 'var(--algae)' : undefined }}>
        {enAnswers.danger[report.danger]}
      </Box>
      <MarginTable caption={enAnswers.newestTests}>
        {[report.ammonia, report.nitrite].map((test) =>
          test === null ? null : (
            <tr key={test.id}>
              <td>{enReadingQuantity[test.quantity]}</td>
              <td>{valueText(test.quantity, test.value, test.qualifier, units)}</td>
              <td>{longDate(test.at.slice(0, 10))}</td>
            </tr>
          ),
        )}
        {report.unionisedMgNPerL !== null && (
          <tr>
            <td>{enAnswers.unionised}</td>
            <td>{`${significant(report.unionisedMgNPerL, 2)} mg N/L`}</td>
            <td>{`${significant(UNIONISED_TROUBLE)} / ${significant(UNIONISED_HARM)}`}</td>
          </tr>
        )}
      </MarginTable>
      <Box sx={{ color: 'text.secondary' }}>{enAnswers.never}</Box>
      <Sums
        ids={['water.unionised-ammonia', 'water.changes-needed']}
        tank={tank}
        given={
          report.ammonia === null
            ? {}
            : {
                tanMgNPerL: String(Number(report.ammonia.value.toPrecision(3))),
                startMgPerL: String(Number(report.ammonia.value.toPrecision(3))),
              }
        }
      />
    </Box>
  )
}
