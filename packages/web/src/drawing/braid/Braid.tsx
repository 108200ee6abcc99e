import { STRANDS, type Strand } from '@jovrin/core'
import { useId, type KeyboardEvent, type PointerEvent } from 'react'
import { Dimension } from '../Dimension.js'
import { Hatches } from '../Hatches.js'
import { hatchFill, INK, svgPrefix } from '../ink.js'
import { algaeY, band, FULLNESS, lanes, ribbons, weekX, type BraidBox, type BraidWeek } from './braidGeometry.js'

export interface BraidLabels {
  readonly description: string
  readonly strand: Readonly<Record<Strand, string>>
  readonly algae: string
  /** Written on the scarcest strand at the chosen week. */
  readonly weakest: string
  /** Names the thickness of a strand that is ample. */
  readonly full: string
  readonly weeks: readonly string[]
  readonly algaeTicks: readonly (readonly [gPerM2: number, label: string])[]
  readonly chosenWeek: string
}

interface BraidProps {
  readonly weeks: readonly BraidWeek[]
  /** The saved plan, drawn as a dashed outline where levers were moved. */
  readonly ghost: readonly BraidWeek[] | null
  readonly limiting: Strand
  readonly labels: BraidLabels
  /** A few members only: the bands are not to be trusted yet. */
  readonly isProvisional: boolean
  readonly chosenWeek: number
  readonly onChooseWeek: (week: number) => void
  readonly width?: number
  readonly height?: number
}

const LABEL_PX = 108
const FOOT_PX = 26
const WEEK_LABEL_PX = 58

/** Weeks across; one strand a supply, as thick as it is ample. Strands cross as their rank changes: the lowest limits growth. Below the line runs the algae strand. */
export function Braid({ weeks, ghost, limiting, labels, isProvisional, chosenWeek, onChooseWeek, width = 840, height = 400 }: BraidProps) {
  const prefix = svgPrefix(useId())
  const box: BraidBox = { left: 62, right: width - LABEL_PX, top: 10, waterline: (height - FOOT_PX) * 0.74, bottom: height - FOOT_PX }
  const ranked = lanes(weeks)
  const drawn = ribbons(weeks, box, ranked)
  const shadow = ghost === null ? [] : ribbons(ghost, box, ranked)
  const xs = weeks.map((_, week) => weekX(box, week, weeks.length))
  const algaeBand = (of: readonly BraidWeek[], from: 'low' | null, to: 'median' | 'high'): string =>
    band(
      xs,
      of.map((week) => (from === null ? box.waterline : algaeY(box, week.algae[from]))),
      of.map((week) => algaeY(box, week.algae[to])),
    )
  const chosenX = weekX(box, chosenWeek, weeks.length)
  const every = Math.ceil((weeks.length * WEEK_LABEL_PX) / (box.right - box.left))
  const lane = (box.waterline - box.top) / STRANDS.length
  const weakestY = drawn.find((ribbon) => ribbon.strand === limiting)?.centres[chosenWeek] ?? 0
  const isNearEnd = chosenX > box.right - 80
  const choose = (event: PointerEvent<SVGSVGElement>): void => {
    const rect = event.currentTarget.getBoundingClientRect()
    const x = ((event.clientX - rect.left) / rect.width) * width
    onChooseWeek(Math.min(weeks.length - 1, Math.max(0, Math.round(((x - box.left) / (box.right - box.left)) * (weeks.length - 1)))))
  }
  const move = (event: KeyboardEvent): void => {
    const next = { ArrowLeft: chosenWeek - 1, ArrowRight: chosenWeek + 1, Home: 0, End: weeks.length - 1 }[event.key]
    if (next === undefined) return
    event.preventDefault()
    onChooseWeek(Math.min(weeks.length - 1, Math.max(0, next)))
  }
  // The scarcer a strand the later it is drawn: it crosses over the ample ones.
  const byRank = [...drawn].sort((a, b) => (a.centres.at(-1) ?? 0) - (b.centres.at(-1) ?? 0))
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="group"
      aria-label={labels.description}
      onPointerDown={choose}
      style={{ display: 'block', touchAction: 'pan-y' }}
    >
      <Hatches prefix={prefix} />
      {weeks.map((_, week) =>
        week % every === 0 ? (
          <g key={week}>
            <path d={`M${xs[week]} ${box.top}V${box.bottom}`} stroke="var(--hair)" strokeWidth={INK.thin} strokeDasharray="1 4" />
            <text x={xs[week]} y={height - 8} fontSize="13" textAnchor="middle" fill="var(--ink-2)">
              {labels.weeks[week]}
            </text>
          </g>
        ) : null,
      )}
      {byRank.map((ribbon) => {
        const isLimiting = ribbon.strand === limiting
        return (
          <g key={ribbon.strand} data-strand={ribbon.strand}>
            <path d={ribbon.high} fill="var(--sheet)" stroke={`var(--${ribbon.strand})`} strokeWidth={INK.thin} strokeDasharray="3 3" />
            <path d={ribbon.median} fill={`var(--${ribbon.strand}-fill)`} fillOpacity={isProvisional ? 0.25 : 0.62} />
            <path
              d={ribbon.median}
              fill={hatchFill(prefix, ribbon.strand)}
              stroke={isLimiting ? 'var(--ink)' : `var(--${ribbon.strand})`}
              strokeWidth={isLimiting ? INK.heavy : INK.medium}
            />
            <path d={ribbon.low} fill={`var(--${ribbon.strand})`} fillOpacity={isProvisional ? 0.12 : 0.38} />
          </g>
        )
      })}
      {shadow.map((ribbon) => (
        <path key={ribbon.strand} d={ribbon.median} fill="none" stroke="var(--ink)" strokeWidth={INK.medium} strokeDasharray="7 4" />
      ))}
      <path d={`M${box.left} ${box.waterline}H${box.right}`} stroke="var(--ink)" strokeWidth={INK.heavy} />
      {labels.algaeTicks.map(([gPerM2, label]) => (
        <g key={label}>
          <path d={`M${box.left} ${algaeY(box, gPerM2)}H${box.right}`} stroke="var(--hair)" strokeWidth={INK.thin} />
          <text x={box.left - 5} y={algaeY(box, gPerM2) + 4} fontSize="12" textAnchor="end" fill="var(--ink-2)">
            {label}
          </text>
        </g>
      ))}
      <path d={algaeBand(weeks, 'low', 'high')} fill={hatchFill(prefix, 'algae')} opacity={isProvisional ? 0.25 : 0.5} />
      <path
        d={algaeBand(weeks, null, 'median')}
        fill="var(--algae-fill)"
        fillOpacity="0.45"
        stroke="var(--algae)"
        strokeWidth={INK.medium}
      />
      {ghost !== null && (
        <path d={algaeBand(ghost, null, 'median')} fill="none" stroke="var(--ink)" strokeWidth={INK.medium} strokeDasharray="7 4" />
      )}
      {STRANDS.map((strand) => {
        const ribbon = drawn.find((candidate) => candidate.strand === strand)
        const y = ribbon?.centres.at(-1) ?? 0
        return (
          <g key={strand}>
            <path d={`M${box.right + 2} ${y}h7`} stroke={`var(--${strand})`} strokeWidth={INK.medium} />
            <text x={box.right + 13} y={y + 5} fontSize="16" fontWeight={strand === limiting ? 600 : 500} fill={`var(--${strand})`}>
              {labels.strand[strand]}
            </text>
          </g>
        )
      })}
      <text x={box.right + 13} y={box.waterline + 22} fontSize="16" fontWeight="500" fill="var(--algae)">
        {labels.algae}
      </text>
      <Dimension
        x1={box.left - 14}
        y1={box.top + lane * (1 - FULLNESS) * 0.5}
        x2={box.left - 14}
        y2={box.top + lane * (1 + FULLNESS) * 0.5}
        label={labels.full}
      />
      <text
        x={chosenX + (isNearEnd ? -8 : 8)}
        y={weakestY + 5}
        textAnchor={isNearEnd ? 'end' : 'start'}
        fontSize="15"
        fontWeight="600"
        fill="var(--ink)"
        stroke="var(--sheet)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {labels.weakest}
      </text>
      <g
        role="slider"
        tabIndex={0}
        aria-label={labels.chosenWeek}
        aria-valuemin={0}
        aria-valuemax={weeks.length - 1}
        aria-valuenow={chosenWeek}
        aria-valuetext={labels.weeks[chosenWeek]}
        onKeyDown={move}
        className="week-handle"
      >
        <path d={`M${chosenX} ${box.top - 6}V${box.bottom + 4}`} stroke="var(--ink)" strokeWidth={INK.medium} />
        <path d={`M${chosenX - 6} ${box.top - 8}h12l-6 8z`} fill="var(--ink)" />
      </g>
    </svg>
  )
}
