import { plantingWords } from '@jovrin/contract'
import { lineOf, tabsByPlant, withTabs } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { localId } from '../../../api/localId.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import type { Desk } from '../desk.js'

const text = plantingWords.tabs

/** Root tabs for what feeds by its roots: how many, how they lie, and a click that marks them on the map. */
export function TabPanel({ desk: { plan, figures, change } }: { readonly desk: Desk }) {
  const stones = plan.hardscape.flatMap(({ outline }) => (outline === null ? [] : [lineOf(outline)]))
  const asked = tabsByPlant(figures.beds, stones, figures.inner)
  const spots = asked.flatMap((one) => one.spots)
  const marked = withTabs(plan, 'tab', spots, () => 't')
  const missing = marked.tabs.length - plan.tabs.length
  if (asked.length === 0) return <Box sx={{ color: 'text.secondary' }}>{text.none}</Box>
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <MarginTable caption={text.caption}>
        {asked.map(({ bedId, plant, pattern, spots: own }) => (
          <tr key={bedId}>
            <td style={{ width: 22 }}>{plan.beds.findIndex(({ id }) => id === bedId) + 1}</td>
            <td>
              <i>{plant.name}</i>
            </td>
            <td style={{ paddingLeft: 8 }}>{text.patterns[pattern]}</td>
            <td style={{ textAlign: 'right', paddingLeft: 8 }}>{own.length}</td>
          </tr>
        ))}
      </MarginTable>
      <Box sx={{ color: 'text.secondary', fontSize: 13 }}>{text.why}</Box>
      <Button disabled={missing === 0} sx={{ justifySelf: 'start' }} onClick={() => change((now) => withTabs(now, 'tab', spots, localId))}>
        {missing === 0 ? text.all : text.mark(missing)}
      </Button>
    </Box>
  )
}
