import { choiceWords, plantingWords } from '@jovrin/contract'
import { HANDLINGS, PLANTING_ORDERS, plantingOrder, plantWork, type LaidSpot, type PlantWork } from '@jovrin/core'
import { Box } from '@mui/material'
import { useSearchParams } from 'react-router'
import { spotLetter } from '../../../drawing/spotLetter.js'
import { Choice } from '../../../ui/Choice.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import { useUnits } from '../../../ui/units.js'
import { useSetParam } from '../../../ui/useSetParam.js'
import type { Desk } from '../desk.js'
import { orderOf } from './orderOf.js'
import { SprayReminder } from './SprayReminder.js'

/** What hands do on the planting day: patch after patch, and what is done to each plant before it goes in. */
export function WorkList({ desk: { tankId, plan, figures } }: { readonly desk: Desk }) {
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const order = orderOf(search)
  const works = plantWork(plan, [...figures.beds, ...figures.spots])
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box className="no-print">
        <Choice
          label={plantingWords.order}
          why={plantingWords.orderWhy}
          value={order}
          options={PLANTING_ORDERS.map((one) => [one, plantingWords.orders[one]] as const)}
          onChange={(next) => setParam('order', next)}
        />
      </Box>
      <MarginTable caption={plantingWords.orderCaption}>
        {order === 'wood-first' && <SpotRows spots={figures.spots} />}
        {plantingOrder(figures.beds, order, figures.inner.widthCm).map(({ bed, plants }) => (
          <tr key={bed.id}>
            <td style={{ width: 26 }}>{plan.beds.findIndex(({ id }) => id === bed.id) + 1}</td>
            <td>
              <i>{plants.map(({ plant }) => plant.name).join(' + ')}</i>
            </td>
            <td style={{ textAlign: 'right' }}>{plants.reduce((sum, { portions }) => sum + portions, 0)}</td>
          </tr>
        ))}
        {order !== 'wood-first' && <SpotRows spots={figures.spots} />}
      </MarginTable>
      <Box component="section" aria-label={plantingWords.makeReady} sx={{ display: 'grid', gap: 1 }}>
        <Box className="lettering" sx={{ fontSize: 15, borderBottom: '1px solid var(--ink)' }}>
          {plantingWords.makeReady}
        </Box>
        <Handlings works={works} />
        <SprayReminder tankId={tankId} humidityFraction={figures.room.humidityFraction} />
      </Box>
      <Melts works={works} />
    </Box>
  )
}

/** Wood and stone, spot by spot: what holds the plants there. */
function SpotRows({ spots }: { readonly spots: readonly LaidSpot[] }) {
  const fixing = choiceWords['spots/*/fixing']
  return spots.map(({ spot, plants: [planted] }, index) =>
    planted === undefined ? null : (
      <tr key={spot.id}>
        <td style={{ width: 26 }}>{spotLetter(index)}</td>
        <td>
          <i>{planted.plant.name}</i>
          {`, ${fixing[spot.fixing]}`}
        </td>
        <td style={{ textAlign: 'right' }}>{planted.portions}</td>
      </tr>
    ),
  )
}

interface WorksProps {
  readonly works: readonly PlantWork[]
}
/** Each thing that hands do, with the plants that it is done to. */
function Handlings({ works }: WorksProps) {
  return (
    <Box component="ul" sx={{ m: 0, pl: 2.25, fontSize: 14, lineHeight: 1.35, display: 'grid', gap: 0.5 }}>
      {HANDLINGS.map((handling) => {
        const handled = works.filter(({ handlings }) => handlings.includes(handling))
        if (handled.length === 0) return null
        return (
          <li key={handling}>
            {plantingWords.handlings[handling]}{' '}
            {handled.length === works.length ? (
              plantingWords.allPlants
            ) : (
              <i>{[...new Set(handled.map(({ plant }) => plant.name))].join('; ')}</i>
            )}
          </li>
        )
      })}
    </Box>
  )
}

/** What loses leaves, until when new ones should stand, and when there is something to cut. */
function Melts({ works }: WorksProps) {
  const units = useUnits()
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      <MarginTable caption={plantingWords.meltCaption}>
        {works.map(({ plant, retail, melt, newLeavesByWeek }) => (
          <tr key={`${plant.id} ${retail}`}>
            <td>
              <i>{plant.name}</i>
            </td>
            <td style={{ paddingLeft: 8 }}>{plantingWords.melts[melt]}</td>
            <td style={{ textAlign: 'right', paddingLeft: 8, whiteSpace: 'nowrap' }}>
              {units.show('days', Math.round(newLeavesByWeek * 7))}
            </td>
          </tr>
        ))}
      </MarginTable>
      <Box sx={{ color: 'text.secondary', fontSize: 13 }}>{plantingWords.meltWhy}</Box>
    </Box>
  )
}
