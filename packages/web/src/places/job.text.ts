import { jobTask } from '@jovrin/contract'
import type { Job } from '@jovrin/core'
import type { Units } from '../ui/units.js'

/** What a job asks for, in the reader's units; '' where its title says it all. */
export const jobText = (job: Pick<Job, 'kind' | 'values' | 'portions'>, units: Units): string => jobTask(job, units.reader)
