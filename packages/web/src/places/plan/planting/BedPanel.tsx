import { plantingWords, plantPlaceWords, standingAspectWords } from '@jovrin/contract'
import {
  bordered,
  doTouch,
  duplicateBed,
  exchangePlant,
  mirrorBed,
  movedApart,
  placeOfBed,
  plantInBed,
  siteOfBed,
  removeBed,
  risingSteps,
  standingOf,
  supplyAt,
  takeOutPlant,
  weeksToClose,
  type LaidBed,
  type LaidPlant,
  type Plan,
  type PlantSite,
} from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useState } from 'react'
import { Link } from 'react-router'
import { localId } from '../../../api/localId.js'
import { PlantGlyph } from '../../../drawing/species/PlantGlyph.js'
import { RemoveIcon } from '../../../ui/icons/RemoveIcon.js'
import { Grid } from '../../../ui/QuestionGroup.js'
import { significant, useUnits } from '../../../ui/units.js'
import { remarkText } from '../../shared/species.text.js'
import { VerdictMark } from '../../shared/VerdictMark.js'
import type { Desk } from '../desk.js'
import { PlanChoice, PlanField } from '../PlanField.js'
import { PlantPicker } from './PlantPicker.js'

interface BedPanelProps {
  readonly desk: Desk
  readonly laid: LaidBed
  readonly onChoose: (id: string | null) => void
}

/** What grows in the chosen patch: plants, spacing, amounts, and how each stands where it is. */
export function BedPanel({ desk, laid, onChoose }: BedPanelProps) {
  const { plan, figures, change } = desk
  const { bed, plants } = laid
  const place = placeOfBed(laid, figures.inner.widthCm)
  const site = siteOfBed(plan, figures, laid)
  const made = (result: { readonly plan: Plan; readonly id: string } | null): void => {
    if (result === null) return
    change(() => result.plan)
    onChoose(result.id)
  }
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      {plants.map((planted) => (
        <OnePlant key={planted.id} desk={desk} laid={laid} planted={planted} site={site} isMixed={plants.length > 1} />
      ))}
      <PlantPicker
        label={plants.length === 0 ? `${plantingWords.addPlant} (${plantPlaceWords[place]})` : plantingWords.mixPlant}
        site={site}
        onPick={(plant) => change((now) => plantInBed(now, bed.id, plant, localId))}
      />
      <Grid min={150}>
        <PlanChoice path="beds/*/start" item={bed} />
        <PlanField path="beds/*/spacingCm" item={bed} />
        <PlanField path="beds/*/cutCm" item={bed} />
        <PlanChoice path="beds/*/stands" item={bed} />
      </Grid>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button onClick={() => made(duplicateBed(plan, bed.id, figures.inner, localId))}>{plantingWords.duplicate}</Button>
        <Button onClick={() => made(mirrorBed(plan, bed.id, figures.inner, localId))}>{plantingWords.mirror}</Button>
        {!laid.isFloating && plants.length > 0 && (
          <>
            <Button onClick={() => change((now) => risingSteps(now, laid, localId) ?? now)}>{plantingWords.rising}</Button>
            <Button onClick={() => change((now) => bordered(now, laid, figures.ground, figures.inner, localId))}>
              {plantingWords.border}
            </Button>
          </>
        )}
        {figures.beds.some((other) => doTouch(laid, other, figures.inner)) && (
          <Button onClick={() => change((now) => movedApart(now, laid, figures.beds, figures.inner) ?? now)}>{plantingWords.apart}</Button>
        )}
        <Button
          onClick={() => {
            change((now) => removeBed(now, bed.id))
            onChoose(null)
          }}
        >
          {plantingWords.remove}
        </Button>
      </Box>
    </Box>
  )
}

interface OnePlantProps {
  readonly desk: Desk
  readonly laid: LaidBed
  readonly planted: LaidPlant
  readonly site: PlantSite
  readonly isMixed: boolean
}
function OnePlant({ desk: { change, tankId }, laid: { bed, isOut }, planted, site, isMixed }: OnePlantProps) {
  const units = useUnits()
  const [isExchanging, setExchanging] = useState(false)
  const { plant, portions, spacingCm, pots, retail, spare } = planted
  const standing = standingOf(plant, site)
  const weeks = weeksToClose(plant, spacingCm, supplyAt(plant, site))
  const doubts = isOut ? [] : standing.remarks.filter(({ verdict }) => verdict !== 'fits')
  return (
    <Box sx={{ borderBottom: '1px solid var(--hair)', pb: 1 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <PlantGlyph plant={plant} widthPx={48} heightPx={40} />
        <Box sx={{ flexGrow: 1, lineHeight: 1.25 }}>
          <Box sx={{ fontStyle: 'italic', fontSize: 17 }}>{plant.name}</Box>
          <Box
            component={Link}
            to={`/library/species/${plant.id}?tank=${tankId}&at=${site.place}`}
            sx={{ color: 'inherit', fontSize: 13.5 }}
          >
            {plantingWords.openPlant}
          </Box>
        </Box>
        {!isOut && <VerdictMark verdict={standing.verdict} />}
        <Button
          variant="text"
          sx={{ minWidth: 26, p: 0 }}
          aria-label={plantingWords.takeOut(plant.name)}
          onClick={() => change((now) => takeOutPlant(now, bed.id, planted.id))}
        >
          <RemoveIcon />
        </Button>
      </Box>
      <Box sx={{ fontSize: 14.5 }} className="figures">
        {plantingWords.portionsOf(String(portions), units.show('length', spacingCm, 2))}; {plantingWords.retail(pots, retail)},{' '}
        {plantingWords.spare(spare)};{' '}
        {weeks === null ? plantingWords.neverCloses : plantingWords.closes(significant(Math.max(0, weeks), 2))}
      </Box>
      {doubts.map((remark) => (
        <Box key={remark.code} sx={{ fontSize: 14, color: 'text.secondary' }}>
          <b>{standingAspectWords[remark.aspect]}</b> {remarkText(remark, units)}
        </Box>
      ))}
      {isMixed && <PlanField path="beds/*/plants/*/share" item={bed} of={[planted.id]} />}
      {isExchanging ? (
        <PlantPicker
          label={plantingWords.exchange}
          site={site}
          onPick={(next) => {
            setExchanging(false)
            change((now) => exchangePlant(now, bed.id, planted.id, next))
          }}
        />
      ) : (
        <Button variant="text" sx={{ p: 0, minWidth: 0 }} onClick={() => setExchanging(true)}>
          {plantingWords.exchange}
        </Button>
      )}
    </Box>
  )
}
