import { groundWords, groundKindWords, layingStepWords } from '@jovrin/contract'
import { groundNeeds, layingOrder, openNeed } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { useUnits } from '../../../ui/units.js'
import type { Desk } from '../desk.js'
import { SumFigure } from '../../shared/SumFigure.js'

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
  if (needs.length === 0) return <Box sx={{ color: 'text.secondary' }}>{groundWords.bareFloor}</Box>
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
            <th>{groundWords.material}</th>
            <th>{groundWords.inTank}</th>
            <th>{groundWords.dry}</th>
            <th>{groundWords.bags}</th>
            <th>{groundWords.left}</th>
          </tr>
        </thead>
        <tbody>
          {needs.map((need) => {
            const { litres, dry, bags } = openNeed(need)
            return (
              <tr key={need.key}>
                <td>{need.name === '' ? groundKindWords[need.ground] : need.name}</td>
                <td>
                  <SumFigure sum={litres} />
                </td>
                <td>
                  <SumFigure sum={dry} />
                </td>
                <td>
                  <SumFigure sum={bags}>{`${need.bags} × ${units.show('volume', need.bagL)}`}</SumFigure>
                </td>
                <td>{units.show('volume', need.leftOverL, 2)}</td>
              </tr>
            )
          })}
        </tbody>
      </Box>
      <Box component="details" sx={{ mt: 1, fontSize: 14 }}>
        <Box component="summary" sx={{ cursor: 'pointer' }}>
          {groundWords.order}
        </Box>
        <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
          {steps.map((step) => (
            <li key={step.code}>
              {layingStepWords[step.code](
                step.grounds.map((kind) => groundKindWords[kind] ?? kind).join(', '),
                units.show('volume', step.litres, 2),
              )}
            </li>
          ))}
        </Box>
      </Box>
    </>
  )
}
