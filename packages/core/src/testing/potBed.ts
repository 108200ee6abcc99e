import type { Bed } from '../plan/plan.js'

/** A bed of pots in the water. Its plants by their ids, alone or each with its share. */
export const potBed = (
  id: string,
  outline: Bed['outline'],
  species: string | readonly (readonly [species: string, share: number])[],
  change: Partial<Bed> = {},
): Bed => ({
  id,
  name: '',
  outline,
  plants: (typeof species === 'string' ? [[species, 1] as const] : species).map(([one, share], index) => ({
    id: `${id}p${index}`,
    species: one,
    share,
  })),
  start: 'pot',
  spacingCm: null,
  stands: 'water',
  cutCm: null,
  ...change,
})
