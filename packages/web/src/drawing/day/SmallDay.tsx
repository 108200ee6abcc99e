import { minutesOf, type Plan } from '@jovrin/core'
import { INK } from '../ink.js'
import { partsOfDay } from './partsOfDay.js'

const WIDTH = 124
const HEIGHT = 22

/** The day strip of a tank's header: light above, gas below, without handles. */
export function SmallDay({ plan, description }: { plan: Plan; description: string }) {
  const x = (minutes: number): number => 1 + ((WIDTH - 2) * minutes) / 1440
  const gas = plan.gasLines.find((line) => line.control !== 'none')
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width={WIDTH} height={HEIGHT} role="img" aria-label={description} style={{ display: 'block' }}>
      <path d={`M1 21H${WIDTH - 1}M1 18v3M${x(720)} 18v3M${WIDTH - 1} 18v3`} stroke="var(--ink-2)" strokeWidth={INK.thin} />
      {plan.lightWindows.flatMap((window) =>
        partsOfDay(minutesOf(window.on), window.hours * 60).map(([from, to]) => (
          <rect
            key={`${window.id}${from}`}
            x={x(from)}
            y="2"
            width={x(to) - x(from)}
            height="10"
            fill="var(--light-fill)"
            stroke="var(--light)"
            strokeWidth={INK.thin}
          />
        )),
      )}
      {gas !== undefined &&
        plan.lightWindows.flatMap((window) =>
          partsOfDay(minutesOf(window.on) - gas.beforeLightMin, window.hours * 60 + gas.beforeLightMin - gas.beforeDarkMin).map(
            ([from, to]) => (
              <rect
                key={`${window.id}${from}`}
                x={x(from)}
                y="14"
                width={x(to) - x(from)}
                height="4"
                fill="var(--carbon-fill)"
                stroke="var(--carbon)"
                strokeWidth={INK.thin}
              />
            ),
          ),
        )}
    </svg>
  )
}
