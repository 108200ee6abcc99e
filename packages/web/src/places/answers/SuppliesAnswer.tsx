import { answersWords, gasSheetWords, type TankEntry } from '@jovrin/contract'
import { Box } from '@mui/material'
import { Link } from 'react-router'
import { useUnits } from '../../ui/units.js'
import { addressOfSheet } from '../shared/sheetPlace.js'
import { useCylinder } from '../shared/useCylinder.js'
import { SwapDay } from '../shared/SwapDay.js'

/** When the gas runs out, from what the journal weighed. */
export function SuppliesAnswer({ tank: { id, plan } }: { readonly tank: TankEntry }) {
  const units = useUnits()
  const forecast = useCylinder(id, plan)
  return (
    <Box className="figures" sx={{ mb: 1.5 }}>
      {forecast === null ? (
        gasSheetWords.noWeighings
      ) : (
        <>
          {plan.name}: {gasSheetWords.perDay} {units.show('gasADay', forecast.gPerDay.value, 2)}; {gasSheetWords.swap}{' '}
          <SwapDay forecast={forecast} timeZone={plan.timeZone} />
        </>
      )}{' '}
      <Link to={`${addressOfSheet(id, 'gas')}?part=cylinder`}>{answersWords.cylinderPlace}</Link>
    </Box>
  )
}
