import { waterSheetWords } from '@jovrin/contract'
import { changesNeeded, dilutedMgPerL } from '@jovrin/core'
import { Box } from '@mui/material'
import { NumberField } from '../../../../../ui/NumberField.js'
import { Grid } from '../../../../../ui/QuestionGroup.js'
import { useKeptState } from '../../../../../ui/useKeptState.js'
import { significant, useUnits } from '../../../../../ui/units.js'
import { Heading } from '../../light/LampsPanel.js'

interface Asked {
  readonly start: number
  readonly limit: number
  readonly inNew: number
  readonly fraction: number
}
const USUAL: Asked = { start: 40, limit: 10, inNew: 5, fraction: 0.5 }
const readKept = (kept: unknown): Asked | null => {
  const { start, limit, inNew, fraction } = (kept ?? {}) as Partial<Asked>
  return [start, limit, inNew, fraction].every((one) => typeof one === 'number' && one >= 0) ? (kept as Asked) : null // each was looked at
}

/** How many changes bring a level down to a limit. */
export function Dilution({ tankId }: { readonly tankId: string }) {
  const text = waterSheetWords
  const units = useUnits()
  const [asked, ask] = useKeptState<Asked>(`jovrin.dilution.${tankId}`, USUAL, readKept)
  const { start, limit, inNew, fraction } = asked
  const changes = changesNeeded({ startMgPerL: start, limitMgPerL: limit, sourceMgPerL: inNew, fraction })
  const end =
    changes === null ? '' : units.show('concentration', dilutedMgPerL({ startMgPerL: start, sourceMgPerL: inNew, fraction, changes }), 2)
  const field = (key: 'start' | 'limit' | 'inNew', label: string) => (
    <NumberField
      label={label}
      why={text.plain}
      dimension="concentration"
      range={[0, 100_000]}
      canBeUnknown={false}
      value={asked[key]}
      onChange={(value) => value !== null && ask({ ...asked, [key]: value })}
    />
  )
  return (
    <section aria-labelledby="water-dilution">
      <Heading id="water-dilution">{text.dilution}</Heading>
      <Box sx={{ display: 'grid', gap: 0.75, fontSize: 14 }}>
        <Box sx={{ color: 'text.secondary' }}>{text.dilutionWhy}</Box>
        <Grid min={100}>
          {field('start', text.start)}
          {field('limit', text.limit)}
          {field('inNew', text.inNew)}
          <NumberField
            label={text.each}
            why={text.fractionWhy}
            dimension="fraction"
            range={[0.01, 0.99]}
            canBeUnknown={false}
            value={fraction}
            onChange={(value) => value !== null && ask({ ...asked, fraction: value })}
          />
        </Grid>
        <Box role="status">
          <strong>
            {changes === null
              ? text.dilutionNever
              : changes === 0
                ? text.dilutionDone
                : changes === 1
                  ? text.dilutionOne(end)
                  : text.dilutionTold(significant(changes), end)}
          </strong>
        </Box>
        {changes !== null && changes > 1 && <div>{text.dilutionAnimals}</div>}
      </Box>
    </section>
  )
}
