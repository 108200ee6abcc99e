import {
  clockOf,
  commonAnswers,
  DAY_MIN,
  type DayCurve,
  type DayEdge,
  edgeMinutes,
  lightDayTable,
  minutesOf,
  moveEdge,
  type Plan,
  SNAP_MIN,
} from '@jovrin/core'
import { useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { INK } from '../ink.js'
import { partsOfDay } from './partsOfDay.js'

export interface DayStripLabels {
  readonly description: string
  readonly lanes: {
    readonly light: string
    readonly gas: string
    readonly feed: string
    readonly co2: string
    readonly pH: string
    readonly oxygen: string
  }
  readonly edges: Readonly<Record<DayEdge, string>>
  readonly format: (value: number, digits: number) => string
}

interface DayStripProps {
  readonly plan: Plan
  readonly labels: DayStripLabels
  /** The resulting day, or `null` while there is none. */
  readonly curve: DayCurve | null
  readonly ghost?: DayCurve | null
  /** Left out: the strip is only read. `isFinal` marks the end of a gesture. */
  readonly onMove?: (plan: Plan, isFinal: boolean) => void
  /** Which edges may be moved; all of them unless said. */
  readonly edges?: readonly DayEdge[]
  readonly width?: number
}

const LEFT = 62
const RIGHT = 40
const LIGHT_TOP = 16
const LIGHT_H = 40
const GAS_TOP = 62
const GAS_H = 14
const FEED_Y = 88
const PLOTS_TOP = 100
const PLOT_H = 40
const PLOT_GAP = 6
const EDGES: readonly DayEdge[] = ['lightOn', 'ramp', 'lightOff', 'gasOn', 'gasOff']
const PAGE_MIN = 30
/** Below this the hours are lettered every six. */
const NARROW_PX = 560

/** A day on one band: light with its ramps, gas, feed, and the CO2, pH and oxygen that follow. Edges are dragged or moved with the arrow keys. */
export function DayStrip({ plan, labels, curve, ghost = null, onMove, edges = EDGES, width = 840 }: DayStripProps) {
  const svg = useRef<SVGSVGElement>(null)
  const moved = useRef<Plan | null>(null)
  const tick = width < NARROW_PX ? 360 : 180
  const height = PLOTS_TOP + (curve === null ? 0 : 3 * (PLOT_H + PLOT_GAP)) + 2
  const x = (minutes: number): number => LEFT + ((width - LEFT - RIGHT) * minutes) / DAY_MIN
  const minutesAt = (clientX: number): number => {
    const rect = svg.current?.getBoundingClientRect()
    if (!rect) return 0
    return Math.min(Math.max((((clientX - rect.left) / rect.width) * width - LEFT) / (width - LEFT - RIGHT), 0), 0.9999) * DAY_MIN
  }
  const drag = (edge: DayEdge) => ({
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId)
      moved.current = plan
    },
    onPointerMove: (event: PointerEvent<SVGGElement>) => {
      if (moved.current === null) return
      moved.current = moveEdge(plan, edge, minutesAt(event.clientX))
      onMove?.(moved.current, false)
    },
    onPointerUp: () => {
      if (moved.current !== null) onMove?.(moved.current, true)
      moved.current = null
    },
    onKeyDown: (event: KeyboardEvent) => {
      const step = {
        ArrowLeft: -SNAP_MIN,
        ArrowRight: SNAP_MIN,
        ArrowDown: -SNAP_MIN,
        ArrowUp: SNAP_MIN,
        PageDown: -PAGE_MIN,
        PageUp: PAGE_MIN,
      }[event.key]
      const now = edgeMinutes(plan, edge)
      if (step === undefined || now === null) return
      event.preventDefault()
      onMove?.(moveEdge(plan, edge, now + step), true)
    },
  })
  const shares = lightDayTable(
    plan.lightWindows.map((window) => ({ onMin: minutesOf(window.on), minutes: window.hours * 60, rampMin: window.rampMin })),
    5,
  )
  const power = Math.max(0, ...plan.lamps.map(({ dimFraction }) => commonAnswers().number('lamps/*/dimFraction', dimFraction)))
  const lightPath = `M${x(0)} ${LIGHT_TOP + LIGHT_H}${Array.from(shares, (share, index) => `L${x((index + 0.5) * 5).toFixed(1)} ${(LIGHT_TOP + LIGHT_H * (1 - share * power)).toFixed(1)}`).join('')}L${x(DAY_MIN)} ${LIGHT_TOP + LIGHT_H}Z`
  const gas = plan.gasLines.find((line) => line.control !== 'none')
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="group"
      aria-label={labels.description}
      style={{ display: 'block', touchAction: 'pan-y' }}
    >
      {Array.from({ length: DAY_MIN / tick + 1 }, (_, index) => index * tick).map((minutes) => (
        <g key={minutes}>
          <path d={`M${x(minutes)} ${LIGHT_TOP}V${height}`} stroke="var(--hair)" strokeWidth={INK.thin} strokeDasharray="1 4" />
          <text x={x(minutes)} y="11" fontSize="12" textAnchor="middle" fill="var(--ink-2)">
            {minutes === DAY_MIN ? '24:00' : clockOf(minutes)}
          </text>
        </g>
      ))}
      <LaneName y={LIGHT_TOP + 25} text={labels.lanes.light} colour="var(--light)" />
      <path d={`M${x(0)} ${LIGHT_TOP + LIGHT_H}H${x(DAY_MIN)}`} stroke="var(--hair)" strokeWidth={INK.thin} />
      <path
        d={lightPath}
        fill="var(--light-fill)"
        fillOpacity="0.6"
        stroke="var(--light)"
        strokeWidth={INK.medium}
        strokeLinejoin="round"
      />
      <LaneName y={GAS_TOP + 12} text={labels.lanes.gas} colour="var(--carbon)" />
      {gas !== undefined &&
        plan.lightWindows.flatMap((window) =>
          partsOfDay(minutesOf(window.on) - gas.beforeLightMin, window.hours * 60 + gas.beforeLightMin - gas.beforeDarkMin).map(
            ([from, to]) => (
              <g key={`${window.id}-${from}`}>
                <rect
                  x={x(from)}
                  y={GAS_TOP}
                  width={Math.max(x(to) - x(from), 0)}
                  height={GAS_H}
                  fill="var(--carbon-fill)"
                  fillOpacity="0.6"
                  stroke="var(--carbon)"
                  strokeWidth={INK.medium}
                />
                {Array.from({ length: Math.max(0, Math.floor((x(to) - x(from)) / 12)) }, (_, index) => (
                  <circle
                    key={index}
                    cx={x(from) + 7 + index * 12}
                    cy={GAS_TOP + 7}
                    r="2"
                    fill="none"
                    stroke="var(--carbon)"
                    strokeWidth={INK.thin}
                  />
                ))}
              </g>
            ),
          ),
        )}
      <LaneName y={FEED_Y + 4} text={labels.lanes.feed} colour="var(--feed)" />
      {plan.feeding !== 'none' && plan.lightWindows[0] !== undefined && (
        <path
          d={`M${x(minutesOf(plan.lightWindows[0].on))} ${FEED_Y - 5}l4 5l-4 5l-4-5z`}
          fill="var(--feed-fill)"
          stroke="var(--feed)"
          strokeWidth={INK.medium}
        />
      )}
      {curve !== null && (
        <>
          <Plot
            top={PLOTS_TOP}
            x={x}
            values={curve.co2MgPerL}
            ghost={ghost?.co2MgPerL ?? null}
            name={labels.lanes.co2}
            colour="var(--carbon)"
            digits={0}
            format={labels.format}
            least={30}
            from={0}
          />
          <Plot
            top={PLOTS_TOP + PLOT_H + PLOT_GAP}
            x={x}
            values={curve.pH}
            ghost={ghost?.pH ?? null}
            name={labels.lanes.pH}
            colour="var(--ink)"
            digits={1}
            format={labels.format}
            least={1}
            from={null}
          />
          <Plot
            top={PLOTS_TOP + 2 * (PLOT_H + PLOT_GAP)}
            x={x}
            values={curve.oxygenMgPerL}
            ghost={ghost?.oxygenMgPerL ?? null}
            name={labels.lanes.oxygen}
            colour="var(--clean)"
            digits={1}
            format={labels.format}
            least={4}
            from={null}
          />
        </>
      )}
      {onMove !== undefined &&
        edges.map((edge) => {
          const minutes = edgeMinutes(plan, edge)
          if (minutes === null) return null
          const isGas = edge === 'gasOn' || edge === 'gasOff'
          const top = isGas ? GAS_TOP - 3 : edge === 'ramp' ? LIGHT_TOP + LIGHT_H * (1 - power) - 9 : LIGHT_TOP - 2
          const tall = isGas ? GAS_H + 6 : edge === 'ramp' ? 11 : LIGHT_H + 4
          return (
            <g
              key={edge}
              role="slider"
              tabIndex={0}
              aria-label={labels.edges[edge]}
              aria-valuemin={0}
              aria-valuemax={DAY_MIN}
              aria-valuenow={Math.round(minutes)}
              aria-valuetext={clockOf(minutes)}
              style={{ cursor: 'ew-resize', touchAction: 'none' }}
              {...drag(edge)}
            >
              <rect x={x(minutes) - 9} y={top} width="18" height={tall} fill="transparent" />
              <rect
                x={x(minutes) - 2.5}
                y={top}
                width="5"
                height={tall}
                fill="var(--sheet)"
                stroke={isGas ? 'var(--carbon)' : 'var(--light)'}
                strokeWidth={INK.medium}
              />
            </g>
          )
        })}
    </svg>
  )
}

function LaneName({ y, text, colour }: { y: number; text: string; colour: string }) {
  return (
    <text x="2" y={y} fontSize="14" fontWeight="500" fill={colour}>
      {text}
    </text>
  )
}

interface PlotProps {
  readonly top: number
  readonly x: (minutes: number) => number
  readonly values: Float64Array
  readonly ghost: Float64Array | null
  readonly name: string
  readonly colour: string
  readonly digits: number
  readonly format: (value: number, digits: number) => string
  /** Smallest span of the axis, so that a flat day looks flat. */
  readonly least: number
  readonly from: number | null
}

function Plot({ top, x, values, ghost, name, colour, digits, format, least, from }: PlotProps) {
  const all = [...values, ...(ghost ?? [])]
  const high = Math.max(...all)
  const low = from ?? Math.min(...all)
  const middle = (high + low) / 2
  const span = Math.max(high - low, least)
  const base = from ?? middle - span / 2
  const y = (value: number): number => top + PLOT_H - 3 - ((value - base) / span) * (PLOT_H - 6)
  const path = (series: Float64Array): string =>
    Array.from(
      series,
      (value, index) => `${index === 0 ? 'M' : 'L'}${x(((index + 0.5) * DAY_MIN) / series.length).toFixed(1)} ${y(value).toFixed(1)}`,
    ).join('')
  const peak = values.indexOf(Math.max(...values))
  const dip = values.indexOf(Math.min(...values))
  const label = (index: number, isAbove: boolean) => (
    <text
      x={x(((index + 0.5) * DAY_MIN) / values.length)}
      y={y(values[index] ?? 0) + (isAbove ? -2.5 : 11)}
      fontSize="12"
      textAnchor="middle"
      fill={colour}
      stroke="var(--sheet)"
      strokeWidth="3"
      paintOrder="stroke"
    >
      {format(values[index] ?? 0, digits)}
    </text>
  )
  return (
    <g>
      <path d={`M${x(0)} ${top + PLOT_H}H${x(DAY_MIN)}`} stroke="var(--hair)" strokeWidth={INK.thin} />
      <LaneName y={top + PLOT_H / 2 + 5} text={name} colour={colour} />
      {ghost !== null && <path d={path(ghost)} fill="none" stroke="var(--ink)" strokeWidth={INK.thin} strokeDasharray="5 3" />}
      <path d={path(values)} fill="none" stroke={colour} strokeWidth={INK.medium * 1.3} />
      {label(peak, y(values[peak] ?? 0) > top + 14)}
      {label(dip, y(values[dip] ?? 0) > top + PLOT_H - 10)}
    </g>
  )
}
