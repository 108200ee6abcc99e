import type { Diffuser, GasControl, Regulator } from '@jovrin/core'
import { INK } from '../ink.js'

/** Parts of the line in the order of the gas. */
export const KIT_PARTS = ['cylinder', 'regulator', 'valve', 'needle', 'counter', 'check', 'diffuser'] as const
export type KitPart = (typeof KIT_PARTS)[number]

interface KitLineProps {
  readonly width: number
  readonly description: string
  readonly regulator: Regulator | null
  readonly diffuser: Diffuser | null
  readonly control: GasControl
  /** Of another tank's cylinder only the end of its line is seen. */
  readonly isShared: boolean
  readonly labels: Readonly<Record<KitPart, string>>
}

const HEIGHT = 230
const LINE_Y = 92
/** From the hose of the filter to the pane. */
const HOSE_PX = 12
const LABEL_Y = HEIGHT - 14

/** The kit from the cylinder to the water, as parts of one line; not to scale. */
export function KitLine({ width, description, regulator, diffuser, control, isShared, labels }: KitLineProps) {
  const step = width / KIT_PARTS.length
  const at = (part: KitPart): number => step * (KIT_PARTS.indexOf(part) + 0.5)
  const tank = { left: at('diffuser') - step * 0.4, right: Math.min(width - 4, at('diffuser') + step * 0.42), top: 40, bottom: 184 }
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={description}
      data-testid="kit-line"
      style={{ display: 'block' }}
    >
      <path
        d={`M${at('cylinder')} ${LINE_Y}H${(diffuser ?? 'in-tank') === 'in-tank' ? at('diffuser') : tank.left - HOSE_PX}`}
        stroke="var(--carbon)"
        strokeWidth={INK.heavy}
        fill="none"
      />
      <Cylinder x={at('cylinder')} isShared={isShared} />
      <Regulating x={at('regulator')} stages={regulator === 'dual' ? 2 : 1} />
      <g stroke="var(--ink)" strokeWidth={INK.medium} fill="var(--sheet)">
        <rect x={at('valve') - 16} y={LINE_Y - 12} width="32" height="24" />
        <rect x={at('valve') - 9} y={LINE_Y - 36} width="18" height="24" />
        <path d={`M${at('valve') - 9} ${LINE_Y - 30}h18M${at('valve') - 9} ${LINE_Y - 24}h18M${at('valve') - 9} ${LINE_Y - 18}h18`} />
        <path d={`M${at('valve')} ${LINE_Y - 36}v-14h14`} fill="none" />
        {control === 'controller' && <circle cx={at('valve') + 20} cy={LINE_Y - 50} r="7" />}
        {control !== 'controller' && (
          <>
            <circle cx={at('valve') + 20} cy={LINE_Y - 50} r="9" />
            <path d={`M${at('valve') + 20} ${LINE_Y - 50}v-6M${at('valve') + 20} ${LINE_Y - 50}h4`} fill="none" />
          </>
        )}
        <path d={`M${at('needle') - 14} ${LINE_Y - 11}v22l14 -11zM${at('needle') + 14} ${LINE_Y - 11}v22l-14 -11z`} />
        <path d={`M${at('needle')} ${LINE_Y}v-26M${at('needle') - 9} ${LINE_Y - 26}h18`} fill="none" />
        <path d={`M${at('counter') - 11} ${LINE_Y - 24}h22v48h-22z`} />
        <path d={`M${at('counter') - 11} ${LINE_Y - 12}h22v36h-22z`} fill="var(--carbon-fill)" stroke="none" />
        <circle cx={at('counter') - 2} cy={LINE_Y + 14} r="3" />
        <circle cx={at('counter') + 2} cy={LINE_Y + 3} r="3.5" />
        <circle cx={at('counter') - 1} cy={LINE_Y - 8} r="4" />
        <path d={`M${at('check') - 12} ${LINE_Y - 11}v22l20 -11zM${at('check') + 9} ${LINE_Y - 11}v22`} />
      </g>
      <g stroke="var(--ink)" fill="none">
        <path d={`M${tank.left} ${tank.top}V${tank.bottom}H${tank.right}V${tank.top}`} strokeWidth={INK.heavy} />
        <path d={`M${tank.left} ${tank.top + 14}H${tank.right}`} stroke="var(--clean)" strokeWidth={INK.medium} />
      </g>
      <Ending x={at('diffuser')} tank={tank} diffuser={diffuser ?? 'in-tank'} />
      {KIT_PARTS.map((part) => (
        <text key={part} x={at(part)} y={LABEL_Y} fontSize="12.5" textAnchor="middle" fill="var(--ink)">
          {labels[part]}
        </text>
      ))}
    </svg>
  )
}

/** Upright and chained. */
const Cylinder = ({ x, isShared }: { readonly x: number; readonly isShared: boolean }) => (
  <g stroke="var(--ink)" strokeWidth={INK.medium} fill="var(--sheet)" strokeDasharray={isShared ? '4 3' : undefined}>
    <path d={`M${x - 20} 196V128q0 -18 14 -22v-8h12v8q14 4 14 22v68z`} />
    <path d={`M${x - 6} 98h12v-10h-12z`} />
    {!isShared && <path d={`M${x - 30} 150h60M${x - 30} 146v8M${x + 30} 146v8`} fill="none" />}
  </g>
)

const Regulating = ({ x, stages }: { readonly x: number; readonly stages: 1 | 2 }) => (
  <g stroke="var(--ink)" strokeWidth={INK.medium} fill="var(--sheet)">
    {Array.from({ length: stages }, (_, stage) => {
      const middle = x + (stage - (stages - 1) / 2) * 30
      return <path key={stage} d={`M${middle - 13} ${LINE_Y - 13}h26v26h-26zM${middle - 13} ${LINE_Y + 13}l26 -26`} />
    })}
    {[-15, 15].map((side) => (
      <g key={side}>
        <path d={`M${x + side} ${LINE_Y - 13}v-12`} />
        <circle cx={x + side} cy={LINE_Y - 36} r="11" />
        <path d={`M${x + side} ${LINE_Y - 36}l5 -6`} />
      </g>
    ))}
  </g>
)

interface EndingProps {
  readonly x: number
  readonly tank: { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number }
  readonly diffuser: Diffuser
}
/** Where the gas meets the water. */
function Ending({ x, tank, diffuser }: EndingProps) {
  const mist = (left: number, top: number) => (
    <g fill="none" stroke="var(--carbon)">
      {[
        [0, 0, 2],
        [9, -9, 1.6],
        [-8, -14, 1.6],
        [3, -24, 1.3],
        [12, -32, 1.1],
      ].map(([dx, dy, r]) => (
        <circle key={dy} cx={left + (dx ?? 0)} cy={top + (dy ?? 0)} r={r} />
      ))}
    </g>
  )
  if (diffuser === 'in-tank')
    return (
      <g>
        <path d={`M${x} ${LINE_Y}V168`} stroke="var(--carbon)" strokeWidth={INK.heavy} />
        <path d={`M${x - 14} 168h28v7h-28z`} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={INK.medium} />
        {mist(x, 156)}
      </g>
    )
  const inside = tank.left - HOSE_PX
  return (
    <g stroke="var(--ink)" strokeWidth={INK.medium} fill="var(--sheet)">
      <path d={`M${inside} 200V24H${tank.left + 20}V64`} fill="none" strokeWidth={INK.heavy} stroke="var(--clean)" />
      <rect
        x={inside - (diffuser === 'reactor' ? 12 : 7)}
        y={LINE_Y - (diffuser === 'reactor' ? 40 : 16)}
        width={diffuser === 'reactor' ? 24 : 14}
        height={diffuser === 'reactor' ? 88 : 32}
      />
      {diffuser === 'reactor' && mist(inside, LINE_Y + 20)}
      {diffuser === 'in-line' && mist(tank.left + 24, 100)}
    </g>
  )
}
