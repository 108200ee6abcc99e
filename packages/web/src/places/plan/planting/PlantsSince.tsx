import { plantingWords } from '@jovrin/contract'
import { civilDate } from '@jovrin/core'
import { Box } from '@mui/material'
import { useInfiniteQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Link } from 'react-router'
import { journalOfTank } from '../../../api/journal.queries.js'
import { shortDate, useUnits } from '../../../ui/units.js'
import { recordLine } from '../../shared/record.text.js'
import { BoxList } from './BoxList.js'

interface PlantsSinceProps {
  readonly tankId: string
  readonly timeZone: string
  /** The chosen patch; `null` tells of all. */
  readonly bedId: string | null
}

/** What came, went or was moved after the planting day, and where to log more of it. */
export function PlantsSince({ tankId, timeZone, bedId }: PlantsSinceProps) {
  const units = useUnits()
  const { data, hasNextPage, isFetchingNextPage, fetchNextPage } = useInfiniteQuery(
    journalOfTank(tankId, { kind: 'plants', quantity: null, text: '' }),
  )
  // What waits is counted over all of them.
  useEffect(() => {
    if (hasNextPage && !isFetchingNextPage) void fetchNextPage()
  }, [hasNextPage, isFetchingNextPage, fetchNextPage])
  const all = (data?.pages ?? [])
    .flatMap(({ entries }) => entries.map(({ record }) => record))
    .flatMap((record) => (record.kind === 'plants' ? [record] : []))
  const records = all.filter(({ bed, toBed }) => bedId === null || bed === bedId || toBed === bedId)
  const toLog = new URLSearchParams({ log: 'plants', ...(bedId === null ? {} : { patch: bedId }) })
  return (
    <Box sx={{ display: 'grid', gap: 0.5, fontSize: 14.5 }}>
      <BoxList records={all} timeZone={timeZone} />
      {records.length === 0 && <Box sx={{ color: 'text.secondary' }}>{plantingWords.noneSince}</Box>}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {records.map((record) => (
          <Box component="li" key={record.id}>
            <Box component={Link} to={`/tanks/${tankId}/journal?kind=plants&record=${record.id}`} sx={{ color: 'inherit' }}>
              {shortDate(civilDate(new Date(record.at), timeZone))}
            </Box>
            {`: ${recordLine(record, units)}`}
          </Box>
        ))}
      </Box>
      <Box component={Link} to={`/tanks/${tankId}/journal?${toLog.toString()}`} sx={{ color: 'inherit' }}>
        {plantingWords.logSince}
      </Box>
    </Box>
  )
}
