import { en } from '@jovrin/contract'
import type { Job } from '@jovrin/core'
import { percent, significant, type Units } from '../ui/units.js'

/** What a job asks for, in the reader's units. */
export function jobText({ kind, values }: Pick<Job, 'kind' | 'values'>, units: Units): string {
  const of = (name: string): number => values[name] ?? 0
  switch (kind) {
    case 'change':
      return `${units.show('volume', of('litres'), 2)} (${percent(of('fraction'))} %)`
    case 'light-step':
      return `${significant(of('hours'))} h · ${percent(of('dimFraction'))} %`
    case 'dose':
      return Object.entries(values).map(([id, grams]) => `${en.salt[id] ?? id} ${units.show('portion', grams, 2)}`).join(' · ')
    case 'order-ground':
    case 'mix-water':
      return units.show('volume', of('litres'))
    default:
      return en.job.plain(kind, values)
  }
}
