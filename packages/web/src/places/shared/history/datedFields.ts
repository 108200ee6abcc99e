import { fieldPathOf, isNumberPath, CHOICE_FIELDS, valueAt, type ChoicePath, type NumberPath, type Plan } from '@jovrin/core'
import { significant } from '../../../ui/units.js'
import { settingName } from '../../setting.text.js'

/** A setting that growers turn, at its place in a plan. */
export interface DatedField {
  readonly path: string
  readonly name: string
}

/** What is asked about the past first: what moves the forecast and is turned by hand. Lists are addressed by their items' ids. */
export function datedFields(plan: Plan): DatedField[] {
  const several = <T extends { readonly id: string }>(list: readonly T[], part: string, keys: readonly string[]): DatedField[] =>
    list.flatMap(({ id }, index) =>
      keys.map((key) => {
        const path = `/${part}/${id}/${key}`
        return { path, name: list.length === 1 ? settingName(path) : `${settingName(path)} ${significant(index + 1)}` }
      }),
    )
  const single = [
    '/feeding',
    '/changes/fraction',
    '/changes/everyDays',
    '/temperatureC',
    '/flow/surface',
    '/flow/turnoverPerH',
    '/animals/foodGPerDay',
  ]
  return [
    ...several(plan.lamps, 'lamps', ['dimFraction', 'aboveWaterCm']),
    ...several(plan.lightWindows, 'lightWindows', ['hours', 'on', 'rampMin']),
    ...several(plan.gasLines, 'gasLines', ['bubblesPerS', 'beforeLightMin', 'beforeDarkMin']),
    ...single.map((path) => ({ path, name: settingName(path) })),
  ].filter(({ path }) => valueAt(plan, path) !== undefined && kindOf(path) !== null)
}

export type FieldKind = { readonly kind: 'number'; readonly path: NumberPath } | { readonly kind: 'choice'; readonly path: ChoicePath }
/** How a field is asked for; `null` for one that is no number and no word. */
export function kindOf(pointer: string): FieldKind | null {
  const path = fieldPathOf(pointer)
  if (path === null) return null
  if (isNumberPath(path)) return { kind: 'number', path }
  return Object.hasOwn(CHOICE_FIELDS, path) ? { kind: 'choice', path } : null
}
