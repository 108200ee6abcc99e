import { plantingWords } from '@jovrin/contract'
import { standingOf, type PlantSite, type PlantSpecies } from '@jovrin/core'
import { PlantSearch } from '../../shared/PlantSearch.js'
import { VerdictMark } from '../../shared/VerdictMark.js'

interface PlantPickerProps {
  readonly label: string
  readonly site: PlantSite
  readonly onPick: (plant: PlantSpecies) => void
}

/** A plant of the library, each with how it would stand here. */
export function PlantPicker({ label, site, onPick }: PlantPickerProps) {
  return (
    <PlantSearch
      label={label}
      picked={null}
      isFirst={({ places }) => places.includes(site.place)}
      noneFound={plantingWords.noPlant}
      besideName={(plant) => <VerdictMark verdict={standingOf(plant, site).verdict} />}
      onPick={(plant) => plant !== null && onPick(plant)}
    />
  )
}
