import { groundWords } from '@jovrin/contract'
import { type GroundZone, outlineFault, type Vertex, withEdgeLength, withZone } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { PlanField } from '../PlanField.js'
import { NumberField } from '../../../ui/NumberField.js'
import { Choice } from '../../../ui/Choice.js'
import type { Desk } from '../desk.js'
import { outlineFaultText } from '../outlineFault.text.js'

interface CornerTableProps {
  readonly desk: Desk
  readonly zone: GroundZone
  readonly corner: number | null
  readonly onCorner: (corner: number | null) => void
  readonly onMessage: (message: string | null) => void
}

/** Corners by number: the chosen one's place, the length of the edge that follows, and whether it bends. */
export function CornerTable({ desk, zone, corner, onCorner, onMessage }: CornerTableProps) {
  const { change, commit } = desk
  const { outline } = zone
  const set = (next: readonly Vertex[], isFinal: boolean): void => {
    const fault = next.some(({ xCm, yCm }) => !Number.isFinite(xCm) || !Number.isFinite(yCm)) ? null : outlineFault(next)
    onMessage(fault === null ? null : outlineFaultText(fault))
    if (fault === null) change((now) => withZone(now, zone.id, (one) => ({ ...one, outline: next })), isFinal)
  }
  const at = corner === null ? undefined : outline[corner]
  const next = corner === null ? undefined : outline[(corner + 1) % outline.length]
  const move = (part: Partial<Vertex>, isFinal = false): void =>
    set(
      outline.map((vertex, index) => (index === corner ? { ...vertex, ...part } : vertex)),
      isFinal,
    )
  return (
    <Box sx={{ mt: 1 }}>
      <Box
        role="group"
        aria-label={groundWords.corners}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: '2px', alignItems: 'center', fontSize: 14 }}
      >
        {groundWords.corners}
        {outline.map((vertex, index) => (
          <Box
            key={index}
            component="button"
            type="button"
            className="figures"
            aria-pressed={corner === index}
            aria-label={groundWords.cornerButton(String(index + 1))}
            onClick={() => onCorner(corner === index ? null : index)}
            sx={{
              font: 'inherit',
              minWidth: 26,
              color: 'inherit',
              background: 'none',
              border: '1px solid var(--hair)',
              borderRadius: vertex.isRound ? '8px' : 0,
              cursor: 'pointer',
              '&[aria-pressed=true]': { background: 'var(--ink)', color: 'var(--sheet)' },
            }}
          >
            {index + 1}
          </Box>
        ))}
      </Box>
      {at && next && corner !== null && (
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', columnGap: 1.5, mt: 0.5, alignItems: 'start' }}>
          <PlanField
            key={`x${corner}`}
            path="zones/*/outline/*/xCm"
            of={[zone.id, String(corner)]}
            value={at.xCm}
            onChange={(xCm) => xCm !== null && move({ xCm })}
          />
          <PlanField
            key={`y${corner}`}
            path="zones/*/outline/*/yCm"
            of={[zone.id, String(corner)]}
            value={at.yCm}
            onChange={(yCm) => yCm !== null && move({ yCm })}
          />
          <NumberField
            key={`l${corner}`}
            label={groundWords.edge(String(corner + 1), String(((corner + 1) % outline.length) + 1))}
            why={groundWords.edgeWhy}
            value={Math.round(Math.hypot(at.xCm - next.xCm, at.yCm - next.yCm) * 100) / 100}
            range={[0.5, 1500]}
            dimension="length"
            canBeUnknown={false}
            onChange={(cm) => cm !== null && set(withEdgeLength(outline, corner, cm), false)}
            onCommit={commit}
          />
          <Choice
            label={groundWords.bend}
            why={groundWords.bendWhy}
            value={at.isRound ? 'round' : 'sharp'}
            options={[
              ['sharp', groundWords.sharp],
              ['round', groundWords.round],
            ]}
            onChange={(bend) => move({ isRound: bend === 'round' }, true)}
          />
          <Button
            variant="text"
            onClick={() =>
              set(
                [
                  ...outline.slice(0, corner + 1),
                  { xCm: (at.xCm + next.xCm) / 2, yCm: (at.yCm + next.yCm) / 2, isRound: false },
                  ...outline.slice(corner + 1),
                ],
                true,
              )
            }
          >
            {groundWords.addCorner}
          </Button>
          <Button
            variant="text"
            disabled={outline.length < 4}
            onClick={() => {
              set(
                outline.filter((_, index) => index !== corner),
                true,
              )
              onCorner(null)
            }}
          >
            {groundWords.removeCorner}
          </Button>
        </Box>
      )}
    </Box>
  )
}
