import { readingQuantityWords, startWeeksWords } from '@jovrin/contract'
import { alkalinityMend, tankFigures, type CycleCondition, type CycleQuantity, type DarkCycle, type Plan } from '@jovrin/core'
import { Box } from '@mui/material'
import { MarginTable } from '../../../ui/MarginTable.js'
import { longDate, useUnits } from '../../../ui/units.js'
import { valueText } from '../../quantity.text.js'

/** How the cycle in the dark stands by its tests, and what it lacks. */
export function DarkWeeks({ plan, cycle }: { readonly plan: Plan; readonly cycle: DarkCycle }) {
  const units = useUnits()
  const text = startWeeksWords
  const tests = [cycle.ammonia, cycle.nitrite]
  return (
    <Box sx={{ display: 'grid', gap: 0.75 }}>
      <Box role="status" sx={{ fontWeight: 600, color: cycle.state === 'stalled' ? 'var(--algae)' : undefined }}>
        {text.cycle[cycle.state]}
      </Box>
      <MarginTable caption={text.conditions}>
        {tests.map((test) =>
          test === null ? null : (
            <tr key={test.id}>
              <td>{readingQuantityWords[test.quantity]}</td>
              <td>{valueText(test.quantity, test.value, test.qualifier, units)}</td>
              <td>{longDate(test.at.slice(0, 10))}</td>
            </tr>
          ),
        )}
        {cycle.conditions.map((condition) => (
          <Condition key={condition.quantity} condition={condition} />
        ))}
      </MarginTable>
      {cycle.conditions.map(({ quantity, is }) => is === 'short' && <Mend key={quantity} quantity={quantity} cycle={cycle} plan={plan} />)}
    </Box>
  )
}

/** What brings a condition to where bacteria want it. */
function Mend({ quantity, cycle, plan }: { readonly quantity: CycleQuantity; readonly cycle: DarkCycle; readonly plan: Plan }) {
  const units = useUnits()
  const text = startWeeksWords
  const alkalinity = alkalinityMend(cycle, tankFigures(plan).waterL)
  if (quantity !== 'alkalinity') return <Box sx={{ fontSize: 14 }}>{text.mends[quantity]}</Box>
  if (alkalinity === null) return null
  return (
    <Box sx={{ fontSize: 14 }}>
      {text.raiseAlkalinity(units.show('salt', alkalinity.grams, 2), valueText('alkalinity', alkalinity.toMeqPerL, '=', units))}
    </Box>
  )
}

function Condition({ condition: { quantity, reading, least, is } }: { readonly condition: CycleCondition }) {
  const units = useUnits()
  const text = startWeeksWords
  return (
    <tr>
      <td>{readingQuantityWords[quantity]}</td>
      <td>{reading === null ? text.untested : valueText(quantity, reading.value, reading.qualifier, units)}</td>
      <td style={is === 'short' ? { color: 'var(--algae)' } : undefined}>
        {`${text.is[is]} (${text.atLeast(valueText(quantity, least, '=', units))})`}
      </td>
    </tr>
  )
}
