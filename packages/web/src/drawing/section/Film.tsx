import { INK } from '../ink.js'
import type { SectionLayout, View } from './layout.js'

/** Of the width, left open for air. */
const OPEN = 0.08
const DROPS = 9

/** A film over the rim that sags a little, open at one side, with drops under it. */
export function Film({ view, layout }: { readonly view: View; readonly layout: SectionLayout }) {
  const { rimY, pxPerCm } = layout
  const width = view.innerRight - view.innerLeft
  const right = view.innerRight - width * OPEN
  const sag = Math.min(8, 0.8 * pxPerCm)
  const middle = (view.innerLeft + right) / 2
  return (
    <g data-mark="film">
      <path
        d={`M${view.left - 2} ${rimY - 1}Q${middle} ${rimY + 2 * sag} ${right} ${rimY - 1}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={INK.medium}
        strokeDasharray="6 2"
      />
      {Array.from({ length: DROPS }, (_, at) => {
        const share = (at + 0.5) / DROPS
        const x = view.innerLeft + (right - view.innerLeft) * share
        const y = rimY + 2 * sag * 2 * share * (1 - share) + 4 + (at % 3) * 2
        return <circle key={at} cx={x} cy={y} r={1.1} fill="var(--clean)" />
      })}
    </g>
  )
}
