import type { LayoutKind, Pace, SupplyLevel, Template, ViewSide, Wish } from '@jovrin/core'

export const layoutWords = {
  stones: 'stones only',
  'wood-and-stones': 'wood and stones',
  'formal-rows': 'formal rows',
  island: 'island',
  valley: 'valley',
  slope: 'slope to one side',
  shallow: 'shallow, plants above',
} satisfies Record<LayoutKind, string>

export const paceWords = { quiet: 'quiet', steady: 'steady', fast: 'fast' } satisfies Record<Pace, string>

export const viewSideWords = { front: 'front', left: 'left', right: 'right', back: 'back', above: 'above' } satisfies Record<
  ViewSide,
  string
>

export const wishWords = {
  'fine-carpet': 'fine carpet',
  'red-stems': 'red stems',
  'cool-water-plants': 'cool-water plants',
  shoal: 'a shoal of small fish',
  shrimps: 'shrimps',
  diggers: 'animals that dig',
  jumpers: 'animals that jump',
  'warm-water-fish': 'fish for warm water',
} satisfies Record<Wish, string>

export const supplyLevelWords = { gentle: 'gentle', moderate: 'moderate', strong: 'strong' } satisfies Record<SupplyLevel, string>

export const supplyLevelWhatWords = {
  gentle: 'dim light, no added gas, the ground feeds',
  moderate: 'middling light, gas, lean feeding',
  strong: 'strong light, gas, rich feeding',
} satisfies Record<SupplyLevel, string>

/** Tanks to begin from. */
export const templateWords = {
  first: 'First tank',
  stones: 'Stones and carpet',
  cube: 'Cube with shrimps',
  calm: 'Calm tank',
} satisfies Record<Template, string>
