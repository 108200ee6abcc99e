import { enFigure, enVessel } from '@jovrin/contract'
import { cornersOf, filledKg, floorRemark, levelOf, USUAL_SAFETY, type Masses } from '@jovrin/core'
import { Box } from '@mui/material'
import { Measured } from '../../../drawing/Measured.js'
import { Section } from '../../../drawing/section/Section.js'
import { TiltedWater } from '../../../drawing/section/TiltedWater.js'
import { Figure } from '../../../ui/Figure.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import { decimals, significant, useUnits } from '../../../ui/units.js'
import { useFindings, type Desk } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { sectionLabels } from '../sectionLabels.js'
import { SheetFrame } from '../SheetFrame.js'
import { explainEvaporation, explainPane, explainVolumes, explainWeights, type VolumeRow } from './explainVessel.js'
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
                    [enVessel.net, units.show('volume', figures.volumes.netWaterL)],
                    [enVessel.total, units.show('mass', filledKg(plan, figures))],
                  ]),
                  description: enVessel.description(plan.name),
                }}
                marks={(layout) =>
                  level !== null && <TiltedWater layout={layout} level={level} exaggeration={EXAGGERATION} label={enVessel.exaggerated} />
                }
              />
            )}
          </Measured>
          <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, columnGap: 3, rowGap: 1 }}>
            <Volumes desk={desk} />
            <Weights desk={desk} />
          </Box>
          <FindingsList tankId={desk.tankId} muted={desk.plan.muted} change={desk.change} findings={findings} sheet="vessel" />
          <Box sx={{ fontSize: 13, color: 'text.secondary', mt: 1 }}>{enVessel.caution}</Box>
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
  const text = enVessel
  const explained = explainVolumes(plan, figures, units)
  const pane = explainPane(plan, figures, units)
  const { mmPerDay, lostL, explained: evaporation } = explainEvaporation(plan, figures, units)
  const litres = (row: VolumeRow, value: number): React.ReactNode => (
    <Figure explained={explained[row]}>{units.show('volume', value)}</Figure>
  )
  return (
    <MarginTable caption={text.volumes}>
      <Row name={text.gross}>{litres('gross', volumes.outerL)}</Row>
      <Row
        name={text.inside}
      >{`${units.show('length', inner.lengthCm)} × ${units.show('length', inner.widthCm)} × ${units.show('length', inner.heightCm)}`}</Row>
      <Row name={text.fill}>{litres('fill', volumes.fillL)}</Row>
      <Row name={text.ground}>− {litres('ground', volumes.groundL)}</Row>
      <Row name={text.hardscape}>− {litres('hardscape', volumes.hardscapeL)}</Row>
      <Row name={text.open} isStrong>
        {litres('open', volumes.openWaterL)}
      </Row>
      <Row name={text.pore}>{litres('pore', volumes.poreWaterL)}</Row>
      <Row name={text.net}>{litres('net', volumes.netWaterL)}</Row>
      <Row name={text.pane}>
        <Figure explained={pane.explained}>{text.paneTold(decimals(pane.factor, 1), decimals(USUAL_SAFETY, 1))}</Figure>
      </Row>
      <Row name={text.evaporation}>
        <Figure explained={evaporation}>
          {text.evaporationTold(
            `${significant(mmPerDay, 2)} mm`,
            units.show('volume', lostL, 2),
            `${significant((100 * lostL) / figures.waterL, 2)} %`,
          )}
        </Figure>
      </Row>
      <tr>
        <td colSpan={2} style={{ color: 'var(--ink-2)', fontSize: 13 }}>
          {text.topUp(units.show('volume', lostL * 7, 2))} {(plan.vessel.top ?? 'open') === 'open' ? text.spill : ''}
        </td>
      </tr>
    </MarginTable>
  )
}

function Weights({ desk: { plan, figures } }: { desk: Desk }) {
  const units = useUnits()
  const text = enVessel
  const { masses, kg, perM2, foot, isAssumed, parts, total, load, pressure } = explainWeights(plan, figures, units)
  const isOnBase = (plan.stand.rests ?? 'base') === 'base'
  return (
    <MarginTable caption={text.masses}>
      {(Object.keys(masses) as (keyof Masses)[]).map((part) => (
        <Row key={part} name={`${text.massOf[part]}${isAssumed(part) ? ` (${enFigure.from.assumed})` : ''}`}>
          <Figure explained={parts[part]}>{units.show('mass', masses[part])}</Figure>
        </Row>
      ))}
      <Row name={text.total} isStrong>
        <Figure explained={total}>{units.show('mass', kg)}</Figure>
      </Row>
      <Row name={text.load}>
        <Figure explained={load}>{`${significant(perM2)} kg/m²`}</Figure>
      </Row>
      <Row name={isOnBase ? text.onBase : text.perFoot}>
        <Figure explained={pressure}>
          {isOnBase
            ? `${significant(foot.pressureKPa, 2)} kPa`
            : `${units.show('mass', foot.perFootKg)} · ${significant(foot.pressureKPa, 2)} kPa`}
        </Figure>
      </Row>
      <tr>
        <td colSpan={2} style={{ color: 'var(--ink-2)', fontSize: 13 }}>
          {text.remark[floorRemark(kg, plan.stand.floor)]}
        </td>
      </tr>
    </MarginTable>
  )
}
