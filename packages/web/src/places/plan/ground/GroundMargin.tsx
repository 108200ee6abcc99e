import { groundWords, planWords, zonePurposeWords } from '@jovrin/contract'
import { PlanField } from '../PlanField.js'
import {
  centreOf,
  duplicateZone,
  type GroundZone,
  isInside,
  lineOf,
  mergeZones,
  removeZone,
  reorderZone,
  splitZone,
  withEdgeBarrier,
  withZone,
  ZONE_PURPOSES,
} from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { RemoveIcon } from '../../../ui/icons/RemoveIcon.js'
import { memo, useState } from 'react'
import { localId } from '../../../api/localId.js'
import { Choice } from '../../../ui/Choice.js'
import { NumberField } from '../../../ui/NumberField.js'
import { Grid, Group } from '../../../ui/QuestionGroup.js'
import type { Desk } from '../desk.js'
import { CompareGrounds } from './CompareGrounds.js'
import { CornerTable } from './CornerTable.js'
import { GroundNeeds } from './GroundNeeds.js'
import type { Cut } from './GroundSheet.js'
import { ImportOutline } from './ImportOutline.js'
import { LayersEditor } from './LayersEditor.js'
import { TabsPanel } from './TabsPanel.js'
import { ZoneList } from './ZoneList.js'

interface MarginProps {
  readonly desk: Desk
  readonly zoneId: string | null
  readonly corner: number | null
  readonly onCorner: (corner: number | null) => void
  readonly onChoose: (id: string | null) => void
  readonly onMessage: (message: string | null) => void
  readonly cut: Cut
  readonly cutAt: number
  readonly onCutAt: (cm: number) => void
}
interface GroundMarginProps extends MarginProps {
  readonly zone: GroundZone | null
}

/** The questions of the ground: which zones, what lies in the chosen one, how much that is, and what else it could be. */
export const GroundMargin = memo(function GroundMargin(margin: MarginProps) {
  const { desk, zoneId, onChoose, cut, cutAt, onCutAt } = margin
  const zone = desk.plan.zones.find(({ id }) => id === zoneId) ?? null
  const props = { ...margin, zone }
  const { plan, figures, change } = desk
  return (
    <>
      <Group number={1} title={groundWords.zones}>
        <ZoneList desk={desk} chosen={zone?.id ?? null} onChoose={onChoose} />
      </Group>
      {zone === null ? (
        <Group number={2} title={groundWords.rest}>
          <LayersEditor
            within=""
            layers={plan.layers}
            onLayers={(edit, isFinal) => change((now) => ({ ...now, layers: edit(now.layers) }), isFinal)}
          />
        </Group>
      ) : (
        <ZonePanel {...props} zone={zone} />
      )}
      <Group number={3} title={groundWords.amounts}>
        <GroundNeeds desk={desk} />
      </Group>
      <Group number={4} title={groundWords.tabs}>
        <TabsPanel desk={desk} zone={zone} />
      </Group>
      <Group number={5} title={groundWords.more}>
        {cut !== 'free' && (
          <NumberField
            label={cut === 'side' ? groundWords.cutAtX : groundWords.cutAtY}
            why={groundWords.cutWhy}
            value={Math.round(cutAt * 10) / 10}
            range={[0, cut === 'side' ? figures.inner.lengthCm : figures.inner.widthCm]}
            dimension="length"
            canBeUnknown={false}
            onChange={(cm) => cm !== null && onCutAt(cm)}
          />
        )}
        <BarrierList desk={desk} />
        <ImportOutline desk={desk} onMade={onChoose} />
        <CompareGrounds desk={desk} />
      </Group>
    </>
  )
})

function ZonePanel({ desk, zone, corner, onCorner, onChoose, onMessage }: GroundMarginProps & { zone: GroundZone }) {
  const { plan, figures, change, commit } = desk
  const { inner } = figures
  const [splitAt, setSplitAt] = useState<number | null>(null)
  const [direction, setDirection] = useState<'across' | 'along'>('across')
  const edit = (part: (one: GroundZone) => GroundZone, isFinal = true): void => change((now) => withZone(now, zone.id, part), isFinal)
  const split = (): void => {
    const at = splitAt ?? (direction === 'across' ? middleOf(zone, 'xCm') : middleOf(zone, 'yCm'))
    const next = splitZone(
      plan,
      zone.id,
      direction === 'across' ? { xCm: at, yCm: 0 } : { xCm: 0, yCm: at },
      direction === 'across' ? { xCm: at, yCm: 1 } : { xCm: 1, yCm: at },
      localId,
    )
    if (next === null) onMessage(groundWords.splitMisses)
    else {
      onMessage(null)
      change(() => next)
    }
  }
  const merge = (otherId: string): void => {
    const next = mergeZones(plan, zone.id, otherId)
    if (typeof next === 'string') onMessage(groundWords.mergeFault[next])
    else {
      onMessage(null)
      change(() => next)
    }
  }
  return (
    <Group number={2} title={zone.name === '' ? groundWords.unnamed : zone.name}>
      <Grid min={150}>
        <TextField
          label={groundWords.name}
          value={zone.name}
          onChange={(event) => edit((one) => ({ ...one, name: event.target.value }), false)}
          onBlur={() => commit()}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 60 } }}
        />
        <Choice
          label={groundWords.purpose}
          why={groundWords.purposeWhy}
          value={zone.purpose}
          options={ZONE_PURPOSES.map((purpose) => [purpose, zonePurposeWords[purpose]] as const)}
          onChange={(purpose) => purpose !== null && edit((one) => ({ ...one, purpose }))}
        />
      </Grid>
      <LayersEditor
        within={`/zones/${zone.id}`}
        layers={zone.layers}
        onLayers={(layersEdit, isFinal) =>
          change((now) => withZone(now, zone.id, (one) => ({ ...one, layers: layersEdit(one.layers) })), isFinal)
        }
      />
      <CornerTable desk={desk} zone={zone} corner={corner} onCorner={onCorner} onMessage={onMessage} />
      {zone.heights.length > 0 && (
        <Box sx={{ mt: 1 }}>
          {zone.heights.map((point, index) => (
            <Box key={point.id} sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr auto', gap: 1, alignItems: 'start' }}>
              <PlanField path="zones/*/heights/*/xCm" of={[zone.id, point.id]} />
              <PlanField path="zones/*/heights/*/yCm" of={[zone.id, point.id]} />
              <PlanField path="zones/*/heights/*/heightCm" of={[zone.id, point.id]} label={groundWords.heightPoint(String(index + 1))} />
              <Button
                variant="text"
                aria-label={groundWords.removeHeight(String(index + 1))}
                onClick={() => edit((one) => ({ ...one, heights: one.heights.filter(({ id }) => id !== point.id) }))}
              >
                <RemoveIcon />
              </Button>
            </Box>
          ))}
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1, alignItems: 'end' }}>
        <Button onClick={split}>{groundWords.split}</Button>
        <TextField
          select
          aria-label={groundWords.splitDirection}
          value={direction}
          onChange={(event) => {
            setDirection(event.target.value as 'across' | 'along')
            setSplitAt(null)
          }}
          slotProps={{ select: { SelectDisplayProps: { 'aria-label': groundWords.splitDirection } } }}
        >
          <MenuItem value="across">{groundWords.splitAcross}</MenuItem>
          <MenuItem value="along">{groundWords.splitAlong}</MenuItem>
        </TextField>
        <Box sx={{ width: 110 }}>
          <NumberField
            label={groundWords.splitAt}
            why={groundWords.splitWhy}
            value={splitAt ?? Math.round(middleOf(zone, direction === 'across' ? 'xCm' : 'yCm') * 10) / 10}
            range={[0, direction === 'across' ? inner.lengthCm : inner.widthCm]}
            dimension="length"
            canBeUnknown={false}
            onChange={(cm) => setSplitAt(cm)}
          />
        </Box>
        {plan.zones.length > 1 && (
          <TextField
            select
            value=""
            onChange={(event) => merge(event.target.value)}
            slotProps={{
              select: {
                displayEmpty: true,
                renderValue: () => groundWords.merge,
                SelectDisplayProps: { 'aria-label': groundWords.merge },
              },
            }}
          >
            {plan.zones
              .filter(({ id }) => id !== zone.id)
              .map(({ id, name }) => (
                <MenuItem key={id} value={id}>
                  {name === '' ? groundWords.unnamed : name}
                </MenuItem>
              ))}
          </TextField>
        )}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
        <Button
          onClick={() => {
            const copy = duplicateZone(plan, zone.id, inner, localId)
            if (copy === null) return
            change(() => copy.plan)
            onChoose(copy.id)
          }}
        >
          {planWords.duplicate}
        </Button>
        <Button
          onClick={() =>
            change((now) =>
              withZone(now, zone.id, (one) => ({
                ...one,
                heights: [
                  ...one.heights,
                  {
                    id: localId('h'),
                    ...middleSpot(one),
                    heightCm: Math.round(figures.ground.zones.find(({ id }) => id === one.id)?.meanCm ?? 5),
                  },
                ],
              })),
            )
          }
        >
          {groundWords.addHeight}
        </Button>
        <Button onClick={() => change((now) => withEdgeBarrier(now, zone, inner, localId))}>{groundWords.addBarrier}</Button>
        <Button onClick={() => change((now) => reorderZone(now, zone.id, 1))}>{groundWords.over}</Button>
        <Button onClick={() => change((now) => reorderZone(now, zone.id, -1))}>{groundWords.under}</Button>
        <Button
          onClick={() => {
            change((now) => removeZone(now, zone.id))
            onChoose(null)
          }}
        >
          {groundWords.removeZone}
        </Button>
      </Box>
    </Group>
  )
}

const middleSpot = (zone: GroundZone) => {
  const { xCm, yCm } = centreOf(lineOf(zone.outline))
  return { xCm: Math.round(xCm * 10) / 10, yCm: Math.round(yCm * 10) / 10 }
}

/** Middle of a zone's reach; for a hollow one, of a part of it that a line there surely meets. */
function middleOf(zone: GroundZone, axis: 'xCm' | 'yCm'): number {
  const line = lineOf(zone.outline)
  const values = line.map((spot) => spot[axis])
  const middle = (Math.min(...values) + Math.max(...values)) / 2
  const other = axis === 'xCm' ? 'yCm' : 'xCm'
  const across = line.map((spot) => spot[other])
  const probe = (Math.min(...across) + Math.max(...across)) / 2
  return isInside(line, axis === 'xCm' ? middle : probe, axis === 'xCm' ? probe : middle) ? middle : (values[0]! + middle) / 2
}

function BarrierList({ desk }: { desk: Desk }) {
  const { plan, change } = desk
  if (plan.barriers.length === 0) return null
  return (
    <Box sx={{ mt: 1 }}>
      {plan.barriers.map((barrier, index) => (
        <Box key={barrier.id} sx={{ display: 'flex', gap: 1 }}>
          <PlanField path="barriers/*/heightCm" item={barrier} label={groundWords.barrierHeight(String(index + 1))} />
          <Button
            variant="text"
            aria-label={groundWords.removeBarrier(String(index + 1))}
            onClick={() => change((now) => ({ ...now, barriers: now.barriers.filter(({ id }) => id !== barrier.id) }))}
          >
            <RemoveIcon />
          </Button>
        </Box>
      ))}
    </Box>
  )
}
