import { journalWords, plantCountWords, plantDeedWords, plantKindWords, raisedWords } from '@jovrin/contract'
import { countedPlants, mayMeetShrimps, PLANT_COUNTS, PLANT_DEEDS, PLANT_KINDS, RAISED, type JournalRecord } from '@jovrin/core'
import { Alert, Box } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { planOfTank } from '../../../api/tanks.queries.js'
import { allPlants } from '../../library/species/species.queries.js'
import { DateInput, NumberInput, PickInput } from '../../../ui/form/fields.js'
import { optionsOf } from '../../../ui/form/optionsOf.js'
import type { JudgedForm } from '../../../ui/form/useJudgedForm.js'
import { significant, useUnits } from '../../../ui/units.js'
import { bedName } from '../../shared/bedName.js'
import { PlantSearch } from '../../shared/PlantSearch.js'
import type { EventDraft } from './eventDraft.js'

const { field } = journalWords

/** Plants that came, went or were moved: which, how many, where. */
export function PlantsFields({ tankId, form }: { readonly tankId: string; readonly form: JudgedForm<EventDraft, JournalRecord> }) {
  const { control } = form
  const units = useUnits()
  const plan = useQuery(planOfTank(tankId)).data?.plan
  const plants = useQuery(allPlants()).data
  const [deed, species, kind, raised, count, countedIn] = form.watch(['deed', 'species', 'plantKind', 'raised', 'count', 'countedIn'])
  const plant = plants?.find(({ id }) => id === species) ?? null
  const isMapped = new Set(plan?.flora.map(({ id }) => id))
  const beds = [['', journalWords.ownPlace] as const, ...(plan?.beds ?? []).map((bed) => [bed.id, bedName(bed, plan)] as const)]
  const counted = typeof count === 'number' && deed !== 'moved' ? countedPlants(plant, plant?.kind ?? kind, count, countedIn) : null
  const comesFromOutside = deed === 'added' || deed === 'arrived'
  return (
    <>
      <PickInput control={control} name="deed" label={field.deed} options={optionsOf(PLANT_DEEDS, plantDeedWords)} />
      <PlantSearch
        label={field.plant}
        picked={plant}
        keepsPicked
        isFirst={({ id }) => isMapped.has(id)}
        noneFound={journalWords.noPlant}
        onPick={(next) => {
          form.setValue('species', next?.id ?? '')
          form.setValue('plant', next?.name ?? '')
          if (next !== null) form.setValue('plantKind', next.kind)
        }}
      />
      {plant === null && (
        <PickInput control={control} name="plantKind" label={field.plantKind} options={optionsOf(PLANT_KINDS, plantKindWords)} />
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
        <NumberInput
          control={control}
          name="count"
          label={field.count}
          why={journalWords.plantsWhy[deed]}
          dimension="count"
          range={[0.1, 100_000]}
          canBeUnknown={false}
        />
        <PickInput control={control} name="countedIn" label={field.countedIn} options={optionsOf(PLANT_COUNTS, plantCountWords.unit)} />
      </Box>
      {comesFromOutside && <PickInput control={control} name="raised" label={field.raised} options={optionsOf(RAISED, raisedWords)} />}
      {deed !== 'arrived' && <PickInput control={control} name="bed" label={field.bed} options={beds} />}
      {deed === 'moved' && <PickInput control={control} name="toBed" label={field.toBed} options={beds} />}
      {deed === 'arrived' && <DateInput control={control} name="heldUntil" label={field.heldUntil} />}
      <Box sx={{ fontSize: 14, color: 'text.secondary' }} role="status">
        {counted !== null && `${journalWords.plantsAre(significant(counted.portions, 3), units.show('salt', counted.dryG))} `}
        {journalWords.plantsWhy[deed]}
      </Box>
      {comesFromOutside && raised === 'in-air' && plan !== undefined && mayMeetShrimps(plan) && (
        <Alert severity="warning">{journalWords.shrimpsWarned}</Alert>
      )}
    </>
  )
}
