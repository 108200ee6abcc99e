import { en } from '@jovrin/contract'
import type { KindLimit } from '@jovrin/core'
import { Box } from '@mui/material'
import { percent } from '../../ui/units.js'

/** The scarcest supply of each plant kind in the week looked at. */
export function LimitTable({ limits }: { limits: readonly KindLimit[] }) {
  return (
    <Box component="table" className="figures" sx={{ borderCollapse: 'collapse', width: '100%', fontSize: 14, '& td, & th': { textAlign: 'left', fontWeight: 'normal', p: 0, lineHeight: 1.45 } }}>
      <Box component="caption" className="lettering" sx={{ textAlign: 'left', fontSize: 15, borderBottom: '1px solid var(--ink)' }}>
        {en.balance.limits}
      </Box>
      <tbody>
        {limits.map(({ kind, supplies, fraction }) => (
          <tr key={kind}>
            <th scope="row">{en.describe.kind[kind]}</th>
            <td>{supplies.length === 0 ? en.balance.nothingShort : supplies.map((supply) => en.supply[supply]).join(' + ')}</td>
            <Box component="td" sx={{ textAlign: 'right !important' }}>{`${percent(fraction)} %`}</Box>
          </tr>
        ))}
      </tbody>
    </Box>
  )
}
