import { mineralWords, nameIn, waterSheetWords } from '@jovrin/contract'
import {
  conditioning,
  hasAnimalsAt,
  hoseLPerMin,
  mineralsFor,
  MINERAL_SALTS,
  nearestPurified,
  newWater,
  type MineralSalt,
} from '@jovrin/core'
import { Box, Button, Checkbox, FormControlLabel } from '@mui/material'
import { useMemo } from 'react'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { percent, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { PlanChoice, PlanField, PlanFlag } from '../../PlanField.js'
import { Heading } from '../light/LampsPanel.js'

/** What new water is to come to, with which salts, and how it is made safe and warm. */
export function ReadyPart({ desk, age }: { readonly desk: Desk; readonly age: number }) {
  const text = waterSheetWords
  const { change } = desk
  const chosen = desk.form.draft.water.minerals
  const choose = (salt: MineralSalt, isChosen: boolean): void =>
    change((now) => ({
      ...now,
      water: {
        ...now.water,
        minerals: MINERAL_SALTS.filter((one) => (one === salt ? isChosen : now.water.minerals.includes(one))),
      },
    }))
  return (
    <>
      <section aria-labelledby="water-wanted">
        <Heading id="water-wanted">{text.wanted}</Heading>
        <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
          <Grid min={130}>
            <PlanField path="water/hardnessMmolPerL" />
            <PlanField path="water/caMgMassRatio" />
            <PlanField path="water/alkalinityMeqPerL" />
          </Grid>
          <Nearest desk={desk} />
          <Box sx={{ color: 'text.secondary' }}>{text.wantedNote}</Box>
        </Box>
      </section>
      <section aria-labelledby="water-minerals">
        <Heading id="water-minerals">{text.minerals}</Heading>
        <Box sx={{ display: 'grid', gap: 0.5, fontSize: 14 }}>
          <Box role="group" aria-labelledby="water-minerals" sx={{ display: 'grid', gridTemplateColumns: { sm: '1fr 1fr' } }}>
            {MINERAL_SALTS.map((salt) => (
              <FormControlLabel
                key={salt}
                control={<Checkbox size="small" checked={chosen.includes(salt)} onChange={(_, isChosen) => choose(salt, isChosen)} />}
                label={nameIn(mineralWords, salt)}
              />
            ))}
          </Box>
          <Minerals desk={desk} />
          <Box sx={{ color: 'text.secondary' }}>{text.mineralsNote}</Box>
        </Box>
      </section>
      <ConditionerPanel desk={desk} age={age} />
      <Kit desk={desk} />
      <section aria-labelledby="water-topup">
        <Heading id="water-topup">{text.topUp}</Heading>
        <PlanChoice path="water/topUp" />
      </section>
    </>
  )
}

/** Which purified share comes nearest to the aims by itself. */
function Nearest({ desk: { plan, change } }: { readonly desk: Desk }) {
  const text = waterSheetWords
  const units = useUnits()
  const nearest = useMemo(() => nearestPurified(plan), [plan])
  if (nearest === null) return null
  const share = Math.round(nearest.purified * 100) / 100
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
      <span>
        {text.nearest(
          `${percent(share)} %`,
          units.show('hardness', nearest.hardnessMmolPerL, 2),
          units.show('alkalinity', nearest.alkalinityMeqPerL, 2),
        )}
      </span>
      {Math.abs(share - (plan.logistics.purifiedFraction ?? 0)) > 0.005 && (
        <Button onClick={() => change((now) => ({ ...now, logistics: { ...now.logistics, purifiedFraction: share } }))}>
          {text.takeNearest(`${percent(share)} %`)}
        </Button>
      )}
    </Box>
  )
}

function Minerals({ desk: { plan, figures } }: { readonly desk: Desk }) {
  const text = waterSheetWords
  const units = useUnits()
  const { recipe } = useMemo(() => newWater(plan), [plan])
  const litres = figures.waterL * plan.changes.fraction
  const weighed = mineralsFor(plan, litres)
  if (weighed.length === 0) return <div role="status">{plan.water.minerals.length === 0 ? text.recipeEmpty : text.recipeNone}</div>
  const missed = Object.entries(recipe?.deviations ?? {}).flatMap(
    ([item, deviation]) =>
      Math.abs(deviation) < 0.005
        ? []
        : [text.missed(nameIn(text.items, item as keyof typeof text.items), `${percent(Math.abs(deviation))} %`, deviation > 0)], // the items of a recipe of minerals
  )
  const along = (Object.keys(text.partners) as (keyof typeof text.partners)[]).flatMap((partner) => {
    const mgPerL = recipe?.partners[partner] ?? 0
    return mgPerL > 0.05 ? [`${text.partners[partner]} ${units.show('concentration', mgPerL, 2)}`] : []
  })
  return (
    <Box role="status" className="figures" sx={{ display: 'grid', gap: 0.25 }}>
      <strong>{text.recipe(units.show('volume', litres))}</strong>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {weighed.map(({ salt, grams }) => (
          <li key={salt}>{`${nameIn(mineralWords, salt)} ${units.show('salt', grams)}`}</li>
        ))}
      </Box>
      <div>{recipe?.status === 'exact' ? text.recipeExact : text.recipeShort(missed.join(', '))}</div>
      {along.length > 0 && <div>{text.along(along.join(', '))}</div>}
      <div>{text.stored}</div>
    </Box>
  )
}

function ConditionerPanel({ desk: { plan, figures }, age }: { readonly desk: Desk; readonly age: number }) {
  const text = waterSheetWords
  const units = useUnits()
  const newL = figures.waterL * plan.changes.fraction
  const treated = conditioning({ plan, newL, tankL: figures.waterL, hasAnimals: hasAnimalsAt(plan, age) })
  return (
    <section aria-labelledby="water-conditioner">
      <Heading id="water-conditioner">{text.conditioner}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <Grid min={130}>
          <PlanField path="water/conditioner/labelMl" />
          <PlanField path="water/conditioner/labelL" />
        </Grid>
        <PlanChoice path="water/conditioner/binds" />
        <PlanChoice path="water/conditioner/place" />
        <PlanFlag path="water/conditioner/beforeAnimals" />
        <div role="status" className="figures">
          {treated.kind === 'none'
            ? treated.reason === 'no-animals'
              ? text.treatedLater
              : text.treatedNone
            : treated.millilitres === null
              ? text.treatedLabel(units.show('volume', treated.litres))
              : text.treatedMl(units.show('dosing', treated.millilitres), units.show('volume', treated.litres))}
        </div>
      </Box>
    </section>
  )
}

function Kit({ desk: { plan } }: { readonly desk: Desk }) {
  const text = waterSheetWords
  const units = useUnits()
  const [fill, drain] = [hoseLPerMin(plan.water.kit, 'fillS'), hoseLPerMin(plan.water.kit, 'drainS')]
  const told = (lPerMin: number): string => text.flow(units.show('volume', lPerMin, 2))
  return (
    <section aria-labelledby="water-kit">
      <Heading id="water-kit">{text.kit}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <Grid min={130}>
          <PlanField path="water/kit/bucketL" />
          <PlanField path="water/kit/fillS" />
          <PlanField path="water/kit/drainS" />
          <PlanField path="water/kit/hotC" />
          <PlanField path="water/kit/boilerL" />
          <PlanField path="water/kit/boilerW" />
        </Grid>
        {fill !== null && <div className="figures">{text.flowTold(told(fill))}</div>}
        {drain !== null && <div className="figures">{text.drainTold(told(drain))}</div>}
      </Box>
    </section>
  )
}
