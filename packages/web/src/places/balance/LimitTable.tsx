import { balanceWords, plantKindWords, supplyWords } from '@jovrin/contract'
import type { KindLimit } from '@jovrin/core'
import { Box } from '@mui/material'
import { MarginTable } from '../../ui/MarginTable.js'
import { percent } from '../../ui/units.js'

/** The scarcest supply of each plant kind in the week looked at. */
export function LimitTable({ limits }: { limits: readonly KindLimit[] }) {
  return (
    <MarginTable caption={balanceWords.limits}>
      {limits.map(({ kind, supplies, fraction }) => (
        <tr key={kind}>
          <th scope="row">{plantKindWords[kind]}</th>
          <td>{supplies.length === 0 ? balanceWords.nothingShort : supplies.map((supply) => supplyWords[supply]).join(' + ')}</td>
          <Box component="td" sx={{ textAlign: 'right !important' }}>{`${percent(fraction)} %`}</Box>
        </tr>
      ))}
    </MarginTable>
  )
}
