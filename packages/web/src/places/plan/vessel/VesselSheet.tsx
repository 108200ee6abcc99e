import { figureWords, vesselWords } from '@jovrin/contract'
import {
  cornersOf,
  evaporationOf,
  filledKg,
  floorRemark,
  levelOf,
  type Masses,
  openAllWater,
  openDisplaced,
  openEvaporation,
  openFill,
  openGross,
  openGroundVolume,
  openOpenWater,
  openPane,
  openPoreWater,
  openWeights,
  USUAL_SAFETY,
} from '@jovrin/core'
import { Box } from '@mui/material'
import { Measured } from '../../../drawing/Measured.js'
import { Section } from '../../../drawing/section/Section.js'
import { TiltedWater } from '../../../drawing/section/TiltedWater.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import { decimals, significant, useUnits } from '../../../ui/units.js'
import { useFindings, type Desk } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { sectionLabels } from '../sectionLabels.js'
import { SheetFrame } from '../SheetFrame.js'
import { SumFigure } from '../../shared/SumFigure.js'
import { VesselFields } from './VesselFields.js'

/** A tilt of millimetres is drawn so many times as steep, to be seen. */
const EXAGGERATION = 20

/** Glass, weight, level and place, drawn and reckoned. */
export function VesselSheet({ desk }: { desk: Desk }) {
  const { plan, figures } = desk
  const units = useUnits()
  const findings = useFindings(desk)
  const corners = cornersOf(plan)
  const level = corners === null ? null : levelOf(corners, figures.vessel)
  return (
    <SheetFrame
      drawing={
        <>
          <Measured usual={760}>
            {(width) => (
              <Section
                width={width}
                plan={plan}
                figures={figures}
                ageDays={0}
                hasPlants={false}
                mostHeight={470}
                labels={{
                  ...sectionLabels(plan, figures, units, [
                    [vesselWords.net, units.show('volume', figures.volumes.netWaterL)],
                    [vesselWords.total, units.show('mass', filledKg(plan, figures))],
                  ]),
                  description: vesselWords.description(plan.name),
                }}
                marks={(layout) =>
                  level !== null && (
                    <TiltedWater layout={layout} level={level} exaggeration={EXAGGERATION} label={vesselWords.exaggerated} />
                  )
                }
              />
            )}
          </Measured>
          <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, columnGap: 3, rowGap: 1 }}>
            <Volumes desk={desk} />
            <Weights desk={desk} />
          </Box>
          <FindingsList tankId={desk.tankId} muted={desk.plan.muted} change={desk.change} findings={findings} sheet="vessel" />
          <Box sx={{ fontSize: 13, color: 'text.secondary', mt: 1 }}>{vesselWords.caution}</Box>
        </>
      }
      margin={<VesselFields desk={desk} level={level} />}
    />
  )
}

const Row = ({ name, children, isStrong = false }: { name: string; children: React.ReactNode; isStrong?: boolean }) => (
  <tr style={isStrong ? { fontWeight: 600, borderTop: '1px solid var(--ink)' } : undefined}>
    <td style={isStrong ? { fontWeight: 600 } : undefined}>{name}</td>
    <td style={{ textAlign: 'right' }}>{children}</td>
  </tr>
)

function Volumes({ desk: { plan, figures } }: { desk: Desk }) {
  const units = useUnits()
  const { volumes, inner } = figures
  const text = vesselWords
  const pane = openPane(plan, figures)
  const evaporation = openEvaporation(plan, figures)
  const { mmPerDay, litresPerDay } = evaporationOf(figures)
  return (
    <MarginTable caption={text.volumes}>
      <Row name={text.gross}>
        <SumFigure sum={openGross(plan, figures)} />
      </Row>
      <Row
        name={text.inside}
      >{`${units.show('length', inner.lengthCm)} × ${units.show('length', inner.widthCm)} × ${units.show('length', inner.heightCm)}`}</Row>
      <Row name={text.fill}>
        <SumFigure sum={openFill(plan, figures)} />
      </Row>
      <Row name={text.ground}>
        − <SumFigure sum={openGroundVolume(figures.layers, volumes.groundL)} />
      </Row>
      <Row name={text.hardscape}>
        − <SumFigure sum={openDisplaced(figures.pieces, volumes.hardscapeL)} />
      </Row>
      <Row name={text.open} isStrong>
        <SumFigure sum={openOpenWater(plan, figures)} />
      </Row>
      <Row name={text.pore}>
        <SumFigure sum={openPoreWater(figures.layers, volumes.poreWaterL)} />
      </Row>
      <Row name={text.net}>
        <SumFigure sum={openAllWater(volumes)} />
      </Row>
      <Row name={text.pane}>
        <SumFigure sum={pane}>{text.paneTold(decimals(pane.result.value, 1), decimals(USUAL_SAFETY, 1))}</SumFigure>
      </Row>
      <Row name={text.evaporation}>
        <SumFigure sum={evaporation}>
          {text.evaporationTold(
            units.show('thickness', mmPerDay, 2),
            units.show('volume', litresPerDay, 2),
            `${significant((100 * litresPerDay) / figures.waterL, 2)} %`,
          )}
        </SumFigure>
      </Row>
      <tr>
        <td colSpan={2} style={{ color: 'var(--ink-2)', fontSize: 13 }}>
          {text.topUp(units.show('volume', litresPerDay * 7, 2))} {(plan.vessel.top ?? 'open') === 'open' ? text.spill : ''}
        </td>
      </tr>
    </MarginTable>
  )
}

function Weights({ desk: { plan, figures } }: { desk: Desk }) {
  const units = useUnits()
  const text = vesselWords
  const { isAssumed, parts, total, load, pressure, perFootKg } = openWeights(plan, figures)
  const isOnBase = (plan.stand.rests ?? 'base') === 'base'
  return (
    <MarginTable caption={text.masses}>
      {(Object.keys(parts) as (keyof Masses)[]).map((part) => (
        <Row key={part} name={`${text.massOf[part]}${isAssumed(part) ? ` (${figureWords.from.assumed})` : ''}`}>
          <SumFigure sum={parts[part]} />
        </Row>
      ))}
      <Row name={text.total} isStrong>
        <SumFigure sum={total} />
      </Row>
      <Row name={text.load}>
        <SumFigure sum={load} />
      </Row>
      <Row name={isOnBase ? text.onBase : text.perFoot}>
        <SumFigure sum={pressure}>
          {isOnBase ? units.tell(pressure.result) : `${units.show('mass', perFootKg)} · ${units.tell(pressure.result)}`}
        </SumFigure>
      </Row>
      <tr>
        <td colSpan={2} style={{ color: 'var(--ink-2)', fontSize: 13 }}>
          {text.remark[floorRemark(total.result.value, plan.stand.floor)]}
        </td>
      </tr>
    </MarginTable>
  )
}
