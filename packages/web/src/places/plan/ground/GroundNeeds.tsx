import { enGround, enGroundKind, enLayingStep, enVessel } from '@jovrin/contract'
import { groundNeeds, layingOrder } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { Figure } from '../../../ui/Figure.js'
import { significant, useUnits } from '../../../ui/units.js'
import type { Desk } from '../desk.js'

/** Litres, kilograms and bags by product with what settles, and the order of laying. */
export function GroundNeeds({ desk: { plan, figures } }: { desk: Desk }) {
  const units = useUnits()
  const needs = useMemo(
    () =>
      groundNeeds(
        figures.ground,
        (zoneId, layerId) =>
          (zoneId === null ? plan.layers : (plan.zones.find(({ id }) => id === zoneId)?.layers ?? [])).find(({ id }) => id === layerId)
            ?.product ?? null,
      ),
    [figures.ground, plan.layers, plan.zones],
  )
  const steps = layingOrder(figures.ground, {
    barriers: plan.barriers.length > 0,
    capsules: plan.tabs.some(({ kind }) => kind === 'capsule'),
    hardscape: plan.hardscape.length > 0,
  })
  if (needs.length === 0) return <Box sx={{ color: 'text.secondary' }}>{enGround.bareFloor}</Box>
  return (
    <>
      <Box
        component="table"
        className="figures"
        sx={{
          borderCollapse: 'collapse',
          width: '100%',
          fontSize: 14,
          '& th': { fontWeight: 'normal', color: 'text.secondary', textAlign: 'right', fontSize: 12.5 },
          '& td': { textAlign: 'right', py: '1px' },
          '& th:first-of-type, & td:first-of-type': { textAlign: 'left' },
        }}
      >
        <thead>
          <tr>
            <th>{enGround.material}</th>
            <th>{enGround.inTank}</th>
            <th>{enGround.dry}</th>
            <th>{enGround.bags}</th>
            <th>{enGround.left}</th>
          </tr>
        </thead>
        <tbody>
          {needs.map((need) => (
            <tr key={need.key}>
              <td>{need.name === '' ? enGroundKind[need.ground] : need.name}</td>
              <td>
                <Figure
                  explained={{
                    title: enGround.volumeTitle,
                    formula: enGround.volumeFormula,
                    worked: `${figures.ground.zones.flatMap((zone) => zone.layers.filter(({ ground: kind }) => kind === need.ground).map(({ volumeL }) => significant(volumeL))).join(' + ')} = ${significant(need.volumeL, 4)} L`,
                    source: enGround.volumeSource,
                    range: null,
                    inputs: [{ name: enGround.zones, value: String(figures.ground.zones.length), from: 'typed' }],
                  }}
                >
                  {units.show('volume', need.volumeL)}
                </Figure>
              </td>
              <td>
                <Figure
                  explained={{
                    title: enGround.dry,
                    formula: enGround.dryFormula,
                    worked: `${significant(need.volumeL, 4)}·${significant(need.dryKg / need.volumeL, 4)} = ${significant(need.dryKg, 4)} kg`,
                    source: enVessel.bulkSource,
                    range: null,
                    inputs: [{ name: enGround.inTank, value: units.show('volume', need.volumeL), from: 'reckoned' }],
                  }}
                >
                  {units.show('mass', need.dryKg)}
                </Figure>
              </td>
              <td>
                <Figure
                  explained={{
                    title: enGround.bags,
                    formula: enGround.bagsFormula,
                    worked: `⌈${significant(need.volumeL, 4)}·${significant(need.pouredL / need.volumeL, 3)} / ${significant(need.bagL)}⌉ = ${need.bags}`,
                    source: enGround.bagsSource,
                    range: null,
                    inputs: [
                      { name: enGround.bagSize, value: units.show('volume', need.bagL), from: need.name === '' ? 'assumed' : 'typed' },
                    ],
                  }}
                >
                  {`${need.bags} × ${units.show('volume', need.bagL)}`}
                </Figure>
              </td>
              <td>{units.show('volume', need.leftOverL, 2)}</td>
            </tr>
          ))}
        </tbody>
      </Box>
      <Box component="details" sx={{ mt: 1, fontSize: 14 }}>
        <Box component="summary" sx={{ cursor: 'pointer' }}>
          {enGround.order}
        </Box>
        <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
          {steps.map((step) => (
            <li key={step.code}>
              {enLayingStep[step.code](
                step.grounds.map((kind) => enGroundKind[kind] ?? kind).join(', '),
                units.show('volume', step.litres, 2),
              )}
            </li>
          ))}
        </Box>
      </Box>
    </>
  )
}
