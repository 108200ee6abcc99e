import { kitWords } from '@jovrin/contract'
import { deadCells, outletReaches } from '@jovrin/core'
import { Box } from '@mui/material'
import { useId, useMemo } from 'react'
import { INK, svgPrefix } from '../../../drawing/ink.js'
import { Measured } from '../../../drawing/Measured.js'
import { PlanZones } from '../../../drawing/plan/PlanFloor.js'
import { planLayout } from '../../../drawing/plan/planLayout.js'
import { PlanJets } from '../../../drawing/plan/PlanOverlays.js'
import { PlanPieces } from '../../../drawing/plan/PlanPieces.js'
import type { SectionLayout } from '../../../drawing/section/layout.js'
import { Section } from '../../../drawing/section/Section.js'
import { Enlarged } from '../../../ui/enlarge/Enlarged.js'
import { significant, useUnits } from '../../../ui/units.js'
import { useFindings, type Desk } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { sectionLabels } from '../sectionLabels.js'
import { LabelledFloor } from '../LabelledFloor.js'
import { SheetFrame } from '../SheetFrame.js'
import { KitMargin } from './KitMargin.js'

const PLAN_HEIGHT_PX = 260

/** Filter, outlets, heat, lamps and gas, with what the jets reach from above and on the section. */
export function KitSheet({ desk }: { desk: Desk }) {
  const { plan, figures } = desk
  const { inner } = figures
  const units = useUnits()
  const prefix = svgPrefix(useId())
  const findings = useFindings(desk)
  const reaches = useMemo(() => outletReaches(plan, figures), [plan, figures])
  const dead = useMemo(() => (plan.outlets.length === 0 ? null : deadCells(plan.outlets, reaches, inner)), [plan.outlets, reaches, inner])
  return (
    <SheetFrame
      drawing={
        <>
          <Measured usual={760}>
            {(width) => {
              const layout = planLayout(inner, width, PLAN_HEIGHT_PX)
              return (
                <>
                  <Enlarged label={kitWords.frontDescription(plan.name)}>
                    {() => (
                      <Section
                        width={width}
                        plan={plan}
                        figures={figures}
                        ageDays={0}
                        hasPlants={false}
                        mostHeight={330}
                        labels={{
                          ...sectionLabels(plan, figures, units, [
                            [kitWords.turnover, significant(figures.turnoverPerH, 2)],
                            [kitWords.dead, dead === null ? '–' : units.show('fraction', dead.share)],
                          ]),
                          description: kitWords.frontDescription(plan.name),
                        }}
                        marks={(section) => (
                          <>
                            <DeadStrip layout={section} cells={dead?.cells ?? []} widthCm={inner.widthCm} />
                            <OutletMarks layout={section} desk={desk} reaches={reaches} />
                          </>
                        )}
                      />
                    )}
                  </Enlarged>
                  <Enlarged label={kitWords.planDescription(plan.name)}>
                    {() => (
                      <svg
                        viewBox={`0 0 ${layout.widthPx} ${layout.heightPx}`}
                        width="100%"
                        role="img"
                        aria-label={kitWords.planDescription(plan.name)}
                        data-px-per-cm={layout.pxPerCm}
                        style={{ display: 'block' }}
                      >
                        <LabelledFloor layout={layout} figures={figures} prefix={prefix} />
                        <g opacity="0.45">
                          <PlanZones layout={layout} zones={plan.zones} prefix={prefix} />
                        </g>
                        <PlanPieces layout={layout} pieces={plan.hardscape} prefix={prefix} isFaint />
                        <PlanJets layout={layout} outlets={plan.outlets} reachesCm={reaches} dead={dead?.cells ?? []} />
                      </svg>
                    )}
                  </Enlarged>
                </>
              )
            }}
          </Measured>
          <FindingsList tankId={desk.tankId} muted={desk.plan.muted} change={desk.change} findings={findings} sheet="kit" />
          <Box sx={{ fontSize: 13, color: 'text.secondary', mt: 1 }}>{kitWords.power}</Box>
        </>
      }
      margin={<KitMargin desk={desk} dead={dead} />}
    />
  )
}

/** Along the front view, how much of the depth no jet reaches: the darker, the more. */
function DeadStrip({ layout, cells, widthCm }: { layout: SectionLayout; cells: ReturnType<typeof deadCells>['cells']; widthCm: number }) {
  const { front, floorY, waterY, pxPerCm } = layout
  const columns = new Map<number, { readonly dxCm: number; readonly deadCm: number }>()
  for (const { xCm, dxCm, dyCm } of cells) columns.set(xCm, { dxCm, deadCm: (columns.get(xCm)?.deadCm ?? 0) + dyCm })
  return (
    <g fill="var(--algae-fill)">
      {[...columns].map(([xCm, { dxCm, deadCm }]) => (
        <rect
          key={xCm}
          x={front.innerLeft + xCm * pxPerCm}
          y={waterY}
          width={dxCm * pxPerCm}
          height={floorY - waterY}
          opacity={(0.4 * deadCm) / widthCm}
        />
      ))}
    </g>
  )
}

/** Outlets on both views, each with the part of its jet that shows there. */
function OutletMarks({ layout, desk: { plan }, reaches }: { layout: SectionLayout; desk: Desk; reaches: readonly number[] }) {
  const { front, side, floorY, pxPerCm } = layout
  return (
    <g stroke="var(--clean)" strokeWidth={INK.heavy} fill="none">
      {plan.outlets.map((outlet, index) => {
        const heading = (outlet.headingDeg * Math.PI) / 180
        const pitch = (outlet.pitchDeg * Math.PI) / 180
        const shown = Math.min(reaches[index] ?? 0, 30) * pxPerCm
        const y = floorY - outlet.zCm * pxPerCm
        const dy = -Math.sin(pitch) * shown
        const arrow = (x: number, dx: number): string => `M${x} ${y}l${dx.toFixed(1)} ${dy.toFixed(1)}`
        return (
          <g key={outlet.id}>
            <circle cx={front.innerLeft + outlet.xCm * pxPerCm} cy={y} r="4" fill="var(--sheet)" />
            <path d={arrow(front.innerLeft + outlet.xCm * pxPerCm, Math.cos(heading) * Math.cos(pitch) * shown)} strokeDasharray="7 3" />
            <circle cx={side.innerLeft + outlet.yCm * pxPerCm} cy={y} r="4" fill="var(--sheet)" />
            <path d={arrow(side.innerLeft + outlet.yCm * pxPerCm, Math.sin(heading) * Math.cos(pitch) * shown)} strokeDasharray="7 3" />
          </g>
        )
      })}
    </g>
  )
}
