import { lightWords } from '@jovrin/contract'
import { changeLamp, fluxOfTable, type AnsweredLamp, type MakerValue } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useState } from 'react'
import { RemoveIcon } from '../../../../ui/icons/RemoveIcon.js'
import { NumberField } from '../../../../ui/NumberField.js'
import { Grid } from '../../../../ui/QuestionGroup.js'
import { useUnits } from '../../../../ui/units.js'
import { useKeptState } from '../../../../ui/useKeptState.js'
import type { Desk } from '../../desk.js'

/** More than that from one lamp of this shape, and the shape is another. */
const STRAYS_MUCH = 0.12
const READABLE = (kept: unknown): readonly MakerValue[] | null => (Array.isArray(kept) ? (kept as readonly MakerValue[]) : null)

/** Flux of a lamp from what its maker prints. */
export function MakerTable({ desk, lamp }: { readonly desk: Desk; readonly lamp: AnsweredLamp }) {
  const units = useUnits()
  const [values, setValues] = useKeptState<readonly MakerValue[]>(`jovrin.maker.${desk.tankId}.${lamp.id}`, [], READABLE)
  const [belowCm, setBelow] = useState<number | null>(30)
  const [acrossCm, setAcross] = useState<number | null>(0)
  const [ppfd, setPpfd] = useState<number | null>(null)
  const fit = fluxOfTable(lamp, values)
  const text = lightWords
  return (
    <Box component="details" sx={{ fontSize: 14, mt: 0.5 }}>
      <summary>{text.makerTable}</summary>
      <Box sx={{ color: 'text.secondary' }}>{text.makerHint}</Box>
      {values.map((value, place) => (
        <Box key={place} className="figures" sx={{ display: 'flex', alignItems: 'center' }}>
          {text.makerRow(units.show('length', value.belowCm), units.show('length', value.acrossCm), units.show('ppfd', value.ppfd))}
          <Button
            variant="text"
            sx={{ minWidth: 26, p: 0 }}
            aria-label={text.makerRemove(String(place + 1))}
            onClick={() => setValues(values.filter((_, other) => other !== place))}
          >
            <RemoveIcon />
          </Button>
        </Box>
      ))}
      <Grid min={104}>
        <NumberField
          label={text.makerBelow}
          why={text.makerHint}
          dimension="length"
          value={belowCm}
          range={[3, 300]}
          canBeUnknown={false}
          onChange={setBelow}
        />
        <NumberField
          label={text.makerAcross}
          why={text.makerHint}
          dimension="length"
          value={acrossCm}
          range={[0, 200]}
          canBeUnknown={false}
          onChange={setAcross}
        />
        <NumberField label={text.makerPpfd} why={text.makerHint} dimension="ppfd" value={ppfd} range={[0.5, 5000]} onChange={setPpfd} />
      </Grid>
      <Button
        disabled={belowCm === null || acrossCm === null || ppfd === null}
        onClick={() => {
          if (belowCm === null || acrossCm === null || ppfd === null) return
          setValues([...values, { belowCm, alongCm: 0, acrossCm, ppfd }])
          setPpfd(null)
        }}
      >
        {text.makerAdd}
      </Button>
      {fit !== null && (
        <Box sx={{ mt: 0.5 }}>
          {(fit.strays ?? 0) > STRAYS_MUCH && (
            <Box sx={{ color: 'var(--algae)' }}>{text.makerStrays(units.show('fraction', fit.strays ?? 0, 2))}</Box>
          )}
          <Button onClick={() => desk.change((now) => changeLamp(now, lamp.id, { fluxUmolPerS: Number(fit.fluxUmolPerS.toPrecision(3)) }))}>
            {text.makerTake(units.show('photonFlux', fit.fluxUmolPerS, 3))}
          </Button>
        </Box>
      )}
    </Box>
  )
}
