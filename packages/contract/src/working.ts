import { type FieldDescriptor, type Working, type WorkingInputs } from '@jovrin/core'
import { z } from 'zod'

/** A schema made from the plain descriptors of core. */
export function inputsSchema(working: Working): z.ZodType<WorkingInputs> {
  return z.strictObject(shapeOf(working.fields)) as unknown as z.ZodType<WorkingInputs> // the shape is only known at run time
}

function shapeOf(fields: readonly FieldDescriptor[]): Record<string, z.ZodType> {
  return Object.fromEntries(fields.map((field) => [field.name, schemaOf(field)]))
}

function schemaOf(field: FieldDescriptor): z.ZodType {
  switch (field.kind) {
    case 'number': {
      const number = (field.whole ? z.int() : z.number()).min(field.min).max(field.max).meta({ description: field.unit })
      return field.standard === undefined ? number : number.default(field.standard)
    }
    case 'choice': {
      const choice = z.enum(field.choices as [string, ...string[]]) // descriptors always list at least one
      return field.standard === undefined ? choice : choice.default(field.standard)
    }
    case 'rows':
      return z
        .array(z.strictObject(shapeOf(field.fields)))
        .max(field.maxRows)
        .default([])
  }
}

export const WorkedResponse = z.object({
  id: z.string(),
  value: z.number(),
  unit: z.string(),
  low: z.number().nullable(),
  high: z.number().nullable(),
  formula: z.string(),
  inputs: z.record(z.string(), z.unknown()),
  source: z.string(),
})
export type WorkedResponse = z.output<typeof WorkedResponse>
