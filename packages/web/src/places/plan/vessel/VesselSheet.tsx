import { en, enField, enPlan } from '@jovrin/contract'
import { cornersOf, evaporationMmPerDay, EVAPORATION_SPREAD, filledMasses, floorLoadKgPerM2, floorRemark, footLoad, levelOf, paneSafety, roomMonths, totalKg, USUAL_HUMIDITY, USUAL_SAFETY, type Masses } from '@jovrin/core'
import { Box } from '@mui/material'
import { Measured } from '../../../drawing/Measured.js'
import { Section } from '../../../drawing/section/Section.js'
import { TiltedWater } from '../../../drawing/section/TiltedWater.js'
import { Figure, spanOf, type Explained } from '../../../ui/Figure.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import { decimals, significant, useUnits } from '../../../ui/units.js'
import { explainTank } from '../describe/explain.js'
import { useFindings, type Desk } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { sectionLabels } from '../sectionLabels.js'
import { SheetFrame } from '../SheetFrame.js'
import { VesselFields } from './VesselFields.js'

const USUAL_FEET = 4
const USUAL_FOOT_CM2 = 12
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
                labels={{ ...sectionLabels(plan, figures, units, [[enPlan.vessel.net, units.show('volume', figures.volumes.netWaterL)], [enPlan.vessel.total, units.show('mass', totalKg(filledMasses(plan, figures)))]]), description: enPlan.vessel.description(plan.name) }}
                marks={(layout) => level !== null && <TiltedWater layout={layout} level={level} exaggeration={EXAGGERATION} label={enPlan.vessel.exaggerated} />}
              />
            )}
          </Measured>
          <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, columnGap: 3, rowGap: 1 }}>
            <Volumes desk={desk} />
            <Weights desk={desk} />
          </Box>
          <FindingsList tankId={desk.tankId} currency={desk.plan.money.currency} muted={desk.plan.muted} change={desk.change} findings={findings} sheet="vessel" />
          <Box sx={{ fontSize: 13, color: 'text.secondary', mt: 1 }}>{enPlan.vessel.caution}</Box>
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
  const { volumes, vessel, inner, temperatureC } = figures
  const text = enPlan.vessel
  const months = roomMonths(plan)
  const top = plan.vessel.top ?? 'open'
  const roomC = months.reduce((sum, c) => sum + c, 0) / months.length
  const humidityFraction = plan.room.humidityFraction ?? USUAL_HUMIDITY
  const mm = evaporationMmPerDay(temperatureC, { roomC, humidityFraction }, top)
  const lostL = mm * figures.surfaceM2
  const factor = paneSafety(inner.lengthCm, inner.waterDepthCm, vessel.glassCm)
  const litres = (value: number): string => units.show('volume', value)
  const glassFrom = plan.vessel.glassCm === null ? 'assumed' : 'typed'
  return (
    <MarginTable caption={text.volumes}>
      <Row name={text.gross}>{litres(volumes.outerL)}</Row>
      <Row name={text.inside}>{`${units.show('length', inner.lengthCm)} × ${units.show('length', inner.widthCm)} × ${units.show('length', inner.heightCm)}`}</Row>
      <Row name={text.fill}>{litres(volumes.fillL)}</Row>
      <Row name={text.ground}>− {litres(volumes.groundL)}</Row>
      <Row name={text.hardscape}>− {litres(volumes.hardscapeL)}</Row>
      <Row name={text.open} isStrong>
        <Figure explained={explainTank(plan, figures, units).net}>{litres(volumes.openWaterL)}</Figure>
      </Row>
      <Row name={text.pore}>{litres(volumes.poreWaterL)}</Row>
      <Row name={text.net}>{litres(volumes.netWaterL)}</Row>
      <Row name={text.pane}>
        <Figure
          explained={{
            title: text.pane,
            formula: text.paneFormula,
            worked: `${significant(factor, 3)} × (${significant(inner.lengthCm)} × ${significant(inner.waterDepthCm)} cm, ${significant(vessel.glassCm * 10)} mm)`,
            source: text.paneSource,
            range: spanOf(factor * (15 / 19.2), factor * (30 / 19.2), ''),
            inputs: [{ name: enField['glassCm']?.[0] ?? '', value: units.show('length', vessel.glassCm), from: glassFrom }, { name: text.waterLine, value: units.show('length', inner.waterDepthCm), from: 'reckoned' }],
          }}
        >
          {text.paneTold(decimals(factor, 1), decimals(USUAL_SAFETY, 1))}
        </Figure>
      </Row>
      <Row name={text.evaporation}>
        <Figure
          explained={{
            title: text.evaporation,
            formula: text.evaporationFormula,
            worked: `${significant(mm, 2)} mm/d`,
            source: text.evaporationSource,
            range: spanOf(mm / EVAPORATION_SPREAD, mm * EVAPORATION_SPREAD, 'mm/d'),
            inputs: [
              { name: enField['temperatureC']?.[0] ?? '', value: units.show('temperature', temperatureC), from: plan.temperatureC === null ? 'assumed' : 'typed' },
              { name: text.room, value: units.show('temperature', roomC), from: plan.room.monthlyC.includes(null) ? 'assumed' : 'typed' },
              { name: text.humidity, value: `${significant(humidityFraction * 100)} %`, from: plan.room.humidityFraction === null ? 'assumed' : 'typed' },
              { name: text.top, value: text.tops[top], from: plan.vessel.top === null ? 'assumed' : 'typed' },
            ],
          }}
        >
          {text.evaporationTold(`${significant(mm, 2)} mm`, units.show('volume', lostL, 2), `${significant((100 * lostL) / figures.waterL, 2)} %`)}
        </Figure>
      </Row>
      <tr>
        <td colSpan={2} style={{ color: 'var(--ink-2)', fontSize: 13 }}>
          {text.topUp(units.show('volume', lostL * 7, 2))} {top === 'open' ? text.spill : ''}
        </td>
      </tr>
    </MarginTable>
  )
}

function Weights({ desk: { plan, figures } }: { desk: Desk }) {
  const units = useUnits()
  const text = enPlan.vessel
  const masses = filledMasses(plan, figures)
  const kg = totalKg(masses)
  const rests = plan.stand.rests ?? 'base'
  const foot = footLoad(kg, figures.vessel, rests, plan.stand.feet ?? USUAL_FEET, plan.stand.footAreaCm2 ?? USUAL_FOOT_CM2)
  const parts = Object.keys(masses) as (keyof Masses)[]
  const assumed: Partial<Record<keyof Masses, boolean>> = { standKg: plan.stand.massKg === null, kitKg: plan.stand.kitMassKg === null }
  const explained: Explained = {
    title: text.total,
    formula: text.massFormula,
    worked: `${parts.map((part) => significant(masses[part])).join(' + ')} = ${significant(kg, 4)} kg`,
    source: text.massSource,
    range: null,
    inputs: parts.map((part) => ({ name: text.massOf[part], value: units.show('mass', masses[part]), from: assumed[part] === undefined ? 'reckoned' : assumed[part] ? 'assumed' : 'typed' })),
  }
  return (
    <MarginTable caption={text.masses}>
      {parts.map((part) => (
        <Row key={part} name={`${text.massOf[part]}${assumed[part] ? ` (${en.figure.from.assumed})` : ''}`}>
          {units.show('mass', masses[part])}
        </Row>
      ))}
      <Row name={text.total} isStrong>
        <Figure explained={explained}>{units.show('mass', kg)}</Figure>
      </Row>
      <Row name={text.load}>{`${significant(floorLoadKgPerM2(kg, figures.vessel))} kg/m²`}</Row>
      <Row name={rests === 'base' ? text.onBase : text.perFoot}>{rests === 'base' ? `${significant(foot.pressureKPa, 2)} kPa` : `${units.show('mass', foot.perFootKg)} · ${significant(foot.pressureKPa, 2)} kPa`}</Row>
      <tr>
        <td colSpan={2} style={{ color: 'var(--ink-2)', fontSize: 13 }}>
          {text.remark[floorRemark(kg, plan.stand.floor)]}
        </td>
      </tr>
    </MarginTable>
  )
}
