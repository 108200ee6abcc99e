import type { LayoutKind } from '../plan/plan.js'
import type { PlantPlace } from '../species/traits.js'

/** What a group of plants does in a layout. */
export const TEMPLATE_ROLES = ['carpet', 'meadow', 'fore', 'mid', 'red', 'bush', 'tall', 'ribbon'] as const
export type TemplateRole = (typeof TEMPLATE_ROLES)[number]

/** For each role the place where its plants must do well, and common plants that play it, by id; which of them is taken follows from how they stand there. General practice. */
export const ROLE_PLANTS: Readonly<Record<TemplateRole, { readonly place: PlantPlace; readonly plants: readonly string[] }>> = {
  carpet: {
    place: 'front',
    plants: ['micranthemum-tweediei', 'eleocharis-pusilla', 'marsilea-hirsuta', 'lilaeopsis-brasiliensis', 'cryptocoryne-parva'],
  },
  meadow: {
    place: 'mid',
    plants: [
      'eleocharis-acicularis',
      'helanthium-tenellum',
      'lilaeopsis-novae-zelandiae',
      'cryptocoryne-x-willisii',
      'sagittaria-subulata',
    ],
  },
  fore: {
    place: 'front',
    plants: ['staurogyne-repens', 'cryptocoryne-x-willisii', 'hydrocotyle-tripartita', 'pogostemon-helferi', 'cryptocoryne-parva'],
  },
  mid: {
    place: 'mid',
    plants: ['cryptocoryne-wendtii', 'blyxa-japonica', 'lobelia-cardinalis-dwarf-form', 'cryptocoryne-beckettii', 'helanthium-bolivianum'],
  },
  red: {
    place: 'mid',
    plants: [
      'ludwigia-palustris-deep-red-form',
      'rotala-rotundifolia-deep-red-form',
      'alternanthera-reineckii-dwarf-form',
      'cryptocoryne-wendtii-brown-form',
    ],
  },
  bush: {
    place: 'back',
    plants: [
      'rotala-rotundifolia-green-form',
      'rotala-rotundifolia',
      'pogostemon-erectus',
      'bacopa-australis',
      'ludwigia-repens',
      'hygrophila-difformis',
    ],
  },
  tall: {
    place: 'back',
    plants: [
      'bacopa-caroliniana',
      'hygrophila-corymbosa',
      'limnophila-hippuridoides',
      'heteranthera-zosterifolia',
      'rotala-rotundifolia',
      'ludwigia-repens',
    ],
  },
  ribbon: {
    place: 'back',
    plants: ['vallisneria-nana', 'cryptocoryne-crispatula-var-balansae', 'cryptocoryne-retrospiralis', 'helanthium-bolivianum'],
  },
}

/** A group of a composition. Corners as shares of length and width, from the front left. */
export interface TemplateBed {
  readonly role: TemplateRole
  readonly corners: readonly (readonly [x: number, y: number])[]
}
export interface LayoutTemplate {
  /** Corners bend: nature has none. */
  readonly isRound: boolean
  readonly beds: readonly TemplateBed[]
}

const bed = (role: TemplateRole, ...corners: (readonly [number, number])[]): TemplateBed => ({ role, corners })

/** Compositions of our own, one for each kind of layout, for a tank of any size. Gaps between groups are part of them. */
export const LAYOUT_TEMPLATES: Readonly<Record<LayoutKind, LayoutTemplate>> = {
  // A meadow falls towards the front left; the stones keep the eye.
  stones: {
    isRound: true,
    beds: [
      bed('carpet', [0, 0], [1, 0], [1, 0.4], [0.8, 0.42], [0.6, 0.56], [0.42, 0.54], [0.22, 0.5], [0, 0.56]),
      bed('fore', [0.23, 0.53], [0.42, 0.57], [0.45, 0.7], [0.34, 0.76], [0.22, 0.68]),
      bed('meadow', [0, 0.59], [0.19, 0.54], [0.21, 0.72], [0.32, 0.8], [0.36, 1], [0, 1]),
      bed('meadow', [0.63, 0.59], [0.81, 0.45], [1, 0.43], [1, 1], [0.6, 1], [0.56, 0.76]),
      bed('bush', [0.39, 0.8], [0.48, 0.74], [0.54, 0.8], [0.57, 1], [0.4, 1]),
    ],
  },
  // Wood reaches over from the left; a red group where the eye comes to rest.
  'wood-and-stones': {
    isRound: true,
    beds: [
      bed('carpet', [0, 0], [0.44, 0], [0.4, 0.2], [0.3, 0.34], [0.14, 0.38], [0, 0.44]),
      bed('carpet', [0.58, 0], [1, 0], [1, 0.42], [0.84, 0.38], [0.66, 0.32], [0.58, 0.18]),
      bed('fore', [0.16, 0.41], [0.31, 0.37], [0.38, 0.48], [0.3, 0.6], [0.16, 0.56]),
      bed('mid', [0, 0.47], [0.14, 0.42], [0.14, 0.6], [0.2, 0.66], [0.1, 0.72], [0, 0.7]),
      bed('mid', [0.72, 0.36], [0.86, 0.42], [1, 0.46], [1, 0.66], [0.84, 0.64], [0.72, 0.54]),
      bed('red', [0.56, 0.62], [0.7, 0.57], [0.75, 0.72], [0.72, 1], [0.56, 1]),
      bed('bush', [0, 0.74], [0.12, 0.75], [0.24, 0.68], [0.3, 0.8], [0.28, 1], [0, 1]),
      bed('tall', [0.31, 0.72], [0.42, 0.64], [0.54, 0.66], [0.54, 1], [0.31, 1]),
      bed('ribbon', [0.77, 0.68], [1, 0.69], [1, 1], [0.75, 1]),
    ],
  },
  // Rows of stems without stone or wood: each group against one of another leaf and colour, streets rising to the back.
  'formal-rows': {
    isRound: false,
    beds: [
      bed('carpet', [0, 0], [0.34, 0], [0.28, 0.24], [0, 0.24]),
      bed('fore', [0.37, 0], [0.68, 0], [0.64, 0.24], [0.31, 0.24]),
      bed('carpet', [0.71, 0], [1, 0], [1, 0.24], [0.67, 0.24]),
      bed('mid', [0, 0.28], [0.24, 0.28], [0.19, 0.58], [0, 0.58]),
      bed('red', [0.27, 0.28], [0.45, 0.28], [0.41, 0.58], [0.22, 0.58]),
      bed('meadow', [0.48, 0.28], [0.72, 0.28], [0.7, 0.58], [0.44, 0.58]),
      bed('mid', [0.75, 0.28], [1, 0.28], [1, 0.58], [0.73, 0.58]),
      bed('bush', [0, 0.62], [0.24, 0.62], [0.24, 1], [0, 1]),
      bed('tall', [0.27, 0.62], [0.5, 0.62], [0.5, 1], [0.27, 1]),
      bed('red', [0.53, 0.62], [0.74, 0.62], [0.74, 1], [0.53, 1]),
      bed('bush', [0.77, 0.62], [1, 0.62], [1, 1], [0.77, 1]),
    ],
  },
  // A mound in the middle with water all round it.
  island: {
    isRound: true,
    beds: [
      bed('carpet', [0.18, 0.32], [0.34, 0.16], [0.56, 0.12], [0.76, 0.2], [0.84, 0.38], [0.66, 0.36], [0.5, 0.3], [0.34, 0.36]),
      bed('fore', [0.17, 0.36], [0.33, 0.4], [0.36, 0.54], [0.28, 0.68], [0.16, 0.58]),
      bed('mid', [0.37, 0.39], [0.5, 0.34], [0.62, 0.39], [0.6, 0.52], [0.4, 0.54]),
      bed('meadow', [0.66, 0.4], [0.84, 0.42], [0.82, 0.62], [0.72, 0.7], [0.63, 0.56]),
      bed('red', [0.36, 0.58], [0.48, 0.57], [0.5, 0.72], [0.42, 0.84], [0.31, 0.72]),
      bed('bush', [0.51, 0.57], [0.61, 0.57], [0.7, 0.73], [0.6, 0.86], [0.52, 0.82]),
    ],
  },
  // Two banks, a way between them that narrows to the back.
  valley: {
    isRound: true,
    beds: [
      bed('carpet', [0, 0], [0.36, 0], [0.38, 0.2], [0.32, 0.36], [0.14, 0.32], [0, 0.36]),
      bed('carpet', [0.64, 0], [1, 0], [1, 0.34], [0.82, 0.3], [0.66, 0.34], [0.6, 0.18]),
      bed('fore', [0.17, 0.36], [0.32, 0.4], [0.38, 0.54], [0.28, 0.62], [0.17, 0.54]),
      bed('mid', [0, 0.4], [0.14, 0.36], [0.15, 0.56], [0.1, 0.68], [0, 0.66]),
      bed('mid', [0.67, 0.38], [0.83, 0.34], [0.86, 0.52], [0.74, 0.6], [0.64, 0.52]),
      bed('meadow', [0.86, 0.33], [1, 0.38], [1, 0.6], [0.89, 0.6]),
      bed('bush', [0, 0.7], [0.11, 0.72], [0.2, 0.6], [0.28, 0.66], [0.26, 1], [0, 1]),
      bed('red', [0.29, 0.66], [0.38, 0.58], [0.42, 0.74], [0.4, 1], [0.28, 1]),
      bed('tall', [0.76, 0.63], [0.88, 0.63], [1, 0.64], [1, 1], [0.75, 1]),
      bed('bush', [0.6, 0.6], [0.7, 0.62], [0.73, 1], [0.6, 1], [0.56, 0.78]),
    ],
  },
  // High at the left, falling to open ground at the right.
  slope: {
    isRound: true,
    beds: [
      bed('tall', [0, 0.58], [0.14, 0.56], [0.2, 0.72], [0.2, 1], [0, 1]),
      bed('bush', [0.16, 0.54], [0.32, 0.56], [0.4, 0.74], [0.4, 1], [0.23, 1], [0.22, 0.7]),
      bed('red', [0.36, 0.58], [0.48, 0.58], [0.56, 0.74], [0.54, 1], [0.43, 1], [0.42, 0.72]),
      bed('ribbon', [0, 0.32], [0.12, 0.3], [0.14, 0.52], [0, 0.54]),
      bed('mid', [0.15, 0.28], [0.34, 0.3], [0.36, 0.52], [0.18, 0.5]),
      bed('meadow', [0.54, 0.56], [0.7, 0.57], [0.84, 0.66], [0.92, 0.84], [0.9, 1], [0.57, 1], [0.59, 0.72]),
      bed('fore', [0.38, 0.32], [0.58, 0.34], [0.66, 0.52], [0.5, 0.53], [0.39, 0.52]),
      bed('carpet', [0, 0], [1, 0], [1, 0.24], [0.84, 0.36], [0.68, 0.34], [0.5, 0.29], [0.3, 0.26], [0.12, 0.26], [0, 0.28]),
    ],
  },
  // Little water above the ground: nothing tall, groups low and wide.
  shallow: {
    isRound: true,
    beds: [
      bed('carpet', [0, 0], [0.5, 0], [0.54, 0.22], [0.4, 0.4], [0.2, 0.36], [0, 0.42]),
      bed('fore', [0.54, 0], [0.8, 0], [0.78, 0.24], [0.64, 0.32], [0.57, 0.2]),
      bed('carpet', [0.83, 0], [1, 0], [1, 0.44], [0.84, 0.4], [0.8, 0.24]),
      bed('meadow', [0, 0.46], [0.2, 0.4], [0.36, 0.46], [0.34, 0.7], [0.16, 0.74], [0, 0.7]),
      bed('mid', [0.44, 0.44], [0.58, 0.3], [0.7, 0.37], [0.72, 0.58], [0.54, 0.64], [0.4, 0.58]),
      bed('fore', [0, 0.74], [0.16, 0.78], [0.34, 0.74], [0.34, 1], [0, 1]),
      bed('meadow', [0.75, 0.42], [1, 0.48], [1, 0.74], [0.84, 0.72], [0.74, 0.62]),
      bed('red', [0.38, 0.68], [0.54, 0.68], [0.6, 0.8], [0.58, 1], [0.38, 1]),
      bed('mid', [0.63, 0.7], [0.74, 0.66], [0.84, 0.76], [1, 0.78], [1, 1], [0.62, 1]),
    ],
  },
}
