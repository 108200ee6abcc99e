import { plantingWords } from '@jovrin/contract'
import { OUTLOOK_ASPECTS, outlookAspects, type OutlookAspect, type OutlookOfWeek } from '@jovrin/core'
import { Box } from '@mui/material'
import { MarginTable } from '../../../ui/MarginTable.js'
import { percent } from '../../../ui/units.js'
import { usePlanSum } from '../../../workers/usePlanSum.js'
import { useSettled, type Desk } from '../desk.js'

const text = plantingWords.trims

/** Carpets that lift, stems that lose their bases, reds that are red: patch by patch over half a year. */
export function OutlookTable({ desk: { plan, figures } }: { readonly desk: Desk }) {
  const outlook = usePlanSum('outlook', useSettled(plan))
  const rows = OUTLOOK_ASPECTS.flatMap((aspect) => {
    const patches = figures.beds.flatMap(({ plants, isOut }, index) =>
      !isOut && plants.some(({ plant }) => outlookAspects(plant).includes(aspect)) ? [index + 1] : [],
    )
    return patches.length === 0 ? [] : [{ aspect, patches: patches.join(', ') }]
  })
  if (rows.length === 0 || outlook == null) return null
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      <MarginTable caption={text.outlook}>
        {rows.map(({ aspect, patches }) => (
          <tr key={aspect} style={{ verticalAlign: 'top' }}>
            <td>{text.aspects[aspect](patches)}</td>
            {outlook.map((week) => (
              <td key={week.week} style={{ textAlign: 'right', paddingLeft: 8, whiteSpace: 'nowrap' }}>
                {TOLD[aspect](week)}
              </td>
            ))}
          </tr>
        ))}
      </MarginTable>
      <Box sx={{ color: 'text.secondary', fontSize: 13 }}>{text.outlookWhy}</Box>
    </Box>
  )
}

/** Told as getting thick from three quarters of the way to lifting on. */
const THICK = 0.75
const TOLD: Readonly<Record<OutlookAspect, (week: OutlookOfWeek) => string>> = {
  lift: ({ lift }) => text.lift[lift >= 1 ? 2 : lift >= THICK ? 1 : 0],
  base: ({ baseLossPerWeek }) => `${percent(baseLossPerWeek)} %`,
  red: ({ redness }) => `${percent(redness)} %`,
}
