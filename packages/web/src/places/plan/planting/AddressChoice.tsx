import { useSearchParams } from 'react-router'
import { Choice } from '../../../ui/Choice.js'
import { useSetParam } from '../../../ui/useSetParam.js'

interface AddressChoiceProps {
  readonly label: string
  readonly why: string
  readonly param: string
  readonly off: string
  readonly on: string
}

/** One of two ways to look at or work on the sheet, kept in the address. Apart from the lists around it, which rest while the address changes. */
export function AddressChoice({ label, why, param, off, on }: AddressChoiceProps) {
  const [search] = useSearchParams()
  const setParam = useSetParam()
  return (
    <Choice
      label={label}
      why={why}
      value={search.get(param) === ON ? 'on' : 'off'}
      options={[
        ['off', off],
        ['on', on],
      ]}
      onChange={(next) => setParam(param, next === 'on' ? ON : null)}
    />
  )
}
const ON = '1'
