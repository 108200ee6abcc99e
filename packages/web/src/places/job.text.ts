import { jobTaskWords, say } from '@jovrin/contract'
import type { Job } from '@jovrin/core'
import type { Units } from '../ui/units.js'

/** What a job asks for, in the reader's units; '' where its title says it all. */
export const jobText = ({ kind, values }: Pick<Job, 'kind' | 'values'>, units: Units): string =>
  say(jobTaskWords, kind, values, units.reader)
