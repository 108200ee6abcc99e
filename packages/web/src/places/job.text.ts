import { en } from '@jovrin/contract'
import type { Job } from '@jovrin/core'
import { percent, significant, type Units } from '../ui/units.js'

/** What a job asks for, in the reader's units; jobs without a quantity of those are told as in files. */
export function jobText({ kind, values }: Pick<Job, 'kind' | 'values'>, units: Units): string {
  const of = (name: string): number => values[name] ?? 0
  if (kind === 'change') return `${units.show('volume', of('litres'), 2)} (${percent(of('fraction'))} %)`
  if (kind === 'order-ground' || kind === 'mix-water') return units.show('volume', of('litres'))
  if (kind === 'light-step') return `${significant(of('hours'))} h · ${percent(of('dimFraction'))} %`
  if (kind === 'dose')
    return Object.entries(values)
      .map(([id, grams]) => `${en.salt[id] ?? id} ${units.show('portion', grams, 2)}`)
      .join(' · ')
  return en.job.plain(kind, values)
}
