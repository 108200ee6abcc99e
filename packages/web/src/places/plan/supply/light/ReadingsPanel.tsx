import { lightWords } from '@jovrin/contract'
import { fitReadings, groundHeightCm, withFit, type LightReading, type Spot } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useMemo } from 'react'
import { localId } from '../../../../api/localId.js'
import { RemoveIcon } from '../../../../ui/icons/RemoveIcon.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { significant, useUnits } from '../../../../ui/units.js'
import { useSettled, type Desk } from '../../desk.js'
import { PlanChoice, PlanField } from '../../PlanField.js'
import { Heading } from './LampsPanel.js'

interface ReadingsPanelProps {
  readonly desk: Desk
  readonly probe: Spot
  /** Of the plane that the map shows; `null` follows the ground. */
  readonly heightCm: number | null
}

/** What a meter or a phone showed at spots of the tank, and what that says of lamps and water. */
export function ReadingsPanel({ desk, probe, heightCm }: ReadingsPanelProps) {
  const { plan, form, figures, change } = desk
  const { readings } = form.draft.light
  const add = (): void => {
    const { xCm, yCm } = { xCm: Math.round(probe.xCm), yCm: Math.round(probe.yCm) }
    const last = plan.light.readings.at(-1)
    const reading: LightReading = {
      id: localId('r'),
      medium: last?.medium ?? 'water',
      method: last?.method ?? 'meter',
      xCm,
      yCm,
      heightCm: Math.round(heightCm ?? groundHeightCm(figures.ground, xCm, yCm)),
      ppfd: Math.max(1, Math.round(figures.ppfd)),
    }
    change((now) => ({ ...now, light: { ...now.light, readings: [...now.light.readings, reading] } }))
  }
  return (
    <>
      {readings.length === 0 && <Box sx={{ fontSize: 14 }}>{lightWords.noReadings}</Box>}
      {readings.map((reading, place) => (
        <section key={reading.id} aria-label={lightWords.reading(String(place + 1))}>
          <Heading id={`light-reading-${place}`}>
            {lightWords.reading(String(place + 1))}
            <Button
              variant="text"
              sx={{ minWidth: 26, p: 0, ml: 'auto' }}
              aria-label={lightWords.removeReading(String(place + 1))}
              onClick={() =>
                change((now) => ({
                  ...now,
                  light: { ...now.light, readings: now.light.readings.filter(({ id }) => id !== reading.id) },
                }))
              }
            >
              <RemoveIcon />
            </Button>
          </Heading>
          <Grid min={92}>
            <PlanField path="light/readings/*/ppfd" of={[reading.id]} />
            <PlanField path="light/readings/*/xCm" of={[reading.id]} range={[0, figures.inner.lengthCm]} />
            <PlanField path="light/readings/*/yCm" of={[reading.id]} range={[0, figures.inner.widthCm]} />
            <PlanField path="light/readings/*/heightCm" of={[reading.id]} range={[0, figures.inner.waterDepthCm]} />
          </Grid>
          <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap' }}>
            <PlanChoice path="light/readings/*/medium" of={[reading.id]} />
            <PlanChoice path="light/readings/*/method" of={[reading.id]} />
          </Box>
        </section>
      ))}
      <Box>
        <Button onClick={add}>{lightWords.addReading}</Button>
        <Box sx={{ fontSize: 13, color: 'text.secondary', mt: 0.5 }}>{lightWords.phoneLux}</Box>
      </Box>
      <Fitted desk={desk} />
    </>
  )
}

/** What the readings say of each lamp and of the water, what they cannot say, and taking it. */
function Fitted({ desk: newest }: { readonly desk: Desk }) {
  const units = useUnits()
  const { plan, figures, change } = useSettled(newest)
  const fit = useMemo(() => fitReadings({ plan, light: figures, inner: figures.inner }), [plan, figures])
  if (fit === null) return null
  const times = (value: number): string => significant(value, 3)
  const isFitted = fit.lamps.every(({ factor }) => Math.abs(factor.value - 1) < AGREES)
  return (
    <section aria-labelledby="light-fit">
      <Heading id="light-fit">{lightWords.fit}</Heading>
      <Box component="table" className="figures" sx={{ width: '100%', fontSize: 14, '& th': { fontWeight: 'normal', textAlign: 'left' } }}>
        <thead>
          <tr>
            {lightWords.readingHead.map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {fit.readings.map(({ reading, before, after, isOdd }, place) => (
            <tr key={reading.id} style={isOdd ? { color: 'var(--algae)' } : undefined}>
              <td>{lightWords.reading(String(place + 1))}</td>
              <td>{significant(reading.ppfd, 3)}</td>
              <td>{significant(before, 2)}</td>
              <td>
                {significant(after, 2)} {isOdd && lightWords.readingOdd}
              </td>
            </tr>
          ))}
        </tbody>
      </Box>
      <Box sx={{ fontSize: 14, mt: 0.5, display: 'grid', gap: 0.25 }}>
        {fit.lamps.map(({ id, factor }, place) => (
          <span key={id}>
            {factor.isTold
              ? lightWords.fitLamp(String(place + 1), times(factor.value), times(factor.low), times(factor.high))
              : lightWords.fitLampUntold(String(place + 1))}
          </span>
        ))}
        {fit.attenuationPerM.isTold && (
          <span>
            {lightWords.fitWater(
              units.show('attenuation', fit.attenuationPerM.value, 2),
              significant(fit.attenuationPerM.low, 2),
              significant(fit.attenuationPerM.high, 2),
            )}
          </span>
        )}
        {fit.doubts.map((doubt) => (
          <Box key={doubt} sx={{ color: 'text.secondary' }}>
            {lightWords.doubts[doubt]}
          </Box>
        ))}
      </Box>
      {isFitted && !needsWater(fit.attenuationPerM, figures.attenuationPerM) ? (
        <Box sx={{ fontSize: 14, mt: 0.5 }}>{lightWords.fitted}</Box>
      ) : (
        <Button sx={{ mt: 0.5 }} onClick={() => change((now) => withFit(now, fit))}>
          {lightWords.fitTake}
        </Button>
      )}
    </section>
  )
}
/** Nearer than a meter reads. */
const AGREES = 0.04
const WATER_AGREES = 0.12
const needsWater = ({ value, isTold }: { readonly value: number; readonly isTold: boolean }, now: number): boolean =>
  isTold && Math.abs(value / now - 1) > WATER_AGREES
