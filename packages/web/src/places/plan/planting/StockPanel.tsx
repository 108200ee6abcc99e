import { plantingWords } from '@jovrin/contract'
import {
  civilDate,
  countedSpecies,
  daysBetween,
  equalTrays,
  offersOf,
  takeOrBuy,
  tankFigures,
  type Plan,
  type PlacedOffer,
  type TakeOrBuy,
} from '@jovrin/core'
import { Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import { allTanks } from '../../../api/tanks.queries.js'
import { supplyIn } from '../../../drawing/section/supplyIn.js'
import { spotLetter } from '../../../drawing/spotLetter.js'
import { Choice } from '../../../ui/Choice.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import { useUnits } from '../../../ui/units.js'
import { useSettled, type Desk } from '../desk.js'

const text = plantingWords.stock

/** A patch or a spot of another tank. */
interface DonorPlace {
  readonly tank: string
  readonly where: string
  readonly path: string
}

/** What of this map other tanks can give, and one stock split evenly over tanks that are planted alike. */
export function StockPanel({ desk: { tankId, figures } }: { readonly desk: Desk }) {
  const tanks = useQuery(allTanks()).data
  const settled = useSettled(figures)
  const counted = useMemo(() => countedSpecies([...settled.beds, ...settled.spots]), [settled])
  const offers = useMemo(
    () => (tanks ?? []).flatMap(({ id, plan }) => (id === tankId ? [] : offersOfTank(`/tanks/${id}/plan/planting`, plan))),
    [tanks, tankId],
  )
  const given = useMemo(() => takeOrBuy(counted, offers).filter(({ takes }) => takes.length > 0), [counted, offers])
  const [trays, setTrays] = useState<(typeof TRAYS)[number]>('1')
  return (
    <Box sx={{ display: 'grid', gap: 1, fontSize: 14.5 }}>
      {given.length === 0 ? (
        <Box sx={{ color: 'text.secondary' }}>{text.none}</Box>
      ) : (
        <>
          <MarginTable caption={text.caption}>
            {given.map((row) => (
              <TakeRow key={`${row.wanted.plant.id} ${row.wanted.retail}`} row={row} />
            ))}
          </MarginTable>
          <Box sx={{ color: 'text.secondary', fontSize: 13 }}>{text.why}</Box>
        </>
      )}
      <Choice
        label={text.trays}
        why={text.traysWhy}
        value={trays}
        options={TRAYS.map((one) => [one, one] as const)}
        onChange={(next) => setTrays(next ?? '1')}
      />
      {trays !== '1' && (
        <MarginTable caption={text.trayCaption}>
          {equalTrays(counted, Number(trays)).map(({ of, pots, each, over }) => (
            <tr key={`${of.plant.id} ${of.retail}`}>
              <td>
                <i>{of.plant.name}</i>
              </td>
              <td style={{ textAlign: 'right' }}>{plantingWords.retail(pots, of.retail)}</td>
              <td style={{ textAlign: 'right', paddingLeft: 10 }}>{each}</td>
              <td style={{ textAlign: 'right', paddingLeft: 10 }}>{over}</td>
            </tr>
          ))}
        </MarginTable>
      )}
    </Box>
  )
}
const TRAYS = ['1', '2', '3', '4'] as const

function TakeRow({ row: { wanted, takes, leftPortions, pots } }: { readonly row: TakeOrBuy<DonorPlace> }) {
  const units = useUnits()
  return (
    <tr style={{ verticalAlign: 'top' }}>
      <td>
        <i>{wanted.plant.name}</i>
        {takes.map(({ place, portions, inDays }) => (
          <Box key={place.path} sx={{ pl: 1.5, fontSize: 13.5 }}>
            {portions}{' '}
            <Link to={place.path} style={{ color: 'inherit' }}>
              {text.from(place.tank, place.where)}
            </Link>
            , {inDays === 0 ? text.now : text.inDays(units.show('days', inDays))}
          </Box>
        ))}
      </td>
      <td style={{ textAlign: 'right', whiteSpace: 'nowrap' }}>{wanted.portions}</td>
      <td style={{ textAlign: 'right', paddingLeft: 10, whiteSpace: 'nowrap' }}>
        {leftPortions === 0 ? text.nothing : plantingWords.retail(pots, wanted.retail)}
      </td>
    </tr>
  )
}

/** What a tank that stands can give; one that has not started gives nothing. */
function offersOfTank(path: string, plan: Plan): PlacedOffer<DonorPlace>[] {
  const ageDays = daysBetween(plan.startedOn, civilDate(new Date(), plan.timeZone))
  if (ageDays < 0 || plan.beds.length + plan.spots.length === 0) return []
  const figures = tankFigures(plan)
  const donor = { ageDays, ppfd: figures.ppfd, supplyOf: (plant: Parameters<typeof supplyIn>[1]) => supplyIn(figures, plant) }
  const placed = (where: string, at: string, of: (typeof figures.beds)[number]['plants']): PlacedOffer<DonorPlace>[] =>
    offersOf({ ...donor, plants: of }).map((offer) => ({ ...offer, place: { tank: plan.name, where, path: `${path}?${at}` } }))
  return [
    ...figures.beds.flatMap(({ bed, plants }, index) => placed(plantingWords.patch(String(index + 1)), `patch=${bed.id}`, plants)),
    ...figures.spots.flatMap(({ spot, plants }, index) => placed(plantingWords.spots.chosen(spotLetter(index)), `spot=${spot.id}`, plants)),
  ]
}
