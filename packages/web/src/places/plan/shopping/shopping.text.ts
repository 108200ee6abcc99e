import { en, enPlan } from '@jovrin/contract'
import type { Forgotten, GroundKind, ShoppingItem } from '@jovrin/core'
import { significant, type Units } from '../../../ui/units.js'

/** What a line is called, in the reader's units. */
export function itemName(item: ShoppingItem, units: Units): string {
  const text = enPlan.shopping
  const [kind = '', detail = ''] = item.key.split(':')
  if (kind === 'sundry') return text.sundry[detail as Forgotten] ?? detail // keys are made from the list of sundries
  if (kind === 'extra') return item.name
  const values = Object.fromEntries(
    Object.entries(item.values).map(([name, value]) => [
      name,
      name === 'glassCm'
        ? units.show('length', value, 2)
        : name.endsWith('Cm')
          ? units.show('length', value)
          : name.endsWith('LPerH')
            ? significant(value, 2)
            : name.endsWith('L')
              ? units.show('volume', value)
              : name.endsWith('Kg')
                ? units.show('mass', value)
                : significant(value),
    ]),
  )
  const name =
    item.name !== ''
      ? item.name
      : kind === 'ground'
        ? capital(en.describe.ground[detail as GroundKind] ?? detail)
        : kind === 'hardscape'
          ? capital(enPlan.hardscape.materials[detail as keyof typeof enPlan.hardscape.materials] ?? detail)
          : kind === 'plants'
            ? (en.describe.kind[detail] ?? detail)
            : ''
  return text.items[kind]?.({ ...values, name }) ?? item.key
}
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
