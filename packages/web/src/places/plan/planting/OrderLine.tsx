import { plantingWords } from '@jovrin/contract'
import { plantingOrder, type TankFigures } from '@jovrin/core'
import { Box } from '@mui/material'
import { useSearchParams } from 'react-router'
import { spotLetter } from '../../../drawing/spotLetter.js'
import { orderOf } from './orderOf.js'

/** The order of work in one line, for the printed page with map and key: whoever has it can plant. */
export function OrderLine({ figures }: { readonly figures: TankFigures }) {
  const order = orderOf(useSearchParams()[0])
  const number = new Map(figures.beds.map(({ bed }, index) => [bed.id, String(index + 1)]))
  const patches = plantingOrder(figures.beds, order, figures.inner.widthCm).map(({ bed }) => number.get(bed.id) ?? '')
  const spots = figures.spots.flatMap(({ plants }, index) => (plants.length === 0 ? [] : [spotLetter(index)]))
  const all = order === 'wood-first' ? [...spots, ...patches] : [...patches, ...spots]
  return (
    <Box className="print-only" sx={{ fontSize: 14.5 }}>
      {plantingWords.orderLine(plantingWords.orders[order], all.join(', '))}
    </Box>
  )
}
