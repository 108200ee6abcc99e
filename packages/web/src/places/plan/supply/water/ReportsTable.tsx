import { fieldWords, waterSheetWords } from '@jovrin/contract'
import { NO_REPORT, NUMBER_FIELDS, reportMeans, type Reported, type WaterSource } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { localId } from '../../../../api/localId.js'
import { DateField } from '../../../../ui/dates/DateField.js'
import { RemoveIcon } from '../../../../ui/icons/RemoveIcon.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { longDate, useUnits } from '../../../../ui/units.js'
import { PlanField } from '../../PlanField.js'

const REPORTED = [
  'hardnessMmolPerL',
  'alkalinityMeqPerL',
  'nitrateMgNPerL',
  'conductivityUsPerCm',
  'temperatureC',
] as const satisfies readonly Reported[]
const MOST_REPORTS = 40

interface ReportsTableProps {
  readonly source: WaterSource
  readonly set: (part: Partial<WaterSource>) => void
}

/** Reports of a source, and what the last year of them comes to. */
export function ReportsTable({ source, set }: ReportsTableProps) {
  const text = waterSheetWords
  const units = useUnits()
  const { reports } = source
  const means = reportMeans(reports)
  const newest = reports.toSorted((a, b) => b.on.localeCompare(a.on))
  const today = new Date().toISOString().slice(0, 10)
  return (
    <Box sx={{ display: 'grid', gap: 1, pt: 0.5 }}>
      <Box sx={{ color: 'text.secondary' }}>{reports.length === 0 ? text.reportsNone : text.reportsWhy}</Box>
      {reports.length > 0 && (
        <Box component="ul" className="figures" sx={{ m: 0, pl: 2.5 }}>
          {REPORTED.flatMap((key) => {
            const found = means[key]
            if (found === null) return []
            const { dimension } = NUMBER_FIELDS[`sources/*/reports/*/${key}`]
            const told = (value: number): string => units.show(dimension, value, 2)
            return [
              <li key={key}>
                {`${fieldWords[`sources/*/reports/*/${key}`][0]}: ${text.reportRange(told(found.low), told(found.mean), told(found.high))}`}
              </li>,
            ]
          })}
        </Box>
      )}
      <Box>
        <Button
          disabled={reports.length >= MOST_REPORTS}
          onClick={() => set({ reports: [...reports, { ...NO_REPORT, id: localId('r'), on: today }] })}
        >
          {text.addReport}
        </Button>
      </Box>
      {newest.map((report) => (
        <Box key={report.id} sx={{ borderLeft: '2px solid var(--clean)', pl: 1, display: 'grid', gap: 0.5 }}>
          <Box sx={{ display: 'flex', alignItems: 'end', gap: 1 }}>
            <DateField
              label={text.reportOn}
              value={report.on}
              onChange={(on) => on !== '' && set({ reports: reports.map((one) => (one.id === report.id ? { ...one, on } : one)) })}
            />
            <Button
              variant="text"
              sx={{ minWidth: 26, p: 0, ml: 'auto' }}
              aria-label={text.removeReport(longDate(report.on))}
              onClick={() => set({ reports: reports.filter(({ id }) => id !== report.id) })}
            >
              <RemoveIcon />
            </Button>
          </Box>
          <Grid min={110}>
            {REPORTED.map((key) => (
              <PlanField key={key} path={`sources/*/reports/*/${key}`} item={source} of={[report.id]} />
            ))}
          </Grid>
        </Box>
      ))}
    </Box>
  )
}
