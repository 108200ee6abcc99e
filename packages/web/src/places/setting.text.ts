import { choiceWords, describeWords, fieldWords, journalWords, numberWords, partWords, nameIn } from '@jovrin/contract'
import { fieldPathOf, isNumberPath, numberField, type SettingChange } from '@jovrin/core'
import { significant, type Units } from '../ui/units.js'

/** What a changed answer is called on the plan; of a whole list, or of what is no answer, the part of the plan that it belongs to. */
export function settingName(pointer: string): string {
  const questions: Readonly<Partial<Record<string, readonly [label: string, why: string]>>> = fieldWords
  return questions[fieldPathOf(pointer) ?? pointer.slice(1)]?.[0] ?? nameIn(partWords, pointer.split('/')[1] ?? '')
}

/** A value of a field in the reader's units and words. */
export function settingValue(pointer: string, value: unknown, units: Units): string {
  const path = fieldPathOf(pointer)
  if (value === null || value === undefined) return numberWords.unknown
  if (typeof value === 'number')
    return path !== null && isNumberPath(path) ? units.tell({ value, dimension: numberField(path).dimension }) : significant(value, 4)
  if (typeof value === 'boolean') return value ? describeWords.yes : describeWords.no
  if (typeof value === 'string') return path !== null && !isNumberPath(path) ? nameIn(choiceWords[path], value) : value
  return Array.isArray(value) ? `${significant(value.length)} ×` : '…'
}

export const settingLine = ({ path, from, to }: Pick<SettingChange, 'path' | 'from' | 'to'>, date: string, units: Units): string =>
  journalWords.settingLine(date, settingName(path), settingValue(path, from, units), settingValue(path, to, units))
