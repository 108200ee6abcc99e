import {
  enDensity,
  enDescribe,
  enField,
  enFilterState,
  enGasControl,
  enGroundKind,
  enJournal,
  enNumber,
  enSchool,
  enSurface,
} from '@jovrin/contract'
import type { Dimension, SettingChange } from '@jovrin/core'
import { percent, significant, type Units } from '../ui/units.js'

/** Questions whose label stands under another name than the field of the document. */
const LABEL_OF: Readonly<Record<string, string>> = {
  'lamps.lengthCm': 'lampLengthCm',
  'changes.fraction': 'changeFraction',
  'hardscape.massKg': 'stonesKg',
  fluxUmolPerS: 'fluxUmolPerS',
}
const DIMENSION_OF: Readonly<Record<string, Dimension>> = {
  lengthCm: 'length',
  widthCm: 'length',
  heightCm: 'length',
  glassCm: 'length',
  freeboardCm: 'length',
  frontCm: 'length',
  backCm: 'length',
  aboveWaterCm: 'length',
  temperatureC: 'temperature',
  alkalinityMeqPerL: 'alkalinity',
  hardnessMmolPerL: 'hardness',
  nitrateMgNPerL: 'nitrate',
  phosphateMgPPerL: 'phosphate',
  massKg: 'mass',
}
const FRACTIONS = new Set(['dimFraction', 'footFraction', 'fraction'])
const WORDS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  feeding: enSchool,
  surface: enSurface,
  control: enGasControl,
  density: enDensity,
  filter: enFilterState,
  ground: enGroundKind,
}

const partsOf = (path: string): { readonly list: string; readonly field: string } => {
  const parts = path.split('/').slice(1)
  return { list: parts[0] ?? '', field: parts.at(-1) ?? '' }
}

/** What a changed field is called on the plan. */
export function settingName(path: string): string {
  const { list, field } = partsOf(path)
  const key = LABEL_OF[`${list}.${field}`] ?? field
  return enField[key]?.[0] ?? enDescribe.section[key as keyof typeof enDescribe.section] ?? field
}

/** A value of a field in the reader's units and words. */
export function settingValue(path: string, value: unknown, units: Units): string {
  const { field } = partsOf(path)
  if (value === null || value === undefined) return enNumber.unknown
  if (typeof value === 'number') {
    const dimension = DIMENSION_OF[field]
    return dimension ? units.show(dimension, value) : FRACTIONS.has(field) ? `${percent(value)} %` : significant(value, 4)
  }
  if (typeof value === 'boolean') return value ? enDescribe.yes : enDescribe.no
  if (typeof value === 'string') return WORDS[field]?.[value] ?? value
  return Array.isArray(value) ? `${significant(value.length)} ×` : '…'
}

export const settingLine = ({ path, from, to }: Pick<SettingChange, 'path' | 'from' | 'to'>, date: string, units: Units): string =>
  enJournal.settingLine(date, settingName(path), settingValue(path, from, units), settingValue(path, to, units))
