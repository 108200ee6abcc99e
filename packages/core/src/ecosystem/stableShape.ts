/** A copy of `values` with the hidden shape of `template`. Engines compile the kernel for the shapes that they have seen: a whole number here and a fraction there, or two
 *  literals that list their fields in another order, would make two shapes of one type, and the step half as fast. */
export function inShapeOf<T extends object>(template: T, values: T): T {
  const copy = { ...template }
  for (const key of Object.keys(template) as (keyof T)[]) copy[key] = values[key]
  return copy
}

/** A template in which every number is stored as a fraction; `values` may hold lists too. */
export function templateOf<T extends object>(values: T): T {
  const template = { ...values } as Record<string, unknown> // numbers are replaced by numbers
  for (const [key, value] of Object.entries(values)) if (typeof value === 'number') template[key] = 0.1 + Math.abs(value) / 3
  return template as T
}
