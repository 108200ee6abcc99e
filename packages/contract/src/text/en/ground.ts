import type { GroundKind, ZonePurpose, GroundMethod } from '@jovrin/core'

export const groundKindWords = {
  'rich-soil': 'rich soil',
  'lean-soil': 'lean soil',
  'capped-soil': 'capped soil',
  sand: 'sand',
  gravel: 'gravel',
  'porous-base': 'porous base',
  'carbonate-sand': 'carbonate sand',
  none: 'none',
} satisfies Record<GroundKind | 'none', string>

export const zonePurposeWords = { planted: 'planted', cosmetic: 'decorative', bare: 'bare' } satisfies Record<ZonePurpose, string>

export const layingStepWords = {
  rinse: (grounds: string) => `Rinse ${grounds} in a bucket until the water runs clear; damp before dry, the dust is silica.`,
  'do-not-rinse': (grounds: string) => `Do not rinse ${grounds}: it falls to mud.`,
  barriers: () => 'Set the separators, outer faces taped to the glass until both sides are filled.',
  base: (grounds: string, litres: string) => `Spread ${litres} of ${grounds} over the glass, a hand’s width from the front pane.`,
  capsules: () => 'Lay the capsules on it, with gloves; they look like sweets, lock the rest away.',
  soil: (grounds: string, litres: string) => `Pour ${litres} of ${grounds}, from the back to the front, and draw the slope with a card.`,
  cap: (grounds: string, litres: string) => `Cover it with ${litres} of ${grounds}, gently, so that none of the soil shows.`,
  slope: (grounds: string, litres: string) => `Lay ${litres} of ${grounds} to its slope.`,
  cosmetic: (grounds: string, litres: string) => `Last of all the decorative ${grounds}, ${litres}, with a cup, up to the separators.`,
  damp: () => 'Spray it damp from above: it holds, and shows where it is too thin.',
  hardscape: () => 'Set stones and wood now, on the base or on foam, before the soil comes up around them.',
  plate: () => 'Fill on to a plate or towel, slowly; in an old ground never stir with animals in the tank.',
} as const

export const groundMethodWords = {
  'active-soil': 'Active soil',
  'buffering-soil': 'Buffering soil',
  'capped-garden-soil': 'Garden soil under a cap',
  'inert-with-tabs': 'Inert with root tabs',
} satisfies Record<GroundMethod, string>
