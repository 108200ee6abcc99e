import { lightWords } from '@jovrin/contract'
import { levelLight, lightScore, tankFigures, type Lamp, type LightView } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useMemo } from 'react'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { useKeptState } from '../../../../ui/useKeptState.js'
import { useUnits } from '../../../../ui/units.js'
import { useSettled, type Desk } from '../../desk.js'
import { LightMap } from './LightMap.js'

/** Lamps held beside those of the plan, to compare; kept while the page is open, over a reload too. */
export interface HeldLamps {
  readonly lamps: readonly Lamp[] | null
  readonly hold: (lamps: readonly Lamp[] | null) => void
}
export function useHeldLamps(tankId: string): HeldLamps {
  // What this page kept itself.
  const [lamps, hold] = useKeptState<readonly Lamp[] | null>(`jovrin.heldLamps.${tankId}`, null, (kept) =>
    Array.isArray(kept) ? (kept as readonly Lamp[]) : null,
  )
  return { lamps, hold }
}

interface HeldMapProps {
  readonly desk: Desk
  readonly lamps: readonly Lamp[]
  readonly view: LightView
  readonly width: number
  readonly mostHeight: number
}

export function HeldMap({ desk: { plan }, lamps, view, width, mostHeight }: HeldMapProps) {
  const held = useMemo(() => ({ ...plan, lamps }), [plan, lamps])
  const figures = useMemo(() => tankFigures(held), [held])
  return (
    <div>
      <Box className="lettering" sx={{ fontSize: 14 }}>
        {lightWords.sideA}
      </Box>
      <LightMap
        plan={held}
        figures={figures}
        view={view}
        picture={null}
        width={width}
        mostHeight={mostHeight}
        description={`${lightWords.sideA}: ${lightWords.planDescription(plan.name)}`}
      />
    </div>
  )
}

/** Both in figures; hold, go back, let go. */
export function SideBySide({ desk: newest, held: { lamps, hold } }: { readonly desk: Desk; readonly held: HeldLamps }) {
  const units = useUnits()
  const { plan, figures, change } = useSettled(newest)
  const rows = useMemo(() => {
    if (lamps === null) return []
    const of = (one: typeof plan, its: typeof figures) => ({
      ppfd: its.ppfd,
      daily: its.dliMolPerM2,
      even: levelLight(its).evenness,
      watts: its.lampW,
      ...lightScore(one, its),
    })
    const then = { ...plan, lamps }
    const [a, b] = [of(then, tankFigures(then)), of(plan, figures)]
    return [
      [lightWords.mean, units.show('ppfd', a.ppfd, 2), units.show('ppfd', b.ppfd, 2)],
      [lightWords.evenness, units.show('ratio', a.even, 2), units.show('ratio', b.even, 2)],
      [lightWords.daily, units.show('dailyLight', a.daily, 2), units.show('dailyLight', b.daily, 2)],
      [lightWords.sideWatts, units.show('power', a.watts, 2), units.show('power', b.watts, 2)],
      [lightWords.sideDim, String(a.dim), String(b.dim)],
    ] as const
  }, [lamps, plan, figures, units])
  return (
    <section aria-labelledby="light-side">
      <Box component="h2" id="light-side" className="lettering" sx={{ fontSize: 16, m: 0, borderBottom: '1px solid var(--ink)' }}>
        {lightWords.side}
      </Box>
      {lamps === null ? (
        <>
          <Box sx={{ fontSize: 14, my: 0.5 }}>{lightWords.sideHint}</Box>
          <Button onClick={() => hold(plan.lamps)}>{lightWords.sideHold}</Button>
        </>
      ) : (
        <>
          <Box
            component="table"
            className="figures"
            sx={{ width: '100%', fontSize: 14, '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' } }}
          >
            <HeadRow heads={lightWords.sideHead} />
            <tbody>
              {rows.map(([name, a, b]) => (
                <tr key={name}>
                  <td>{name}</td>
                  <td>{a}</td>
                  <td>{b}</td>
                </tr>
              ))}
            </tbody>
          </Box>
          <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
            <Button onClick={() => change((now) => ({ ...now, lamps }))}>{lightWords.sideBack}</Button>
            <Button onClick={() => hold(null)}>{lightWords.sideDrop}</Button>
          </Box>
        </>
      )}
    </section>
  )
}
