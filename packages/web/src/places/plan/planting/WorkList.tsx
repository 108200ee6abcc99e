import { plantingWords } from '@jovrin/contract'
import { PLANTING_ORDERS, plantingOrder, plantWork, type PlantWork } from '@jovrin/core'
import { Box } from '@mui/material'
import { useSearchParams } from 'react-router'
import { Choice } from '../../../ui/Choice.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import { useUnits } from '../../../ui/units.js'
import { useSetParam } from '../../../ui/useSetParam.js'
import type { Desk } from '../desk.js'

/** What hands do on the planting day: patch after patch, and what is done to each plant before it goes in. */
export function WorkList({ desk: { plan, figures } }: { readonly desk: Desk }) {
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const order = PLANTING_ORDERS.find((one) => one === search.get('order')) ?? PLANTING_ORDERS[0]
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Choice
        label={plantingWords.order}
        why={plantingWords.orderWhy}
        value={order}
        options={PLANTING_ORDERS.map((one) => [one, plantingWords.orders[one]] as const)}
        onChange={(next) => setParam('order', next)}
      />
      <MarginTable caption={plantingWords.orderCaption}>
        {plantingOrder(figures.beds, order, figures.inner.widthCm).map(({ bed, plants }) => (
          <tr key={bed.id}>
            <td style={{ width: 26 }}>{plan.beds.findIndex(({ id }) => id === bed.id) + 1}</td>
            <td>
              <i>{plants.map(({ plant }) => plant.name).join(' + ')}</i>
            </td>
            <td style={{ textAlign: 'right' }}>{plants.reduce((sum, { portions }) => sum + portions, 0)}</td>
          </tr>
        ))}
      </MarginTable>
      <Box component="section" aria-label={plantingWords.makeReady} sx={{ display: 'grid', gap: 1 }}>
        <Box className="lettering" sx={{ fontSize: 15, borderBottom: '1px solid var(--ink)' }}>
          {plantingWords.makeReady}
        </Box>
        {plantWork(plan, figures.beds).map((work) => (
          <OnePlantsWork key={`${work.plant.id} ${work.retail}`} work={work} />
        ))}
        <Box sx={{ color: 'text.secondary', fontSize: 13 }}>{plantingWords.keepWet}</Box>
      </Box>
    </Box>
  )
}

function OnePlantsWork({ work: { plant, handlings, melt, newLeavesWeeks, firstTrimWeek } }: { readonly work: PlantWork }) {
  const units = useUnits()
  const sentences = [
    ...handlings.map((handling) => plantingWords.handlings[handling]),
    plantingWords.melts[melt](
      units.show('days', Math.round(newLeavesWeeks.usual * 7)),
      units.show('days', Math.round(newLeavesWeeks.most * 7)),
    ),
    plantingWords.firstTrim(String(Math.max(1, Math.ceil(firstTrimWeek)))),
  ]
  return (
    <Box sx={{ fontSize: 14, lineHeight: 1.35 }}>
      <i>{plant.name}</i>
      <Box component="ul" sx={{ m: 0, pl: 2.25 }}>
        {sentences.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </Box>
    </Box>
  )
}
