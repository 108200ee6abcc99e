import { outline } from '../layouts.js'
import type { MapPatch, MapSpot } from '../maps.js'

/** A low shore: carpets run to the sand, stems close the back, and on the rear rim a strip of bog plants grows out of the water. */
export const SHALLOW_MAP: readonly MapPatch[] = [
  {
    outline: outline([0, 0], [28, 0], [38, 8.5, 1], [43, 12], [40, 16.5], [29, 16], [19, 17.5, 1], [0, 15.5]),
    plants: [['glossostigma-elatinoides', 1]],
    start: 'cup',
  },
  {
    outline: outline([46, 12], [58, 14.5, 1], [73.4, 11.5], [73.4, 24], [66, 25, 1], [57, 24.5], [56, 17.5], [47, 17]),
    plants: [['eleocharis-pusilla', 1]],
    start: 'cup',
  },
  { outline: outline([0, 19], [15, 20, 1], [22, 27.5], [18, 31, 1], [0, 28.5]), plants: [['staurogyne-repens', 1]] },
  { outline: outline([0, 31], [19, 33.5, 1], [24.5, 29], [29, 32.5], [30.5, 43.4], [0, 43.4]), plants: [['hydrocotyle-tripartita', 1]] },
  { outline: outline([33, 32.5], [45.5, 36], [45.5, 43.4], [33.5, 43.4]), plants: [['rotala-rotundifolia-green-form', 1]], spacingCm: 3.5 },
  {
    outline: outline([47.8, 37.5], [66, 36.5, 1], [73.4, 34], [73.4, 43.4], [47.8, 43.4]),
    plants: [['ludwigia-palustris', 1]],
    spacingCm: 4,
    cutCm: 9,
  },
  {
    outline: outline([2, 37], [26, 37], [26, 43], [2, 43]),
    plants: [
      ['bacopa-monnieri', 0.6],
      ['lysimachia-nummularia', 0.4],
    ],
    stands: 'air',
  },
]
export const SHALLOW_SPOTS: readonly MapSpot[] = [
  {
    piece: 'wood',
    alongFraction: 0.4,
    upFraction: 0.6,
    widthCm: 6,
    heightCm: 3,
    species: 'anubias-barteri-var-nana-dwarf-form',
    laying: 'clump',
  },
  {
    piece: 'wood',
    alongFraction: 0.72,
    upFraction: 0.8,
    widthCm: 9,
    heightCm: 2.5,
    species: 'taxiphyllum-barbieri',
    laying: 'chopped',
    start: 'cup',
  },
  { piece: 'wood2', alongFraction: 0.35, upFraction: 0.6, widthCm: 5, heightCm: 3, species: 'bucephalandra-motleyana', laying: 'clump' },
]
