import { outline } from '../layouts.js'
import type { MapPatch, MapSpot } from '../maps.js'

/** Quiet and without gas: crowns in the gravel, rhizomes and mosses on the lava, nothing that asks for scissors every week. */
export const ARCHIVE_MAP: readonly MapPatch[] = [
  { outline: outline([0, 0], [30, 0], [28, 8, 1], [18.5, 6.5], [8, 6, 1], [6.5, 15], [0, 16]), plants: [['cryptocoryne-x-willisii', 1]] },
  { outline: outline([0, 18.2], [14, 19, 1], [15, 28], [0, 27]), plants: [['cryptocoryne-wendtii', 1]] },
  { outline: outline([0, 29.5], [14, 30.5, 1], [14.5, 36.4], [0, 36.4]), plants: [['cryptocoryne-retrospiralis', 1]] },
  { outline: outline([17, 30], [30, 28, 1], [43.5, 29], [44, 36.4], [17, 36.4]), plants: [['vallisneria-nana', 1]] },
  { outline: outline([46.5, 27], [55, 25, 1], [63.4, 23], [63.4, 36.4], [46.5, 36.4]), plants: [['cryptocoryne-wendtii-brown-form', 1]] },
  {
    outline: outline([33, 0], [63.4, 0], [63.4, 12], [54, 13.5, 1], [46, 11], [36, 10, 1]),
    plants: [['cryptocoryne-parva', 1]],
  },
]
export const ARCHIVE_SPOTS: readonly MapSpot[] = [
  { piece: 'lava', alongFraction: 0.3, upFraction: 0.45, widthCm: 8, heightCm: 5, species: 'anubias-barteri-var-nana', laying: 'clump' },
  { piece: 'lava', alongFraction: 0.62, upFraction: 0.75, widthCm: 9, heightCm: 5, species: 'leptochilus-pteropus', laying: 'clump' },
  {
    piece: 'lava2',
    alongFraction: 0.5,
    upFraction: 0.7,
    widthCm: 9,
    heightCm: 4,
    species: 'taxiphyllum-barbieri',
    laying: 'chopped',
    start: 'cup',
  },
  { piece: 'lava3', alongFraction: 0.5, upFraction: 0.6, widthCm: 6, heightCm: 3, species: 'bucephalandra-motleyana', laying: 'clump' },
]
