import { animalsWords } from '@jovrin/contract'
import { NO_ANIMALS_MG_N_PER_L, type Band, type Dimension } from '@jovrin/core'
import { significant, useUnits } from '../../ui/units.js'

interface BandProps {
  readonly band: Band
  readonly dimension: Dimension
}

/** What drawn tanks say together: the middle, and what eight of ten lie between. Ammonia that is too much for animals is told as that. */
export function BandCell({ band, dimension }: BandProps) {
  const units = useUnits()
  const bare = (value: number): string => significant(units.to(dimension, value), 2)
  const isMuch = dimension === 'ammonia' && band.median > NO_ANIMALS_MG_N_PER_L
  return (
    <td style={isMuch ? { color: 'var(--algae)' } : undefined}>
      {animalsWords.band(units.show(dimension, band.median, 2), bare(band.low), bare(band.high))}
      {isMuch && ` ${animalsWords.tooMuch}`}
    </td>
  )
}
