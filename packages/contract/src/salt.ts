import { SALT_IDS, type SaltId } from '@jovrin/core'
import { z } from 'zod'

/** A salt by its chemical name. One schema for all places, so that descriptions name it instead of listing it. */
export const SaltIdSchema: z.ZodType<SaltId> = z.enum(SALT_IDS as [SaltId, ...SaltId[]]) // the list is not empty
