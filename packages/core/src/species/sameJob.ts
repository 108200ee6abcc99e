import type { PlantSpecies } from './plantSpecies.js'
import { standingOf, VERDICTS, type PlantSite, type Verdict } from './standing.js'
import { EASES, type Shade } from './traits.js'

/** Shades that do for one another in a layout. */
const FAMILY: Readonly<Record<Shade, 'green' | 'dark' | 'warm' | 'bright'>> = {
  'light-green': 'green',
  green: 'green',
  'dark-green': 'dark',
  olive: 'dark',
  bronze: 'warm',
  brown: 'dark',
  yellow: 'bright',
  orange: 'warm',
  pink: 'warm',
  red: 'warm',
  purple: 'warm',
}
export interface SameJob {
  readonly plant: PlantSpecies
  readonly verdict: Verdict
  /** It stands a lapse that the other does not. */
  readonly isEasier: boolean
}
/** Heights within this ratio do the same job. Rule of thumb. */
const HEIGHT_RATIO = 1.7

const hardest = ({ ease }: PlantSpecies): number => Math.max(...ease.map((one) => EASES.indexOf(one)))
const meets = <One>(a: readonly One[], b: readonly One[]): boolean => a.some((one) => b.includes(one))
const familiesOf = ({ colour }: PlantSpecies) => colour.strong.map((shade) => FAMILY[shade])

/** Plants that would do the same job: same place, kind and colour, about as high. Those that stand better here come first, then those that no list is known to name, then the easier, then the most alike. */
export function sameJob(plant: PlantSpecies, all: readonly PlantSpecies[], site: PlantSite, most = 5): SameJob[] {
  const height = plant.matureHeightCm.value
  const alike = all.flatMap((other) => {
    if (other.id === plant.id || other.legal === 'widely-listed' || other.kind !== plant.kind || !meets(other.places, plant.places))
      return []
    const ratio = Math.max(other.matureHeightCm.value / height, height / other.matureHeightCm.value)
    if (ratio > HEIGHT_RATIO || !meets(familiesOf(other), familiesOf(plant))) return []
    const likeness =
      (other.form === plant.form ? 2 : 0) +
      (other.outline === plant.outline ? 2 : 0) +
      (other.habit === plant.habit ? 1 : 0) -
      2 * Math.log(ratio)
    return [{ plant: other, verdict: standingOf(other, site).verdict, isEasier: hardest(other) < hardest(plant), likeness }]
  })
  return alike
    .sort(
      (a, b) =>
        VERDICTS.indexOf(a.verdict) - VERDICTS.indexOf(b.verdict) ||
        Number(a.plant.legal !== 'none-known') - Number(b.plant.legal !== 'none-known') ||
        Number(b.isEasier) - Number(a.isEasier) ||
        b.likeness - a.likeness ||
        a.plant.name.localeCompare(b.plant.name, 'en'),
    )
    .slice(0, most)
    .map(({ likeness: _likeness, ...job }) => job)
}
