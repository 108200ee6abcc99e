import { lightWords } from '@jovrin/contract'
import { addLamp, changeLamp, removeLamp, type Lamp } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { localId } from '../../../../api/localId.js'
import { RemoveIcon } from '../../../../ui/icons/RemoveIcon.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { PlanChoice, PlanField } from '../../PlanField.js'
import { MakerTable } from './MakerTable.js'
import { SideBySide, type HeldLamps } from './SideBySide.js'

interface LampsPanelProps {
  readonly desk: Desk
  readonly held: HeldLamps
}

/** The lamps in fields, with what each is taken to give; two ways to hang them side by side. */
export function LampsPanel({ desk, held }: LampsPanelProps) {
  const { form, change } = desk
  return (
    <>
      {form.draft.lamps.map((lamp, place) => (
        <OneLamp key={lamp.id} desk={desk} lamp={lamp} place={place} />
      ))}
      <Box>
        <Button onClick={() => change((now) => addLamp(now, localId('l'), now.lamps.at(-1)))}>{lightWords.addLamp}</Button>
      </Box>
      <section aria-labelledby="light-water">
        <Heading id="light-water">{lightWords.waterAsked}</Heading>
        <Grid min={150}>
          <PlanField path="light/attenuationPerM" />
        </Grid>
      </section>
      <SideBySide desk={desk} held={held} />
    </>
  )
}

function OneLamp({ desk, lamp, place }: { readonly desk: Desk; readonly lamp: Lamp; readonly place: number }) {
  const { figures, change } = desk
  const units = useUnits()
  const answered = figures.lamps.find(({ id }) => id === lamp.id)
  const number = String(place + 1)
  const heading = `light-lamp-${place}`
  const known = lamp.fluxUmolPerS !== null ? 'flux' : lamp.lumens !== null ? 'lumens' : lamp.watts !== null ? 'watts' : ('nothing' as const)
  const full = answered === undefined || answered.dimFraction === 0 ? 0 : answered.fluxUmolPerS / answered.dimFraction
  return (
    <section aria-labelledby={heading}>
      <Heading id={heading}>
        {lightWords.lamp(number)}
        <Button
          variant="text"
          sx={{ minWidth: 26, p: 0, ml: 'auto' }}
          aria-label={lightWords.removeLamp(number)}
          onClick={() => change((now) => removeLamp(now, lamp.id))}
        >
          <RemoveIcon />
        </Button>
      </Heading>
      <PlanChoice path="lamps/*/kind" item={lamp} />
      <Grid min={112}>
        <PlanField path="lamps/*/watts" item={lamp} />
        <PlanField path="lamps/*/lumens" item={lamp} />
        <PlanField path="lamps/*/fluxUmolPerS" item={lamp} />
        <PlanField path="lamps/*/dimFraction" item={lamp} />
        <PlanField path="lamps/*/lengthCm" item={lamp} />
        <PlanField path="lamps/*/widthCm" item={lamp} />
        <PlanField path="lamps/*/aboveWaterCm" item={lamp} />
        <PlanField path="lamps/*/xCm" item={lamp} />
        <PlanField path="lamps/*/yCm" item={lamp} />
        <PlanField path="lamps/*/tiltDeg" item={lamp} />
        <PlanField path="lamps/*/beamExponent" item={lamp} />
      </Grid>
      <Box className="figures" sx={{ fontSize: 14, mt: 0.5 }}>
        {lightWords.fluxFrom[known](units.show('photonFlux', full, 2))}
      </Box>
      {(lamp.xCm !== null || lamp.yCm !== null) && (
        <Button variant="text" sx={{ px: 0 }} onClick={() => change((now) => changeLamp(now, lamp.id, { xCm: null, yCm: null }))}>
          {lightWords.placeLamp}
        </Button>
      )}
      {answered !== undefined && <MakerTable desk={desk} lamp={answered} />}
    </section>
  )
}

export function Heading({ id, children }: { readonly id: string; readonly children: React.ReactNode }) {
  return (
    <Box
      component="h2"
      id={id}
      className="lettering"
      sx={{ fontSize: 16, m: 0, mb: 0.5, borderBottom: '1px solid var(--ink)', display: 'flex' }}
    >
      {children}
    </Box>
  )
}
