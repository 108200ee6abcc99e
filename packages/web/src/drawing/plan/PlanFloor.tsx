import { centreOf, lineOf, type GroundPlan, type Plan } from '@jovrin/core'
import { memo } from 'react'
import { Dimension } from '../Dimension.js'
import { hatchFill, INK } from '../ink.js'
import { hatchOf } from '../section/groundFaces.js'
import { pathOf, xPx, yPx, type PlanLayout } from './planLayout.js'

interface FloorProps {
  readonly layout: PlanLayout
  readonly ground: GroundPlan
  readonly prefix: string
  readonly lengthLabel: string
  readonly widthLabel: string
  readonly frontLabel: string
}

/** The inner floor with the uppermost ground of the rest, glass around it, and its two dimensions. */
export const PlanFloor = memo(function PlanFloor({ layout, ground, prefix, lengthLabel, widthLabel, frontLabel }: FloorProps) {
  const top = ground.zones[0]?.layers.filter(({ volumeL }) => volumeL > 0).at(-1)
  const box = { x: layout.left, y: layout.top, width: layout.right - layout.left, height: layout.bottom - layout.top }
  return (
    <g>
      <rect {...box} fill="var(--sheet)" />
      <rect {...box} fill={top === undefined ? 'none' : hatchFill(prefix, hatchOf(top.ground))} opacity={0.55} />
      <rect {...box} fill="none" stroke="var(--ink)" strokeWidth={INK.medium} />
      <rect
        x={box.x - 4}
        y={box.y - 4}
        width={box.width + 8}
        height={box.height + 8}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={INK.heavy}
      />
      <Dimension x1={layout.left} y1={layout.bottom + 24} x2={layout.right} y2={layout.bottom + 24} label={lengthLabel} />
      <Dimension x1={layout.left - 22} y1={layout.top} x2={layout.left - 22} y2={layout.bottom} label={widthLabel} />
      <text x={(layout.left + layout.right) / 2} y={layout.bottom + 38} fontSize="12" textAnchor="middle" fill="var(--ink-2)">
        {frontLabel}
      </text>
    </g>
  )
})

interface ZonesProps {
  readonly layout: PlanLayout
  readonly zones: Plan['zones']
  readonly prefix: string
}

/** Zones in the order in which they lie, each with its uppermost ground. */
export const PlanZones = memo(function PlanZones({ layout, zones, prefix }: ZonesProps) {
  return (
    <g>
      {zones.map((zone) => {
        const line = lineOf(zone.outline)
        const d = pathOf(layout, line)
        const top = zone.layers.at(-1)
        return (
          <g key={zone.id}>
            <path d={d} fill="var(--sheet)" />
            {top !== undefined && (
              <path d={d} fill={hatchFill(prefix, hatchOf(top.ground))} opacity={zone.purpose === 'cosmetic' ? 1 : 0.7} />
            )}
            <path
              d={d}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={INK.medium}
              strokeDasharray={zone.purpose === 'bare' ? '4 3' : undefined}
            />
          </g>
        )
      })}
    </g>
  )
})

/** Names of the zones, over all that lies on the floor. */
export const PlanZoneNames = memo(function PlanZoneNames({ layout, zones }: Omit<ZonesProps, 'prefix'>) {
  return (
    <g pointerEvents="none">
      {zones.map((zone) => {
        const { xCm, yCm } = centreOf(lineOf(zone.outline))
        return (
          <text
            key={zone.id}
            x={xPx(layout, xCm)}
            y={yPx(layout, yCm) + 4}
            textAnchor="middle"
            fontSize="13"
            className="lettering"
            fill="var(--ink)"
            stroke="var(--sheet)"
            strokeWidth="4"
            paintOrder="stroke"
          >
            {zone.name}
          </text>
        )
      })}
    </g>
  )
})

/** Walls in the ground: a heavy line with short ticks on both sides. */
export const PlanBarriers = memo(function PlanBarriers({
  layout,
  barriers,
  chosenId,
}: {
  layout: PlanLayout
  barriers: Plan['barriers']
  chosenId: string | null
}) {
  return (
    <g fill="none" stroke="var(--ink)">
      {barriers.map(({ id, line }) => (
        <g key={id}>
          <path d={pathOf(layout, line, false)} strokeWidth={id === chosenId ? 4.4 : 3} />
          <path d={pathOf(layout, line, false)} strokeWidth={id === chosenId ? 9 : 7} strokeDasharray="1 9" />
        </g>
      ))}
    </g>
  )
})

/** Root tabs as small crosses, capsules as small rings. */
export const PlanTabs = memo(function PlanTabs({ layout, tabs }: { layout: PlanLayout; tabs: Plan['tabs'] }) {
  return (
    <g fill="none" stroke="var(--feed)" strokeWidth={INK.medium}>
      {tabs.map(({ id, kind, xCm, yCm }) => {
        const x = xPx(layout, xCm)
        const y = yPx(layout, yCm)
        return kind === 'tab' ? (
          <path key={id} d={`M${x - 3} ${y - 3}l6 6M${x + 3} ${y - 3}l-6 6`} />
        ) : (
          <ellipse key={id} cx={x} cy={y} rx="3.4" ry="2" />
        )
      })}
    </g>
  )
})
