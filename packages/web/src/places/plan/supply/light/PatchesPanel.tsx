import { lightWords } from '@jovrin/contract'
import {
  levelLight,
  lightScore,
  lightWays,
  mendedPlan,
  siteOfBed,
  standingOf,
  tankFigures,
  type BedLight,
  type LaidBed,
  type LightWay,
  type Mend,
  type Plan,
} from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useMemo } from 'react'
import { Link } from 'react-router'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { useUnits } from '../../../../ui/units.js'
import { mendLabel } from '../../describe/findings.text.js'
import { useSettled, type Desk } from '../../desk.js'
import { remarkText } from '../../../shared/species.text.js'
import { VerdictMark } from '../../../shared/VerdictMark.js'
import { grownView, type Looked } from './lightView.js'
import { useLightPicture } from './useLightPicture.js'

const TABLE = {
  borderCollapse: 'collapse',
  width: '100%',
  fontSize: 14,
  '& th': { fontWeight: 'normal', color: 'text.secondary', textAlign: 'left', fontSize: 12.5, pr: 1 },
  '& td': { pr: 1, py: '2px', verticalAlign: 'top' },
} as const

interface PatchesPanelProps {
  readonly desk: Desk
  readonly looked: Looked
  readonly isHeld: boolean
}

/** Every patch against the light that it gets when planted and grown in, and what would serve them better. */
export function PatchesPanel({ desk, looked, isHeld }: PatchesPanelProps) {
  const { plan, figures, tankId } = desk
  const { last } = useLightPicture(plan, grownView(looked), isHeld)
  const beds = figures.beds.filter(({ plants, isOut }) => plants.length > 0 && !isOut)
  if (beds.length === 0)
    return (
      <Box sx={{ fontSize: 14 }}>
        {lightWords.noPatches} <Link to={`/tanks/${tankId}/plan/planting`}>{lightWords.toMap}</Link>
      </Box>
    )
  return (
    <>
      <Box component="table" className="figures" sx={TABLE}>
        <caption style={{ textAlign: 'left', fontSize: 12.5, color: 'var(--ink-2)' }}>{lightWords.patchCaption}</caption>
        <HeadRow heads={lightWords.patchHead} />
        <tbody>
          {beds.map((laid) => (
            <PatchRow
              key={laid.bed.id}
              desk={desk}
              laid={laid}
              number={figures.beds.indexOf(laid) + 1}
              light={last?.tops.get(laid.bed.id) ?? null}
            />
          ))}
        </tbody>
      </Box>
      <Ways desk={desk} />
    </>
  )
}

interface PatchRowProps {
  readonly desk: Desk
  readonly laid: LaidBed
  readonly number: number
  readonly light: { readonly planted: BedLight; readonly then: BedLight } | null
}

function PatchRow({ desk: { plan, figures }, laid, number, light }: PatchRowProps) {
  const units = useUnits()
  const { bed, plants } = laid
  const site = siteOfBed(plan, figures, laid)
  const told = plants.map(({ plant }) => ({
    plant,
    remark: standingOf(plant, site).remarks.find(({ aspect }) => aspect === 'light'),
  }))
  const worst = told.reduce((a, b) => (VERDICT_RANK[b.remark?.verdict ?? 'fits'] > VERDICT_RANK[a.remark?.verdict ?? 'fits'] ? b : a))
  const tell = (one: BedLight | undefined): string =>
    one === undefined
      ? '…'
      : `${units.show('ppfd', one.mean, 2).split(' ')[0] ?? ''} (${units.show('ppfd', one.least, 2).split(' ')[0] ?? ''})`
  const { goodLow, goodHigh } = worst.plant.light
  return (
    <tr>
      <td>
        {number} {bed.name || worst.plant.name}
      </td>
      <td style={{ whiteSpace: 'nowrap' }}>
        {Math.round(goodLow)}–{Math.round(goodHigh)}
      </td>
      <td>{tell(light?.planted)}</td>
      <td>{tell(light?.then)}</td>
      <td>
        {worst.remark !== undefined && (
          <span title={remarkText(worst.remark, units)}>
            <VerdictMark verdict={worst.remark.verdict} />
          </span>
        )}
      </td>
    </tr>
  )
}
const VERDICT_RANK = { fits: 0, marginal: 1, fails: 2 } as const

/** The best other power, height, place and number of lamps, side by side with what they do. */
function Ways({ desk: newest }: { readonly desk: Desk }) {
  const units = useUnits()
  const { plan, figures, change } = useSettled(newest)
  const { now, ways, evenness } = useMemo(
    () => ({ now: lightScore(plan, figures), ways: lightWays(plan, figures), evenness: levelLight(figures).evenness }),
    [plan, figures],
  )
  return (
    <section aria-labelledby="light-ways">
      <Box component="h2" id="light-ways" className="lettering" sx={{ fontSize: 16, m: 0, borderBottom: '1px solid var(--ink)' }}>
        {lightWords.ways}
      </Box>
      {ways.length === 0 ? (
        <Box sx={{ fontSize: 14, mt: 0.5 }}>{lightWords.noWays}</Box>
      ) : (
        <Box component="table" className="figures" sx={TABLE}>
          <HeadRow heads={lightWords.wayHead} />
          <tbody>
            <tr>
              <td>{lightWords.wayNow}</td>
              <td>{units.show('ppfd', figures.ppfd, 2)}</td>
              <td>{units.show('ratio', evenness, 2)}</td>
              <td>{now.dim + now.nearly}</td>
              <td>{now.bright}</td>
            </tr>
            {ways.map((way) => (
              <tr key={way.mend.code}>
                <td>
                  <Button sx={{ py: 0 }} onClick={() => change((before) => mendedPlan(before, way.mend, (other) => sameWay(other, way)))}>
                    {mendLabel(way.mend, units)}
                  </Button>
                </td>
                <td>{units.show('ppfd', way.ppfd, 2)}</td>
                <td>{units.show('ratio', way.evenness, 2)}</td>
                <td>{way.dim + way.nearly}</td>
                <td>{way.bright}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      )}
    </section>
  )
}

/** The way of the same kind in another plan. */
const sameWay = (plan: Plan, { mend: { code } }: LightWay): Mend | undefined =>
  lightWays(plan, tankFigures(plan)).find(({ mend }) => mend.code === code)?.mend
