import { keysOf } from '@jovrin/core'
import { z } from 'zod'
import { PLAN_PARTS } from './plan.js'

/** The schema of what stands at a place in a plan, given as a pointer with local ids (`/lamps/l1/watts`); `null` where a plan has no such place. Made from the same parts as the whole plan: there is no second list of fields. */
export function schemaAt(pointer: string): z.ZodType | null {
  if (!pointer.startsWith('/')) return null
  const [part = '', ...inner] = keysOf(pointer)
  if (!Object.hasOwn(PLAN_PARTS, part)) return null
  return inner.reduce<z.ZodType | null>(within, PLAN_PARTS[part as keyof typeof PLAN_PARTS])
}

function within(schema: z.ZodType | null, key: string): z.ZodType | null {
  if (schema instanceof z.ZodNullable) return within(schema.unwrap() as z.ZodType, key)
  if (schema instanceof z.ZodObject) return Object.hasOwn(schema.shape, key) ? (schema.shape as Record<string, z.ZodType>)[key]! : null
  // Only items that carry an id can be named; a list of plain values changes as a whole.
  if (schema instanceof z.ZodArray) return schema.element instanceof z.ZodObject && acceptsId(schema.element, key) ? schema.element : null
  return null
}

const acceptsId = ({ shape }: z.ZodObject, key: string): boolean => shape['id'] instanceof z.ZodType && shape['id'].safeParse(key).success
