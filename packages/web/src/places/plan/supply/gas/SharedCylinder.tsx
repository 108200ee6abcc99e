import { gasKitWords } from '@jovrin/contract'
import { cylinderSharers, type CylinderForecast, type Sharer } from '@jovrin/core'
import { Box, MenuItem, TextField } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { allTanks } from '../../../../api/tanks.queries.js'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { significant, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'

const OWN = 'own'
/** Scale over bubbles from which on something is said: a rule of thumb, bubbles are off by a half. */
const OFF_TIMES = 1.6

/** On whose cylinder this tank's gas hangs, what each valve takes of it, and what they take together. */
export function SharedCylinder({ desk, forecast }: { readonly desk: Desk; readonly forecast: CylinderForecast | null }) {
  const text = gasKitWords
  const { tankId, plan, change } = desk
  const units = useUnits()
  const tanks = useQuery(allTanks()).data
  if (tanks === undefined) return null
  const line = plan.gasLines.find(({ control }) => control !== 'none')
  // This sheet's plan may be a moment ahead of the server's.
  const plans = [{ id: tankId, plan }, ...tanks.filter(({ id }) => id !== tankId)]
  const owner = line?.sharedWith ?? tankId
  const sharers = cylinderSharers(owner, plans)
  // A tank that hangs on another's cylinder has none to lend.
  const lenders = plans.filter(
    (tank) => tank.id !== tankId && tank.plan.gasLines.some(({ control, sharedWith }) => control !== 'none' && sharedWith === null),
  )
  const nameOf = (id: string): string => plans.find((tank) => tank.id === id)?.plan.name ?? ''
  const isGone = line?.sharedWith != null && !lenders.some(({ id }) => id === line.sharedWith)
  const total = sharers.reduce((sum, { gPerDay }) => sum + gPerDay, 0)
  const perDay = (g: number): string => units.show('gasADay', g, 2)
  const isLender = sharers.some(({ id }) => id !== tankId)
  return (
    <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
      <TextField
        select
        label={text.shared}
        value={line?.sharedWith ?? OWN}
        // Whose cylinder others hang on cannot hang on another's.
        disabled={line?.sharedWith === null && isLender}
        helperText={text.sharedWhy}
        onChange={({ target: { value } }) =>
          change((now) => ({
            ...now,
            gasLines: now.gasLines.map((one) => (one.control === 'none' ? one : { ...one, sharedWith: value === OWN ? null : value })),
          }))
        }
        slotProps={{ inputLabel: { shrink: true } }}
      >
        <MenuItem value={OWN}>{text.sharedOwn}</MenuItem>
        {isGone && <MenuItem value={line.sharedWith ?? ''}>{text.sharedGone}</MenuItem>}
        {lenders.map(({ id, plan: { name } }) => (
          <MenuItem key={id} value={id}>
            {text.sharedOf(name)}
          </MenuItem>
        ))}
      </TextField>
      {sharers.length > 1 && (
        <>
          <Box
            component="table"
            className="figures"
            sx={{ width: '100%', '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' } }}
          >
            <HeadRow heads={text.sharedHead} />
            <tbody>
              {sharers.map((sharer) => (
                <Row key={sharer.id} sharer={sharer} total={total} isHere={sharer.id === tankId} />
              ))}
              <tr>
                <td>{text.sharedTotal}</td>
                <td>{perDay(total)}</td>
                <td />
              </tr>
            </tbody>
          </Box>
          <div>{text.sharedNote}</div>
        </>
      )}
      {owner !== tankId && !isGone && (
        <Box component={Link} to={`/tanks/${owner}/journal`} sx={{ color: 'inherit' }}>
          {text.sharedAt(nameOf(owner))}
        </Box>
      )}
      {forecast !== null && total > 0 && forecast.gPerDay.low > OFF_TIMES * total && (
        <Box sx={{ color: 'var(--algae)' }}>{text.sharedOff(perDay(total), perDay(forecast.gPerDay.value))}</Box>
      )}
    </Box>
  )
}

function Row({
  sharer: { id, name, gPerDay },
  total,
  isHere,
}: {
  readonly sharer: Sharer
  readonly total: number
  readonly isHere: boolean
}) {
  const units = useUnits()
  return (
    <tr>
      <td>
        {isHere ? (
          `${name} (${gasKitWords.sharedMine})`
        ) : (
          <Box component={Link} to={`/tanks/${id}/supply/gas?part=cylinder`} sx={{ color: 'inherit' }}>
            {name}
          </Box>
        )}
      </td>
      <td>{units.show('gasADay', gPerDay, 2)}</td>
      <td>{total > 0 ? `${significant((100 * gPerDay) / total, 2)} %` : ''}</td>
    </tr>
  )
}
