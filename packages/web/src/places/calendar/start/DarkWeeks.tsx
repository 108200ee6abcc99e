import { readingQuantityWords, startWeeksWords } from '@jovrin/contract'
import { alkalinityMend, tankFigures, type CycleCondition, type DarkCycle, type Plan } from '@jovrin/core'
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
      {cycle.conditions.map((condition) =>
        condition.is === 'short' ? (
          <Box key={condition.quantity} sx={{ fontSize: 14 }}>
            {mendOf(condition)}
          </Box>
        ) : null,
      )}
    </Box>
  )

  function mendOf({ quantity }: CycleCondition): string {
    if (quantity !== 'alkalinity') return text.mends[quantity]
    const mend = alkalinityMend(cycle, tankFigures(plan).waterL)
    return mend === null ? '' : text.raiseAlkalinity(units.show('salt', mend.grams, 2), valueText('alkalinity', mend.toMeqPerL, '=', units))
  }
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
