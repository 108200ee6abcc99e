import { animalsWords } from '@jovrin/contract'
import { groundHeightCm, type KeptGroup, type TankFigures, type Zone } from '@jovrin/core'
import { INK } from '../../../drawing/ink.js'
import type { SectionLayout } from '../../../drawing/section/layout.js'
import { significant } from '../../../ui/units.js'
import { nameOfSpecies } from '../../shared/animals/nameOfGroup.text.js'

const ZONES_DRAWN = ['top', 'mid', 'bottom'] as const satisfies readonly Zone[]
/** Of the free water from the surface down. Rule of thumb: a quarter, a half, a quarter. */
const SHARE = { top: 0.25, mid: 0.5, bottom: 0.25 } as const
const LEAST_PX = 80
const MOST_LETTERS_PER_PX = 1 / 6.2

/** Who lives at the top, in the middle and at the bottom, on the front view. */
export function ZoneMarks({ layout, figures }: { readonly layout: SectionLayout; readonly figures: TankFigures }) {
  const { front, waterY, floorY, pxPerCm } = layout
  const { inner, ground, kept } = figures
  const groundY = floorY - groundHeightCm(ground, inner.lengthCm / 2, inner.widthCm * 0.3) * pxPerCm
  const free = groundY - waterY
  // On a small drawing the lines of the register tell it.
  if (free < LEAST_PX) return null
  const most = Math.floor((front.innerRight - front.innerLeft - 16) * MOST_LETTERS_PER_PX)
  return ZONES_DRAWN.map((zone, at) => {
    const top = waterY + free * ZONES_DRAWN.slice(0, at).reduce((sum, above) => sum + SHARE[above], 0)
    const told = zoneText(zone, kept)
    return (
      <g key={zone}>
        {at > 0 && (
          <path
            d={`M${front.innerLeft} ${top}H${front.innerRight}`}
            stroke="var(--ink)"
            strokeWidth={INK.thin}
            strokeDasharray="2 5"
            fill="none"
          />
        )}
        <text
          x={front.innerLeft + 8}
          y={top + 15}
          fontSize="13"
          fill="var(--ink)"
          stroke="var(--sheet)"
          strokeWidth="3"
          paintOrder="stroke"
        >
          {told.length > most ? `${told.slice(0, Math.max(1, most - 1))}…` : told}
        </text>
      </g>
    )
  })
}

function zoneText(zone: (typeof ZONES_DRAWN)[number], kept: readonly KeptGroup[]): string {
  const here = kept.filter(({ species }) => species.zone === zone || (species.zone === 'all' && zone === 'mid'))
  if (here.length === 0) return animalsWords.zoneEmpty(animalsWords.zone[zone])
  const who = here.map(({ group, count, species }) =>
    group.count === null ? nameOfSpecies(species) : animalsWords.someOf(significant(count), nameOfSpecies(species)),
  )
  return animalsWords.zoneLine(animalsWords.zone[zone], who.join(', '))
}
