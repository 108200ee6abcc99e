import { upgradePlan } from '@jovrin/core'

/** A request whose `plan` may come from an older version, with the plan in today's form. Anything else is left to the schema. */
export const upgradeBody = (body: unknown): unknown =>
  typeof body === 'object' && body !== null && 'plan' in body ? { ...body, plan: upgradePlan(body.plan) } : body
